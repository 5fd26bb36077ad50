import type { Schemas } from '../../api/client';
import { Button } from '../../ui/Button';

/** First-time codes, to be handed out on paper: each opens its account once and is shown this one time. */
export function Codes({ added }: { added: Schemas['Invited'][] }) {
  return (
    <div role="status" className="to-print rounded-slip bg-larch-wash p-4">
      <p className="font-semibold">Hand these codes out now: they are shown this one time, and each opens its account once.</p>
      <table className="mt-2">
        <tbody>
          {added.map((a) => (
            <tr key={a.id} className="border-t border-dashed border-edge">
              <th scope="row" className="py-1.5 pr-6 text-left font-normal">{a.name}</th>
              <td className="pr-6">signs in as {a.username}</td>
              <td className="font-mono">{a.code}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <Button className="mt-3 print:hidden" onClick={() => window.print()}>
        Print them, to be cut apart
      </Button>
    </div>
  );
}
