import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, type Schemas, taken } from '../../api/client';
import { Button } from '../../ui/Button';
import { Notice } from '../../ui/Notice';
import { TopBar } from '../../ui/TopBar';
import { VerdictMark } from '../../ui/VerdictMark';
import { OpenPart } from '../practice/OpenPart';

type Stop = Schemas['TourStop'];

/** A walk through every answer field, with the real fields and the real parser. Nothing is counted. */
export default function TourScreen() {
  const stops = useQuery({ queryKey: ['tour'], queryFn: () => taken(api.GET('/api/tour')), staleTime: Infinity });
  const [at, setAt] = useState(0);
  const [done, setDone] = useState<Set<string>>(new Set());
  const stop = stops.data?.[at];
  return (
    <div className="min-h-screen">
      <TopBar />
      <main className="mx-auto grid max-w-5xl gap-6 px-6 py-8 md:grid-cols-[14rem_1fr]">
        <header className="md:col-span-2">
          <h1 className="font-serif text-3xl font-bold">Entering answers</h1>
          <p className="mt-1 max-w-2xl text-soft">Try each kind once. What to enter is told, and below each field stands how it was read. Nothing counts here.</p>
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
          <Trial key={stop.id} stop={stop} last={at + 1 === stops.data?.length} onDone={() => setDone((before) => new Set(before).add(stop.id))} onNext={() => setAt(at + 1)} />
        )}
      </main>
    </div>
  );
}

function Trial({ stop, last, onDone, onNext }: { stop: Stop; last: boolean; onDone: () => void; onNext: () => void }) {
  const [entries, setEntries] = useState<Record<string, string>>({});
  const check = useMutation({
    mutationFn: () => taken(api.POST('/api/tour/{stopId}', { params: { path: { stopId: stop.id } }, body: { entries } })),
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
      {understood && !last && (
        <Button look="main" className="w-fit" onClick={onNext}>
          Understood. The next kind
        </Button>
      )}
      {understood && last && (
        <p role="status">
          That was the last one. <Link to="/due">To what is due</Link>
        </p>
      )}
    </section>
  );
}
