import type { KeyboardEvent, ReactNode } from 'react';
import { type Scene, SceneView } from '../../../figures/SceneView';
import { Button } from '../../../ui/Button';
import { moved, nearest } from './ticks';

type Props = {
  scene: Scene;
  /** Of the line and what is on it. */
  name: string;
  describedBy: string;
  /** Id of the tick that is marked. */
  tick: string;
  onTick: (id: string) => void;
  onEnter: () => void;
  children: ReactNode;
};

/** A number line whose ticks are chosen by pointer, by arrow keys or by buttons. */
export function TickLine({ scene, name, describedBy, tick, onTick, onEnter, children }: Props) {
  const at = scene.spots.findIndex((spot) => spot.id === tick);
  const go = (key: string) => {
    const to = moved(scene, at, key);
    if (to !== undefined) {
      onTick(to.id);
    }
    return to !== undefined;
  };
  const onKey = (event: KeyboardEvent) => {
    if (go(event.key)) {
      event.preventDefault();
    } else if (event.key === 'Enter') {
      event.preventDefault();
      onEnter();
    }
  };
  const touch = (x: number) => {
    const spot = nearest(scene, x);
    if (spot !== undefined) {
      onTick(spot.id);
    }
  };
  return (
    <>
      {/* oxlint-disable-next-line jsx-a11y/no-noninteractive-element-interactions -- arrow keys move the mark */}
      <div
        role="application"
        // oxlint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- an application takes keys
        tabIndex={0}
        data-answer
        aria-label={name}
        aria-describedby={describedBy}
        onKeyDown={onKey}
        className="w-full max-w-[32rem]"
      >
        <SceneView scene={scene} onTouch={touch}>
          {children}
        </SceneView>
      </div>
      <div role="group" aria-label="Move by one tick" className="hidden gap-2 pointer-coarse:flex">
        <Button aria-label="left" onClick={() => go('ArrowLeft')}>
          <span aria-hidden="true">←</span>
        </Button>
        <Button aria-label="right" onClick={() => go('ArrowRight')}>
          <span aria-hidden="true">→</span>
        </Button>
      </div>
    </>
  );
}
