import { FixedSet } from './FixedSet';
import { onceRead } from './onceRead';
import { Ridge } from './Ridge';
import { RunSteps } from './RunSteps';
import type { View } from './usePractice';
import { ahead, row } from './ahead';

function more({ target, forecast }: View): string {
  if (target.reached) {
    return 'Target reached';
  }
  if (target.reachedWaiting) {
    return 'Reached, waiting to be read';
  }
  return target.steps.length > 0 ? `${forecast.atLeast} more to do` : `at least ${forecast.atLeast} more right`;
}

const BEFORE: Record<View['target']['kind'], string> = {
  SCORE: 'No item is finished yet. Items get harder as your score goes up.',
  RUN: 'No item is finished yet. Each right one is a step, two when the one before was right too.',
  SET: 'No item is finished yet. Missed ones come back at the end.',
};

const before = (target: View['target']) =>
  target.steps.length > 0
    ? 'Two situations, a little practice, then a quiz. A missed step comes again with other numbers.'
    : BEFORE[target.kind];

/** Where one stands, in the picture that fits the target. */
function Picture({ view }: { view: View }) {
  switch (view.target.kind) {
    case 'SCORE':
      return <Ridge view={view} />;
    case 'RUN':
      return <RunSteps view={view} />;
    case 'SET':
      return <FixedSet view={view} />;
    default: {
      const never: never = view.target.kind;
      return never;
    }
  }
}

function minutes(seconds: number): string {
  const whole = Math.round(seconds / 60);
  return whole === 1 ? '1 minute' : `${whole} minutes`;
}

/** The band across the top: the score, what the last item did to it, and the way ahead. */
export function Band({ view, table, onTable }: { view: View; table: boolean; onTable: () => void }) {
  const last = view.history.at(-1);
  /** Nothing is drawn yet: the place belongs to the item. */
  const isNew = view.history.length === 0 && view.target.kind === 'SCORE';
  return (
    <section aria-label="Where you stand" className="border-b border-rule">
      <div
        className={`grid grid-cols-[auto_1fr] items-center gap-x-5 px-6 py-0.5 ${isNew ? 'lg:grid-cols-[auto_1fr_auto]' : 'lg:grid-cols-[auto_16rem_1fr_13rem]'} [@media(max-height:30rem)]:lg:grid-cols-[auto_1fr_auto]`}
      >
        <p className={`font-serif font-bold ${isNew ? 'text-2xl' : 'text-4xl'} [@media(max-height:30rem)]:text-2xl`}>
          <span className="sr-only">
            {view.target.kind === 'SCORE' ? 'Score ' : view.target.kind === 'RUN' ? 'Steps ' : 'Right '}
          </span>
          {view.target.stands}
          {view.target.pagesWaiting > 0 && (
            <span className="block max-w-36 font-sans text-sm leading-tight font-normal text-soft">
              {onceRead(view.target)}
            </span>
          )}
          {view.target.kind !== 'SCORE' && (
            <span className="text-2xl font-normal text-soft">
              {' '}
              of {view.target.kind === 'RUN' ? view.target.flag : view.target.slots.length}
            </span>
          )}
        </p>
        <p className="text-[0.95rem] leading-snug text-soft">
          {last === undefined ? before(view.target) : `${signed(last.change)}: ${last.why}`}
        </p>
        {!isNew && (
          <div className="col-span-2 h-19 lg:col-span-1 [@media(max-height:30rem)]:hidden">
            <Picture view={view} />
          </div>
        )}
        <div
          className={`col-span-2 text-sm lg:col-span-1 lg:text-right ${isNew ? 'flex flex-wrap items-center gap-x-4' : ''} [@media(max-height:30rem)]:flex [@media(max-height:30rem)]:gap-x-4`}
        >
          <p className="font-semibold">{more(view)}</p>
          {!isNew && (
            <p className="md:hidden">{[ahead(view), view.target.kind === 'RUN' ? row(view) : ''].join(' ')}</p>
          )}
          <p className="text-soft">
            {view.history.length} answered, {minutes(view.secondsWorked)}{' '}
          </p>
          <button
            type="button"
            className="cursor-pointer rounded text-glacier underline"
            aria-expanded={table}
            onClick={onTable}
          >
            {table ? 'Hide numbers' : 'Show numbers (T)'}
          </button>
        </div>
      </div>
      {table && <Numbers view={view} />}
    </section>
  );
}

function signed(change: number): string {
  if (change === 0) {
    return 'No change';
  }
  return change > 0 ? `Up ${change}` : `Down ${-change}`;
}

/** The same as the ridge line, as a table. */
function Numbers({ view }: { view: View }) {
  if (view.history.length === 0) {
    return <p className="px-6 pb-3 text-soft">Each item that you finish adds a line here.</p>;
  }
  return (
    <div className="max-h-56 overflow-auto px-6 pb-3">
      <table className="text-sm">
        <thead>
          <tr className="text-left">
            <th scope="col" className="pr-6">
              Item
            </th>
            <th scope="col" className="pr-6">
              Stands
            </th>
            <th scope="col" className="pr-6">
              Change
            </th>
            <th scope="col">Why</th>
          </tr>
        </thead>
        <tbody>
          {view.history.map((p, i) => (
            // oxlint-disable-next-line react/no-array-index-key -- the history only grows
            <tr key={i}>
              <td>{i + 1}</td>
              <td>{p.stands}</td>
              <td>{signed(p.change)}</td>
              <td>{p.why}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
