import type { Schemas } from '../../api/client';
import { flaggedNow } from './useRoundItem';

type Item = Schemas['RunningItem'];

/** All items of the round: which have an answer, which are marked to come back to. */
export function Overview({
  items,
  at,
  answered,
  onGo,
}: {
  items: Item[];
  at: number;
  answered: (item: Item) => boolean;
  onGo: (to: number) => void;
}) {
  const done = items.filter(answered).length;
  return (
    <nav
      aria-label="Items of the round"
      className="flex flex-wrap items-center gap-2 border-b border-rule bg-leaf px-6 py-2"
    >
      {items.map((item, i) => (
        <button
          key={item.slot}
          type="button"
          aria-current={i === at}
          aria-label={`Item ${i + 1}, ${answered(item) ? 'answered' : 'empty'}${flaggedNow(item) ? ', marked to come back to' : ''}`}
          className="relative inline-grid size-10 cursor-pointer place-items-center rounded border border-edge bg-paper aria-[current=true]:border-2 aria-[current=true]:border-ink aria-[current=true]:font-bold"
          onClick={() => onGo(i)}
        >
          {i + 1}
          {answered(item) && (
            <span className="absolute inset-x-1 bottom-0.5 h-1 rounded bg-spruce forced-color-adjust-none forced-colors:bg-[Highlight]" />
          )}
          {flaggedNow(item) && (
            <svg viewBox="0 0 12 12" className="absolute -top-1 -right-1 size-4" aria-hidden="true">
              <path
                d="M2 12V1l9 3-9 3.5"
                fill="var(--color-larch-mark)"
                stroke="var(--color-larch-mark)"
                strokeLinejoin="round"
              />
            </svg>
          )}
        </button>
      ))}
      <span className="ml-2 text-sm text-soft">
        {done} of {items.length} answered
      </span>
    </nav>
  );
}
