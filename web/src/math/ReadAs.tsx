import { Refusal, type Schemas } from '../api/client';
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
      {!blank && reading.isError && <span>{laterOr(reading.error)}</span>}
      {!blank && reading.data !== undefined && <Understood reading={reading.data} />}
    </p>
  );
}

const NOT_SIGNED_IN = [401, 403];

/** When it will be read, where that is known; else what went wrong. */
function laterOr(error: Error): string {
  if (!(error instanceof Refusal)) {
    return error.message;
  }
  return error.offline
    ? '… when the connection is back'
    : NOT_SIGNED_IN.includes(error.status)
      ? '… when you have signed in again'
      : error.message;
}

/** What was typed, in plain signs, with the place marked where reading stopped. */
function Understood({ reading }: { reading: Schemas['ReadAs'] }) {
  if (reading.at < 0) {
    return (
      <span className="text-xl text-ink">
        <Tex latex={reading.latex} />
      </span>
    );
  }
  return (
    <span>
      <span className="font-mono">
        {reading.typed.before}
        <mark className="rounded-sm border-b-2 border-dashed border-larch bg-larch-wash px-0.5 text-ink">
          {reading.typed.at || '…'}
        </mark>
        {reading.typed.after}
      </span>{' '}
      {reading.message}
    </span>
  );
}
