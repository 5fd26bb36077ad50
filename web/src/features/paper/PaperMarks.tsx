import { Link } from 'react-router';
import { ScaleFields } from './ScaleFields';
import { marksOf, rowsOf, stageOf } from './stages';
import { useShelf } from './usePaper';

/** Marks that students gave to their own work on paper, for the instructor, and the words of the class for them. */
export function PaperMarks() {
  const shelf = useShelf();
  const marked = (shelf.data?.sheets ?? []).flatMap((sheet) =>
    rowsOf(sheet).flatMap(({ code, student, done }) =>
      done?.have === undefined ? [] : [{ sheet, code, student, done }],
    ),
  );
  return (
    <section aria-label="Marked on paper" className="grid justify-items-start gap-3">
      <h2 className="font-serif text-2xl font-bold">Marked on paper</h2>
      <p className="text-soft">
        Marks that students gave to their own work. They stand beside the marks above and are no part of their mean.
      </p>
      {marked.length === 0 ? (
        <p>
          Nobody has marked a sheet yet. <Link to="/paper">Sheets are made under Paper</Link>.
        </p>
      ) : (
        <table className="border-collapse text-left">
          <thead>
            <tr className="text-sm text-soft">
              <th className="pr-6 font-normal">Student</th>
              <th className="pr-6 font-normal">Sheet</th>
              <th className="pr-6 font-normal">Marks</th>
              <th className="font-normal">Where they stand</th>
            </tr>
          </thead>
          <tbody>
            {marked.map(({ sheet, code, student, done }) => (
              <tr key={`${code} ${student}`} className="border-t border-rule">
                <th scope="row" className="py-1 pr-6 font-normal">
                  <Link to={`/paper/${code}/${done.studentId}`}>{student}</Link>
                </th>
                <td className="pr-6">{sheet.title}</td>
                <td className="pr-6">{marksOf(done)}</td>
                <td>{stageOf(done, sheet.items)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <ScaleFields />
    </section>
  );
}
