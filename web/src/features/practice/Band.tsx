import { Ridge } from './Ridge';
import type { View } from './usePractice';

function more(view: View): string {
  if (view.reached) {
    return 'Target reached';
  }
  return `at least ${view.forecast.atLeast} more right`;
}

function minutes(seconds: number): string {
  const whole = Math.round(seconds / 60);
  return whole === 1 ? '1 minute' : `${whole} minutes`;
}

/** The band across the top: the score, what the last item did to it, and the way ahead. */
export function Band({ view, table, onTable }: { view: View; table: boolean; onTable: () => void }) {
  const last = view.history.at(-1);
  return (
    <section aria-label="Score" className="border-b border-rule">
      <div className="grid grid-cols-[auto_1fr] items-center gap-x-6 px-6 py-1 lg:grid-cols-[auto_13rem_1fr_11rem]">
        <p className="font-serif text-5xl font-bold" aria-live="polite">
          <span className="sr-only">Score </span>
          {view.score}
        </p>
        <p className="text-[0.95rem] text-soft">
          {last === undefined ? 'No item is closed yet. Three kinds of ground: gentle, steady, steep.' : `${signed(last.change)}: ${last.why}`}
        </p>
        <div className="col-span-2 hidden h-26 md:block lg:col-span-1">
          <Ridge view={view} />
        </div>
        <div className="col-span-2 text-sm lg:col-span-1 lg:text-right">
          <p className="font-semibold">{more(view)}</p>
          <p className="text-soft">
            {view.history.length} answered, {minutes(view.secondsWorked)}
          </p>
          <button type="button" className="cursor-pointer rounded text-glacier underline" aria-expanded={table} onClick={onTable}>
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
    return <p className="px-6 pb-3 text-soft">The table fills with every item that you close.</p>;
  }
  return (
    <div className="max-h-56 overflow-auto px-6 pb-3">
      <table className="text-sm">
        <thead>
          <tr className="text-left">
            <th scope="col" className="pr-6">Item</th>
            <th scope="col" className="pr-6">Score</th>
            <th scope="col" className="pr-6">Change</th>
            <th scope="col">Why</th>
          </tr>
        </thead>
        <tbody>
          {view.history.map((p, i) => (
            // oxlint-disable-next-line react/no-array-index-key -- the history only grows
            <tr key={i}>
              <td>{i + 1}</td>
              <td>{p.score}</td>
              <td>{signed(p.change)}</td>
              <td>{p.why}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
