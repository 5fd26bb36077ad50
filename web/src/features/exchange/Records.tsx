import { BringHistory } from './BringHistory';
import { SendRecords } from './SendRecords';

/** What students did, as records for other programs, and from them. */
export function Records() {
  return (
    <section
      aria-label="Records for other programs"
      className="no-print grid gap-4 rounded-slip border border-rule bg-leaf p-5"
    >
      <div className="grid gap-1">
        <h2 className="font-serif text-xl font-semibold">Records for other programs, and from them</h2>
        <p className="text-sm text-soft">
          Statements (xAPI 1.0.3) say who did what and when: answers, hints, scores, skills reached.{' '}
          <a href="/api/exchange/statements.jsonl" download>
            Take those of this class along
          </a>
          , a line each.
        </p>
      </div>
      <SendRecords />
      <div className="grid gap-1 border-t border-rule pt-3">
        <p className="text-sm text-soft">
          What students did elsewhere can be brought in, to be read on their pages. It changes no mark and no skill
          here. You see what will come in before it does, and you can undo it for a day.
        </p>
        <BringHistory />
      </div>
    </section>
  );
}
