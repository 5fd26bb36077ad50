import { type KeyboardEvent, type ReactNode, useState } from 'react';
import type { Schemas } from '../../api/client';
import { Button } from '../../ui/Button';
import { useWords } from '../../outbox/words';
import { newStrokeId, moved } from './strokes';
import { Surface } from './Surface';
import { Toolbar } from './Toolbar';
import { FIRST, type Settings } from './tools';
import { type Layer, useInk, useInkOf } from './useInk';

export type Paper = Schemas['Page']['paper'];

type Props = {
  itemId: string;
  /** In whose order the ink goes out. */
  place: string;
  /** The layer that is drawn on; the other one is only shown. */
  layer: Layer;
  paper: Paper;
  /** What lies under the ink, such as the item's figure. */
  under?: ReactNode;
  /** More controls, at the end of the tools. */
  children?: ReactNode;
};

/** A sheet to draw on, with pen, finger or mouse. */
export default function InkSheet(props: Props) {
  const ink = useInkOf(props.itemId);
  if (ink.shown !== undefined) {
    return <Sheet {...props} ink={ink.shown} />;
  }
  return ink.isError ? <p role="alert">{ink.error.message}</p> : <p className="text-soft">Opening the sheet.</p>;
}

function Sheet({ itemId, place, layer, paper, under, children, ink }: Props & { ink: Schemas['Ink'] }) {
  const [settings, setSettings] = useState<Settings>({ ...FIRST, colour: layer === 'marks' ? 'ORANGE' : 'BLACK' });
  const [chosen, setChosen] = useState<string[]>([]);
  const own = useInk(itemId, place, layer, ink[layer]);
  const { strokes } = own.sheet;
  const selected = strokes.filter((s) => chosen.includes(s.id));
  const remove = () => {
    own.change({ put: [], removed: selected.map((s) => s.id) });
    setChosen([]);
  };
  const double = () => {
    const copies = selected.map((s) => ({ ...moved(s, 20, 20), id: newStrokeId() }));
    own.change({ put: copies, removed: [] });
    setChosen(copies.map((s) => s.id));
  };
  const onKey = (event: KeyboardEvent) => {
    const command = event.ctrlKey || event.metaKey;
    const key = event.key.toLowerCase();
    if (command && (key === 'z' || key === 'y')) {
      event.preventDefault();
      (key === 'y' || event.shiftKey ? own.redo : own.undo)();
    } else if ((key === 'delete' || key === 'backspace') && selected.length > 0) {
      event.preventDefault();
      remove();
    } else if (key === 'escape') {
      setChosen([]);
    }
  };
  return (
    // oxlint-disable-next-line jsx-a11y/no-static-element-interactions -- keys for what was drawn last
    <div tabIndex={-1} className="grid gap-2 outline-none" onKeyDown={onKey} data-ink-strokes={strokes.length}>
      <Toolbar
        settings={settings}
        pens={ink.pens}
        canUndo={own.sheet.done.length > 0}
        canRedo={own.sheet.undone.length > 0}
        onChange={(changed) => {
          setSettings(changed);
          setChosen([]);
        }}
        onUndo={own.undo}
        onRedo={own.redo}
      />
      {selected.length > 0 && (
        <p className="flex flex-wrap items-center gap-2 text-sm">
          {selected.length === 1 ? 'One stroke chosen.' : `${selected.length} strokes chosen.`} Drag to move.
          <Button small onClick={double}>
            Copy
          </Button>
          <Button small onClick={remove}>
            Take away
          </Button>
        </p>
      )}
      <Surface
        strokes={strokes}
        others={layer === 'work' ? ink.marks : ink.work}
        othersAbove={layer === 'work'}
        inks={(colour) => ink.pens.find((p) => p.colour === colour)?.hex ?? ''}
        settings={settings}
        chosen={selected}
        paper={paper}
        under={under}
        onChoose={setChosen}
        onChange={own.change}
      />
      <div className="flex flex-wrap items-center justify-between gap-2 text-sm">
        {children}
        <span role="status" className="text-soft">
          {useWords('ink', own.state)}
        </span>
      </div>
    </div>
  );
}
