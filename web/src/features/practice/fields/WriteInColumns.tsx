import { type KeyboardEvent, useRef } from 'react';
import { useJotting } from '../../../outbox/useJotting';
import { boxesOf, next, numberOf } from './columns';
import type { FieldProps } from './types';

type Props = FieldProps & { rows: string[][]; sign: string; points: boolean[] };

const CELL = 'size-10 text-center font-serif text-2xl';

/** What typing does: a digit leads to the column on its left, and the arrow keys walk. */
function useColumns({ value, onChange, onEnter, points }: Props) {
  const table = useRef<HTMLTableElement>(null);
  const boxes = boxesOf(value, points);
  const go = (column: number) => table.current?.querySelector<HTMLInputElement>(`[data-column="${column}"]`)?.focus();
  const write = (column: number, digit: string) => onChange(numberOf(boxes.with(column, digit), points));
  const onKey = (event: KeyboardEvent, column: number) => {
    const step = event.key === 'ArrowLeft' ? -1 : event.key === 'ArrowRight' ? 1 : 0;
    if (event.key === 'Enter') {
      event.preventDefault();
      onEnter();
    } else if (step !== 0) {
      event.preventDefault();
      go(next(points, column, step));
    } else if (/^\d$/.test(event.key) && !event.ctrlKey && !event.metaKey) {
      // The same digit once more changes no box, and still leads on.
      event.preventDefault();
      type(column, event.key);
    } else if (event.key === 'Backspace' && boxes[column] === '') {
      event.preventDefault();
      go(next(points, column, 1));
    }
  };
  const type = (column: number, text: string) => {
    const digit = text.replace(/\D/g, '').slice(-1);
    write(column, digit);
    if (digit !== '') {
      go(next(points, column, -1));
    }
  };
  return { table, boxes, type, onKey };
}

/** Digits to write below numbers, column by column from the right; above them is room for what is carried. */
export function WriteInColumns(props: Props) {
  const { field, disabled, rows, sign, points } = props;
  const { table, boxes, type, onKey } = useColumns(props);
  const last = points.length - 1;
  return (
    <div className="grid gap-2">
      <p className="text-sm text-soft">
        {field.label}
        {disabled ? '' : ': begin on the right. Above the numbers is room for what you carry; nobody checks it.'}
      </p>
      <table ref={table} className="w-fit border-collapse" aria-label={field.label}>
        <tbody>
          {!disabled && <Carried name={`carried/${rows.map((row) => row.join('')).join(sign)}`} points={points} />}
          {rows.map((row, i) => (
            // oxlint-disable-next-line react/no-array-index-key -- two numbers may be the same
            <tr key={i} className={i === rows.length - 1 ? 'border-b-2 border-ink' : ''}>
              <th scope="row" className={`${CELL} font-normal`}>
                {i === rows.length - 1 ? sign : ''}
              </th>
              {row.map((digit, column) => (
                // oxlint-disable-next-line react/no-array-index-key -- digits have no other name
                <td key={column} className={CELL}>
                  {digit}
                </td>
              ))}
            </tr>
          ))}
          <tr>
            <th scope="row">
              <span className="sr-only">{field.label}</span>
            </th>
            {points.map((isPoint, column) => (
              // oxlint-disable-next-line react/no-array-index-key -- columns have no other name
              <td key={column} className={`${CELL} pt-1`}>
                {isPoint ? (
                  '.'
                ) : disabled ? (
                  boxes[column]
                ) : (
                  <input
                    data-column={column}
                    {...(column === last && { 'data-answer': '' })}
                    aria-label={`${field.label}, column ${last - column + 1} from the right`}
                    inputMode="numeric"
                    autoComplete="off"
                    value={boxes[column]}
                    onChange={(event) => type(column, event.target.value)}
                    onKeyDown={(event) => onKey(event, column)}
                    onFocus={(event) => event.target.select()}
                    className="size-10 rounded border-2 border-ink bg-leaf text-center font-serif text-2xl"
                  />
                )}
              </td>
            ))}
          </tr>
        </tbody>
      </table>
    </div>
  );
}

/** Small digits above the numbers. They stay on this device. */
function Carried({ name, points }: { name: string; points: boolean[] }) {
  const [notes, setNotes] = useJotting(name);
  const digits = notes.split(',');
  const last = points.length - 1;
  return (
    <tr>
      <th scope="row">
        <span className="sr-only">Carried</span>
      </th>
      {points.map((isPoint, column) => (
        // oxlint-disable-next-line react/no-array-index-key -- columns have no other name
        <td key={column} className="text-center">
          {!isPoint && column < last && (
            <input
              aria-label={`Carried, column ${last - column + 1} from the right`}
              inputMode="numeric"
              autoComplete="off"
              maxLength={2}
              value={digits[column] ?? ''}
              onChange={(event) =>
                setNotes(
                  points
                    .map((_, i) => (i === column ? event.target.value.replace(/\D/g, '') : (digits[i] ?? '')))
                    .join(','),
                )
              }
              className="size-8 rounded border border-dashed border-edge bg-transparent text-center text-base text-soft"
            />
          )}
        </td>
      ))}
    </tr>
  );
}
