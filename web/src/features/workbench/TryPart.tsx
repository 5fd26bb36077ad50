import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { Button } from '../../ui/Button';
import { RichText } from '../../ui/RichText';
import { PartFields } from '../practice/fields/PartFields';
import { Told } from '../practice/Told';
import { useTry } from './useWorkbench';

type Place = { id: string; tier: number; seed: number; part: number };

/** A part to be tried by its author; what would be said to a student is said. Nothing is counted. */
export function TryPart({ part, place }: { part: Schemas['PartView']; place: Place }) {
  const [entries, setEntries] = useState<Record<string, string>>({});
  const tried = useTry(place.id, place.tier, place.seed, place.part);
  const check = () => tried.mutate(entries);
  return (
    <section aria-label={`Part ${place.part + 1}`} className="grid gap-3 border-l-2 border-rule pl-4">
      <p className="text-lg leading-snug">
        <RichText text={part.prompt} />
      </p>
      <PartFields
        part={part}
        entries={entries}
        onChange={(id, value) => {
          tried.reset();
          setEntries((now) => ({ ...now, [id]: value }));
        }}
        onEnter={check}
      />
      <div aria-live="polite" className="grid gap-2">
        <Told part={part} said={tried.data?.feedback ?? []} />
        {tried.isError && <p role="alert">{tried.error.message}</p>}
      </div>
      <Button className="w-fit" onClick={check} disabled={tried.isPending}>
        Check
      </Button>
    </section>
  );
}
