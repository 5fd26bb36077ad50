import { useQuery } from '@tanstack/react-query';
import { api, type Schemas, taken } from '../../api/client';

type HistoryView = Schemas['HistoryView'];

/** What one did in other programs; nothing where there is nothing. */
export function OutsideHistory({ studentId }: { studentId?: string }) {
  const history = useQuery({
    queryKey: ['history', studentId ?? 'own'],
    queryFn: () =>
      studentId === undefined
        ? taken(api.GET('/api/exchange/history/own'))
        : taken(api.GET('/api/exchange/history/students/{id}', { params: { path: { id: studentId } } })),
  });
  if (history.data === undefined || history.data.all === 0) {
    return null;
  }
  return <Listed history={history.data} />;
}

function Listed({ history }: { history: HistoryView }) {
  const { deeds, all } = history;
  return (
    <section aria-labelledby="elsewhere" className="grid gap-2">
      <h2 id="elsewhere" className="font-serif text-xl font-semibold">
        Done elsewhere
      </h2>
      <p className="text-sm text-soft">
        Brought in from other programs, to be read: it changes no mark and no skill here.
        {all > deeds.length && ` The latest ${deeds.length} of ${all.toLocaleString('en-US')}.`}
      </p>
      {/* oxlint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- scrolled by keyboard */}
      <div className="max-h-96 overflow-auto" tabIndex={0} role="region" aria-label="What was done elsewhere">
        <table className="text-sm">
          <thead>
            <tr className="text-left text-soft">
              <th className="py-1 pr-4 font-normal">when</th>
              <th className="py-1 pr-4 font-normal">what</th>
              <th className="py-1 font-normal">how it went</th>
            </tr>
          </thead>
          <tbody>
            {deeds.map((deed) => (
              <tr key={deed.id} className="border-t border-rule">
                <td className="py-1 pr-4 whitespace-nowrap">{whenItWas(deed.at)}</td>
                <td className="py-1 pr-4">
                  {deed.verb}: {deed.title}
                </td>
                <td className="py-1">{howItWent(deed)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}

/** With its year: what is brought in may be old. */
export function whenItWas(at: string): string {
  return new Date(at).toLocaleDateString('en', { day: 'numeric', month: 'short', year: 'numeric' });
}

export function howItWent({ success, percent }: { success?: boolean; percent?: number }): string {
  const word = success === undefined ? '' : success ? '✓ done' : '✗ not yet';
  return [word, percent === undefined ? '' : `${percent}%`].filter((part) => part !== '').join(', ');
}
