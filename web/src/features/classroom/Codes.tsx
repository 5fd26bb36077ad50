import { Link } from 'react-router';
import { Button } from '../../ui/Button';
import { Notice } from '../../ui/Notice';
import { TopBar } from '../../ui/TopBar';
import { useCodes } from './useClass';

/**
 * First-time codes, to be cut apart and handed out: each opens its account once, and is shown here until then. On paper
 * there is nothing else.
 */
export default function CodesScreen() {
  const codes = useCodes();
  return (
    <div className="min-h-screen">
      <div className="print:hidden">
        <TopBar />
      </div>
      <main className="page gap-4 print:max-w-none print:p-0">
        <header className="print:hidden">
          <p>
            <Link to="/class">The class</Link>
          </p>
          <h1 className="font-serif text-3xl font-bold">Codes to hand out</h1>
          <p className="text-soft">
            Each code goes into the field Password, once. It stays on this page until it has been used.
          </p>
        </header>
        {codes.isPending && <Notice title="Looking up the codes." />}
        {codes.isError && <Notice title="This could not be loaded.">{codes.error.message}</Notice>}
        {codes.data?.length === 0 && (
          <Notice title="Every code has been used.">When you add students, or make a new code, it stands here.</Notice>
        )}
        {codes.data !== undefined && codes.data.length > 0 && (
          <>
            <Button look="main" className="w-fit print:hidden" onClick={() => window.print()}>
              Print them, to be cut apart
            </Button>
            <ul className="grid gap-0 sm:grid-cols-2 print:grid-cols-2">
              {codes.data.map((c) => (
                <li key={c.id} className="break-inside-avoid border border-dashed border-edge p-4">
                  <p className="font-semibold">{c.name}</p>
                  <p>
                    Name: <span className="font-mono">{c.username}</span>
                  </p>
                  <p>
                    Password, for the first time: <strong className="font-mono whitespace-nowrap">{c.code}</strong>
                  </p>
                </li>
              ))}
            </ul>
          </>
        )}
      </main>
    </div>
  );
}
