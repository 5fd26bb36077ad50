import type { Schemas } from '../../api/client';

/** The open scheme: what every step gives, what is there, and what the next thing to do would add. */
export function PointsTable({ points }: { points: Schemas['PointsView'] }) {
  return (
    <table className="w-full border-collapse">
      <caption className="pb-1 text-left font-serif text-lg font-semibold">
        Points: {points.have} of {points.most}
      </caption>
      <thead className="sr-only">
        <tr>
          <th scope="col">For what</th>
          <th scope="col">Points</th>
          <th scope="col">What would add to it</th>
        </tr>
      </thead>
      <tbody>
        {points.rows.map((row) => (
          <tr key={row.what} className="border-t border-rule align-top">
            <th scope="row" className="py-1.5 pr-3 text-left font-normal">
              {row.what}
              <span className="block text-sm text-soft">{row.adds}</span>
            </th>
            <td className="py-1.5 text-right whitespace-nowrap">
              <strong>{row.have}</strong> of {row.most}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
