import { type KeyboardEvent, useRef } from 'react';
import type { Schemas } from '../../api/client';
import { MathField } from '../../math/MathField';
import { useReading } from '../../math/useReading';
import { Tex } from '../../ui/Tex';
import type { Action, Line } from './lines';
import { LineSays } from './LineSays';

type RowProps = {
  index: number;
  line: Line;
  letters: string[];
  view: Schemas['LineView'] | undefined;
  onAction: (action: Action, focus?: number) => void;
  onFocus: () => void;
};

/** What the keys do within a line. */
function actionOf(event: KeyboardEvent, index: number, line: Line): [Action, number] | null {
  if (event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
    const to = index + (event.key === 'ArrowUp' ? -1 : 1);
    return event.shiftKey ? [{ do: 'copy', at: index }, index + 1] : [{ do: 'move', at: index, to }, to];
  }
  if (event.altKey && event.key === 'Backspace') {
    return [{ do: 'strike', at: index }, index];
  }
  if (event.key === 'Enter') {
    return [{ do: 'enter', at: index }, index + 1];
  }
  return event.key === 'Backspace' && line.text === '' ? [{ do: 'remove', at: index }, Math.max(0, index - 1)] : null;
}

/** A line to write in, as text or in a math field, with what the server reads in it and what the check says of it. */
export function LineRow({ index, line, letters, view, onAction, onFocus }: RowProps) {
  const row = useRef<HTMLLIElement>(null);
  const reading = useReading('line', letters, line.math ? '' : line.text);
  const latex = !line.math && line.text.trim() !== '' && reading.data?.at === -1 ? reading.data.latex : '';
  const onKeyDown = (event: KeyboardEvent) => {
    const known = actionOf(event, index, line);
    if (known !== null) {
      event.preventDefault();
      onAction(known[0], known[1]);
    } else if (!line.math && !event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
      const lines = row.current?.parentElement?.querySelectorAll<HTMLElement>('[data-line]');
      lines?.[index + (event.key === 'ArrowUp' ? -1 : 1)]?.focus();
    }
  };
  const type = (text: string) => onAction({ do: 'type', at: index, text });
  return (
    // oxlint-disable-next-line jsx-a11y/no-noninteractive-element-interactions -- keys of the field inside
    <li
      ref={row}
      className={`grid min-h-[44px] grid-cols-[1.6rem_1fr_auto] items-center gap-2 ${line.struck ? 'opacity-60' : ''}`}
      onFocus={onFocus}
      onKeyDown={onKeyDown}
      onDragOver={(e) => e.preventDefault()}
      onDrop={(e) => {
        e.preventDefault();
        onAction({ do: 'move', at: Number(e.dataTransfer.getData('text/x-line')), to: index }, index);
      }}
    >
      <span
        draggable
        className="cursor-grab text-sm text-soft"
        title="Drag to another place"
        aria-hidden="true"
        onDragStart={(e) => e.dataTransfer.setData('text/x-line', String(index))}
      >
        {index + 1}
      </span>
      {line.math ? (
        <MathField
          id={`line-${line.id}`}
          label={`Line ${index + 1}`}
          kind="line"
          letters={letters}
          value={line.text}
          describedBy=""
          line
          onChange={type}
          onEnter={() => onAction({ do: 'enter', at: index }, index + 1)}
          onReady={() => {}}
          takesFocus
        />
      ) : (
        <input
          data-line
          aria-label={`Line ${index + 1}${line.struck ? ', struck through' : ''}`}
          className={`w-full border-b border-rule bg-leaf/70 px-1 py-1 font-serif text-lg focus:bg-leaf ${line.struck ? 'line-through' : ''}`}
          value={line.text}
          maxLength={500}
          autoComplete="off"
          autoCapitalize="none"
          spellCheck={false}
          placeholder={index === 0 ? 'a line of your work' : ''}
          onChange={(e) => type(e.target.value)}
        />
      )}
      <span className="max-w-48 overflow-hidden bg-leaf text-soft">{latex !== '' && <Tex latex={latex} />}</span>
      {view !== undefined && <LineSays view={view} />}
    </li>
  );
}
