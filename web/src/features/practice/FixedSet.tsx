import { onceRead } from './onceRead';
import type { View } from './usePractice';

type Mark = View['target']['slots'][number];

const WORDS: Record<Mark, string> = {
  OPEN: 'to do',
  RIGHT: 'right',
  AIDED: 'right with a hint, to be redone',
  MISSED: 'missed, to be redone',
};

/** A fixed set as a row of marks: what is right, what waits, what comes back. */
export function FixedSet({ view }: { view: View }) {
  const { target, forecast } = view;
  const open = view.item.outcome === undefined && forecast.ifRight > target.stands;
  const back = target.slots.filter((s) => s === 'MISSED' || s === 'AIDED').length;
  return (
    <div className="grid content-center gap-1">
      <ol className="flex flex-wrap gap-1.5">
        {target.slots.map((mark, i) => (
          // oxlint-disable-next-line react/no-array-index-key -- a place of the set is its index
          <li
            key={i}
            className={`grid size-9 place-items-center rounded-slip border ${target.steps[i]?.begins === true ? 'ml-3' : ''} ${i === target.slot ? 'border-2 border-ink bg-leaf' : 'border-rule'}`}
          >
            <span className="sr-only">
              {target.steps[i]?.name ?? `Item ${i + 1}`}: {WORDS[mark]}
              {i === target.slot ? ', here now' : ''}
            </span>
            <SlotMark mark={mark} />
          </li>
        ))}
      </ol>
      {target.steps.length > 0 ? (
        <LessonLine steps={target.steps.length} done={target.stands} />
      ) : (
        <p className="text-sm text-soft">
          {target.stands} right of {target.slots.length}
          {target.pagesWaiting > 0 && `, ${onceRead(target)}`}; {target.flag} are wanted.
          {open && ` This one right makes it ${forecast.ifRight}; missed takes nothing away.`}
          {back > 0 && ` ${back === 1 ? 'One comes' : `${back} come`} back with other numbers.`}
        </p>
      )}
    </div>
  );
}

function LessonLine({ steps, done }: { steps: number; done: number }) {
  return (
    <p className="text-sm text-soft">
      {done} of {steps} steps: two situations, practice, a quiz.
    </p>
  );
}

function SlotMark({ mark }: { mark: Mark }) {
  return (
    <svg viewBox="0 0 24 24" className="size-6" aria-hidden="true">
      {mark === 'RIGHT' && <path d="M12 4 21 20H3Z" fill="var(--color-spruce)" />}
      {mark === 'MISSED' && <circle cx="12" cy="12" r="7.5" fill="none" stroke="var(--color-rust)" strokeWidth="2.5" />}
      {mark === 'AIDED' && (
        <rect x="5" y="5" width="14" height="14" fill="none" stroke="var(--color-glacier)" strokeWidth="2.5" />
      )}
      {mark === 'OPEN' && <circle cx="12" cy="12" r="2" fill="var(--color-edge)" />}
    </svg>
  );
}
