import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { api, taken } from '../../api/client';
import { Button } from '../../ui/Button';
import { RichText } from '../../ui/RichText';
import { Tex } from '../../ui/Tex';
import { source, type Track } from './narration';
import { usePlayer } from './usePlayer';

const RATES = [0.75, 1, 1.25, 1.5];

/** Reads a track aloud with captions, at the foot of the page. */
export default function Narrator({ track, onClose }: { track: Track; onClose: () => void }) {
  const spoken = useQuery({
    queryKey: ['speech', track.lines],
    queryFn: () => taken(api.POST('/api/speech', { body: { texts: track.lines.map(source) } })),
    staleTime: Infinity,
  });
  const player = usePlayer(spoken.data?.sentences);
  const first = useRef<HTMLButtonElement>(null);
  useEffect(() => first.current?.focus({ preventScroll: true }), []);
  const line = track.lines[Math.min(player.at, track.lines.length - 1)];
  const step = Math.min(player.at + 1, track.lines.length);
  return (
    <section
      aria-label={`Reading aloud: ${track.title}`}
      className="sticky bottom-0 z-10 grid gap-2 border-t-2 border-glacier bg-glacier-wash px-6 py-3"
    >
      <div className="mx-auto grid min-h-14 w-full max-w-4xl content-center text-lg" aria-live="polite" data-caption>
        {spoken.isPending && <p className="text-soft">Preparing the words.</p>}
        {spoken.isError && <p role="alert">{spoken.error.message}</p>}
        {spoken.isSuccess && line !== undefined && (
          <>
            <p>
              <RichText text={line.show.replace(/\{\{\w+\}\}/g, '____')} />
            </p>
            {line.math !== undefined && line.math !== '' && (
              <p className="font-serif text-xl">
                <Tex latex={line.math} />
              </p>
            )}
          </>
        )}
      </div>
      <div className="mx-auto flex w-full max-w-4xl flex-wrap items-center gap-2">
        <span className="mr-2 text-sm text-soft">
          {track.title}, {step} of {track.lines.length}
        </span>
        <Button onClick={() => player.go(-1)} disabled={player.at === 0}>
          Back
        </Button>
        <Button ref={first} look="main" onClick={player.toggle}>
          {player.done ? 'Play again' : player.playing ? 'Pause' : 'Play'}
        </Button>
        <Button onClick={() => player.go(1)} disabled={player.at >= track.lines.length - 1}>
          Next
        </Button>
        <label className="ml-2 flex items-center gap-2 text-sm">
          Pace
          <select
            className="rounded-slip border border-edge bg-leaf px-2 py-1"
            value={player.rate}
            onChange={(e) => player.setRate(Number(e.target.value))}
          >
            {RATES.map((rate) => (
              <option key={rate} value={rate}>
                {rate}
              </option>
            ))}
          </select>
        </label>
        <Button look="quiet" onClick={onClose}>
          Close
        </Button>
      </div>
    </section>
  );
}
