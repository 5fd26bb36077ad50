import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, type Schemas, taken } from '../../api/client';
import { Button } from '../../ui/Button';
import { Notice } from '../../ui/Notice';
import { TopBar } from '../../ui/TopBar';
import { VerdictMark } from '../../ui/VerdictMark';
import { OpenPart } from '../practice/OpenPart';
import { keepTried, triedKinds } from './marks';

type Stop = Schemas['TourStop'];

/** A walk through every answer field, with the real fields and the real parser. Nothing is counted. */
export default function TourScreen() {
  const stops = useQuery({ queryKey: ['tour'], queryFn: () => taken(api.GET('/api/tour')), staleTime: Infinity });
  const [at, setAt] = useState(0);
  const [done, setDone] = useState(triedKinds);
  const stop = stops.data?.[at];
  const tried = (id: string) => {
    const next = new Set(done).add(id);
    setDone(next);
    keepTried(next);
  };
  return (
    <div className="min-h-screen">
      <TopBar />
      <main className="page gap-6 md:grid-cols-[14rem_1fr]">
        <header className="md:col-span-2">
          <h1 className="font-serif text-3xl font-bold">Entering answers</h1>
          <p className="mt-1 max-w-2xl text-soft">
            Try each kind of answer once. You are told what to enter, and below the field you see how it was read.
            Nothing counts here.
          </p>
        </header>
        {stops.isError && <Notice title="This could not be loaded.">{stops.error.message}</Notice>}
        <nav aria-label="Kinds of answers">
          <ol className="grid gap-1">
            {stops.data?.map((s, i) => (
              <li key={s.id}>
                <button
                  type="button"
                  aria-current={i === at}
                  className="flex w-full cursor-pointer items-center gap-2 rounded-slip px-2 py-1 text-left aria-[current=true]:bg-spruce-wash aria-[current=true]:font-semibold"
                  onClick={() => setAt(i)}
                >
                  <span className="size-6">{done.has(s.id) && <VerdictMark verdict="correct" />}</span>
                  {s.title}
                  {done.has(s.id) && <span className="sr-only">, done</span>}
                </button>
              </li>
            ))}
          </ol>
        </nav>
        {stop !== undefined && (
          <Trial
            key={stop.id}
            stop={stop}
            left={stops.data?.filter((s) => s.id !== stop.id && !done.has(s.id)).length ?? 0}
            onDone={() => tried(stop.id)}
            onNext={() => setAt(nextOf(stops.data ?? [], at, done))}
          />
        )}
      </main>
    </div>
  );
}

/** The next kind that was not tried yet, round to the first ones. */
function nextOf(stops: Stop[], at: number, done: Set<string>): number {
  const after = (i: number) => (at + 1 + i) % stops.length;
  return after(
    Math.max(
      0,
      stops.findIndex((_, i) => !done.has(stops[after(i)]?.id ?? '')),
    ),
  );
}

function Trial({ stop, left, onDone, onNext }: { stop: Stop; left: number; onDone: () => void; onNext: () => void }) {
  const [entries, setEntries] = useState<Record<string, string>>({});
  const check = useMutation({
    mutationFn: () =>
      taken(api.POST('/api/tour/{stopId}', { params: { path: { stopId: stop.id } }, body: { entries } })),
    onSuccess: (answer) => answer.feedback.every((f) => f.verdict === 'correct') && onDone(),
  });
  const understood = check.data?.feedback.every((f) => f.verdict === 'correct') === true;
  return (
    <section aria-label={stop.title} className="grid content-start gap-4">
      <OpenPart
        part={{ ...stop.part, hints: [], triesAllowed: 0 }}
        entries={entries}
        unread={check.data?.feedback ?? []}
        repeated={false}
        conflict={undefined}
        busy={check.isPending}
        onChange={(id, value) => {
          setEntries((now) => ({ ...now, [id]: value }));
          check.reset();
        }}
        onCheck={() => check.mutate()}
      />
      {check.isError && <p role="alert">{check.error.message}</p>}
      <ul className="max-w-2xl list-disc rounded-slip bg-glacier-wash p-4 pl-8">
        {stop.part.hints.map((how) => (
          <li key={how}>{how}</li>
        ))}
      </ul>
      {understood && left > 0 && (
        <Button look="main" className="w-fit" onClick={onNext}>
          Understood. The next kind
        </Button>
      )}
      {understood && left === 0 && (
        <p role="status">
          You have tried every kind. <Link to="/due">To what is due</Link>
        </p>
      )}
    </section>
  );
}
