import type { KeyboardEvent } from 'react';
import type { Schemas } from '../../../api/client';
import { SceneView } from '../../../figures/SceneView';
import { RichText } from '../../../ui/RichText';

type Props = {
  option: Schemas['ShownOption'];
  /** What it is, and what pressing it does. */
  name: string;
  disabled: boolean;
  onPress: () => void;
  onKey: (event: KeyboardEvent) => void;
};

/** One of the things to put in order, to press or to drag. */
export function OrderCard({ option, name, disabled, onPress, onKey }: Props) {
  return (
    <button
      type="button"
      draggable={!disabled}
      disabled={disabled}
      data-answer={disabled ? undefined : ''}
      data-option={option.id}
      aria-label={name}
      onClick={onPress}
      onKeyDown={onKey}
      onDragStart={(event) => event.dataTransfer.setData('text/plain', option.id)}
      className="min-h-11 w-full cursor-pointer rounded-slip border-2 border-edge bg-leaf px-3 py-1 text-lg disabled:cursor-default"
    >
      <Thing option={option} />
    </button>
  );
}

function Thing({ option }: { option: Schemas['ShownOption'] }) {
  return option.scene === undefined ? <RichText text={option.text} /> : <SceneView scene={option.scene} silent />;
}

type RightProps = { ids: string[]; options: Schemas['ShownOption'][]; spoken: Record<string, string> };

/** The right order, once it may be said. */
export function RightOrder({ ids, options, spoken }: RightProps) {
  return (
    <p data-right-answer aria-label={`The right order: ${ids.map((id) => spoken[id] ?? id).join(', ')}`}>
      The right order:{' '}
      <span className="inline-flex flex-wrap items-center gap-x-4 font-semibold text-spruce">
        {ids.map((id) => {
          const option = options.find((o) => o.id === id);
          return (
            option !== undefined && (
              <span key={id}>
                <Thing option={option} />
              </span>
            )
          );
        })}
      </span>
    </p>
  );
}
