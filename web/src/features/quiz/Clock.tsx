import { useEffect, useRef, useState } from 'react';
import { Button } from '../../ui/Button';

const NOTICE_SECONDS = 5 * 60;

/** Seconds left, counted from what the server said last: the clock of this device has no say. */
function useLeft(secondsLeft: number, onOver: () => void): number {
  const [left, setLeft] = useState(secondsLeft);
  const over = useRef(onOver);
  useEffect(() => {
    over.current = onOver;
  });
  useEffect(() => {
    const from = performance.now();
    const tick = () => {
      const now = Math.max(0, Math.ceil(secondsLeft - (performance.now() - from) / 1000));
      setLeft(now);
      if (now === 0) {
        over.current();
      }
    };
    tick();
    const timer = window.setInterval(tick, 1000);
    return () => window.clearInterval(timer);
  }, [secondsLeft]);
  return left;
}

function words(left: number): string {
  return left < 60 ? `${left} seconds left` : left < 120 ? 'a minute left' : `${Math.floor(left / 60)} minutes left`;
}

/** The time that is left, calm, and hidden by whoever does not want to see it. */
export function Clock({ secondsLeft, seconds, onOver }: { secondsLeft: number; seconds: number; onOver: () => void }) {
  const left = useLeft(secondsLeft, onOver);
  const [hidden, setHidden] = useState(false);
  const late = left <= NOTICE_SECONDS && seconds > NOTICE_SECONDS;
  return (
    <span className="flex items-center gap-3">
      {hidden ? (
        <span className="text-soft">time hidden{late && ', the last five minutes'}</span>
      ) : (
        <>
          <svg viewBox="0 0 100 10" className="hidden h-2.5 w-24 sm:block" aria-hidden="true">
            <rect width="100" height="10" rx="3" fill="var(--color-rule)" />
            <rect width={(100 * left) / Math.max(1, seconds)} height="10" rx="3" fill="var(--color-glacier)" />
          </svg>
          <span data-time-left={left}>{words(left)}</span>
        </>
      )}
      <Button look="quiet" small onClick={() => setHidden(!hidden)}>
        {hidden ? 'Show the time' : 'Hide the time'}
      </Button>
      <span role="status" className="sr-only">
        {late ? 'The last five minutes have begun.' : ''}
      </span>
    </span>
  );
}
