import { Tex } from '../ui/Tex';
import { useReading } from './useReading';

/** The entry as it was understood, or the place where reading stopped. Always there, so that nothing jumps. */
export function ReadAs({ kind, letters, entry }: { kind: string; letters: string[]; entry: string }) {
  const reading = useReading(kind, letters, entry);
  const blank = entry.trim() === '';
  return (
    <p className="flex min-h-9 flex-wrap items-center gap-2 text-soft" aria-live="polite">
      <span>Read as</span>
      {blank && <span>nothing yet</span>}
      {!blank && reading.isError && <span>not now: {reading.error.message}</span>}
      {!blank && reading.data !== undefined && <Understood reading={reading.data} entry={entry} />}
    </p>
  );
}

function Understood({ reading, entry }: { reading: { latex: string; at: number; message: string }; entry: string }) {
  if (reading.at < 0) {
    return <Tex latex={reading.latex} />;
  }
  return (
    <span>
      <span className="font-mono">
        {entry.slice(0, reading.at)}
        <mark className="rounded-sm border-b-2 border-dashed border-larch bg-larch-wash px-0.5 text-ink">{entry.slice(reading.at, reading.at + 1) || '…'}</mark>
        {entry.slice(reading.at + 1)}
      </span>{' '}
      {reading.message}
    </span>
  );
}
