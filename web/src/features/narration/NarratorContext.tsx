import { createContext, lazy, type ReactNode, Suspense, use, useMemo, useRef, useState } from 'react';
import type { Track } from './narration';

const Narrator = lazy(() => import('./Narrator'));

type Narrate = (track: Track) => void;
const NarrateContext = createContext<Narrate | null>(null);

/** Room for one voice at a time; what is read stands as captions at the foot of the page. */
export function NarratorRoom({ children }: { children: ReactNode }) {
  const [playing, setPlaying] = useState<{ track: Track; turn: number } | null>(null);
  const from = useRef<Element>(null);
  const narrate = useMemo<Narrate>(
    () => (track) => {
      from.current = document.activeElement;
      setPlaying((now) => ({ track, turn: (now?.turn ?? 0) + 1 }));
    },
    [],
  );
  /** Back to where it was asked for. */
  const close = () => {
    setPlaying(null);
    if (from.current instanceof HTMLElement && from.current.isConnected) {
      from.current.focus();
    }
  };
  return (
    <NarrateContext value={narrate}>
      {children}
      {playing !== null && (
        <Suspense>
          <Narrator key={playing.turn} track={playing.track} onClose={close} />
        </Suspense>
      )}
    </NarrateContext>
  );
}

/** Starts reading a track aloud. */
export function useNarrate(): Narrate {
  const narrate = use(NarrateContext);
  if (narrate === null) {
    throw new Error('no NarratorRoom around');
  }
  return narrate;
}
