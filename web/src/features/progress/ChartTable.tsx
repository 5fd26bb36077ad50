/** The numbers behind a chart. */
export function ChartTable({ head, rows }: { head: string[]; rows: (string | number)[][] }) {
  return (
    <details>
      <summary className="w-fit cursor-pointer text-glacier">The numbers</summary>
      <table className="mt-2 border-collapse text-sm">
        <thead>
          <tr>
            {head.map((cell) => (
              <th key={cell} scope="col" className="border-b border-edge py-1 pr-6 text-left">
                {cell}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row[0]} className="border-b border-rule">
              {row.map((cell, i) => (
                <td key={head[i]} className="py-1 pr-6">
                  {cell}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  );
}
