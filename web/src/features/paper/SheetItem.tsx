import { Link } from 'react-router';
import { AskFirst } from '../../ui/AskFirst';
import { day } from '../../ui/dates';
import { marksOf, rowsOf, stageOf } from './stages';
import type { Sheet, useSheets } from './usePaper';

type Props = { sheet: Sheet; hand: ReturnType<typeof useSheets>; teaches: boolean };

/** A sheet with its copies: to print, to work with, and how far each student is. */
export function SheetItem({ sheet, hand, teaches }: Props) {
  const only = sheet.copies.length === 1 ? sheet.copies[0] : undefined;
  const files = only === undefined ? `/api/paper/${sheet.id}` : `/api/paper/copies/${only.code}`;
  return (
    <li className="grid gap-2 rounded-slip border border-rule bg-leaf p-4" data-sheet={sheet.title}>
      <div className="flex flex-wrap items-baseline justify-between gap-x-6">
        <h2 className="font-serif text-lg font-semibold">{sheet.title}</h2>
        <span className="text-soft">
          {sheet.items === 1 ? '1 item' : `${sheet.items} items`}
          {only !== undefined && `, ${only.most === 1 ? '1 mark' : `${only.most} marks`}`} · made on {day(sheet.madeAt)}{' '}
          by {sheet.madeBy}
        </span>
      </div>
      <p className="flex flex-wrap items-center gap-x-5 gap-y-1">
        <a href={`${files}/${only === undefined ? 'sheets' : 'sheet'}.pdf`}>
          {only === undefined ? `Print all ${sheet.copies.length} (PDF)` : 'Print it (PDF)'}
        </a>
        {(teaches || only?.done.some((d) => d.stage !== 'OPENED') === true) && (
          <a href={`${files}/solutions.pdf`}>Solutions (PDF)</a>
        )}
        {only !== undefined && (
          <span>
            Code <strong className="tracking-wider uppercase">{only.code}</strong>
          </span>
        )}
        {!teaches && only !== undefined && <OwnWay sheet={sheet} code={only.code} />}
        {sheet.removable && (
          <AskFirst
            name="Take it away"
            words="The sheet and its codes are gone for good. Nobody has begun it."
            yes="Yes, take it away"
            disabled={hand.remove.isPending}
            onYes={() => hand.remove.mutate(sheet.id)}
          />
        )}
      </p>
      {teaches && <Progress sheet={sheet} />}
    </li>
  );
}

/** Where a student goes on with a sheet. */
function OwnWay({ sheet, code }: { sheet: Sheet; code: string }) {
  const done = sheet.copies[0]?.done[0];
  return (
    <>
      <Link to={`/paper/${code}`}>{done === undefined ? 'I have the paper here' : 'Go on'}</Link>
      {done !== undefined && (
        <span className="text-soft">
          {[stageOf(done, sheet.items), marksOf(done)].filter((t) => t !== '').join(': ')}
        </span>
      )}
    </>
  );
}

/** How many came back with it, of those who have one by name. */
function backWords({ copies }: Sheet, rows: ReturnType<typeof rowsOf>): string {
  const back = rows.filter(({ done }) => done !== undefined).length;
  return copies.some((copy) => copy.student !== undefined)
    ? `${back} of ${rows.length} came back with it`
    : `${back === 1 ? 'One student' : `${back} students`} came back with it`;
}

/** How far everybody is who has a copy, one line a student. */
function Progress({ sheet }: { sheet: Sheet }) {
  const rows = rowsOf(sheet);
  // The one code of a sheet for all stands above.
  const coded = sheet.copies.length > 1;
  return rows.length === 0 ? (
    <p className="text-sm text-soft">Nobody has entered the code yet.</p>
  ) : (
    <details open={rows.some(({ done }) => done?.stage === 'MARKED')}>
      <summary className="w-fit cursor-pointer text-glacier">{backWords(sheet, rows)}</summary>
      <div className="overflow-x-auto">
        <table className="mt-1 w-full border-collapse text-left">
          <thead>
            <tr className="text-sm text-soft">
              <th className="pr-4 font-normal">Student</th>
              {coded && <th className="pr-4 font-normal">Code</th>}
              <th className="pr-4 font-normal">How far</th>
              <th className="pr-4 font-normal">Marks</th>
              <th className="font-normal">Typed in and right</th>
            </tr>
          </thead>
          <tbody>
            {rows.map(({ code, student, done }) => (
              <tr key={`${code} ${student}`} className="border-t border-rule">
                <th scope="row" className="py-1 pr-4 font-normal">
                  {done === undefined ? student : <Link to={`/paper/${code}/${done.studentId}`}>{student}</Link>}
                </th>
                {coded && <td className="pr-4 tracking-wider uppercase">{code}</td>}
                <td className="pr-4">{done === undefined ? 'not begun' : stageOf(done, sheet.items)}</td>
                <td className="pr-4">{done === undefined ? '' : marksOf(done)}</td>
                <td>{done === undefined ? '' : `${done.right} of ${sheet.items}`}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </details>
  );
}
