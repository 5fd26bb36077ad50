import { Link } from 'react-router';
import { marksOf, stageOf } from './stages';
import { useShelf } from './usePaper';

/** Sheets that the student has come back with, for the book; nothing where there are none. */
export function OnPaper() {
  const begun = (useShelf().data?.sheets ?? []).flatMap((sheet) =>
    sheet.copies.flatMap((copy) => copy.done.map((done) => ({ sheet, copy, done }))),
  );
  return begun.length === 0 ? null : (
    <section aria-label="On paper">
      <h2 className="border-b border-rule pb-1 font-serif text-xl font-semibold">On paper</h2>
      <ul className="mt-2 grid gap-1">
        {begun.map(({ sheet, copy, done }) => (
          <li key={copy.code} className="flex flex-wrap gap-x-4">
            <Link to={`/paper/${copy.code}`}>{sheet.title}</Link>
            <span>{marksOf(done)}</span>
            <span className="text-soft">{stageOf(done, sheet.items)}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
