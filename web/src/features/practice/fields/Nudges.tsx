import { Button } from '../../../ui/Button';
import { MOVES } from './plotting';

const WAYS = [
  ['ArrowLeft', '←', 'left'],
  ['ArrowUp', '↑', 'up'],
  ['ArrowDown', '↓', 'down'],
  ['ArrowRight', '→', 'right'],
] as const;

/** The arrow keys for a finger: moves a point by one line of the grid, where a fingertip hides it. */
export function Nudges({ onMove }: { onMove: (move: [number, number]) => void }) {
  return (
    <div role="group" aria-label="Move the point by one" className="hidden gap-2 pointer-coarse:flex">
      {WAYS.map(([key, sign, word]) => (
        <Button key={key} onClick={() => onMove(MOVES[key] ?? [0, 0])}>
          <span aria-hidden="true">{sign}</span>
          <span className="sr-only">{word}</span>
        </Button>
      ))}
    </div>
  );
}
