import { useState } from 'react';
import { Button } from '../../ui/Button';
import type { Refused } from './usePractice';

/**
 * Another window had gone on to this item already when something was sent for the one before: that it was not counted,
 * with what was typed.
 */
export function Overtaken({ refused, itemId }: { refused: Refused | undefined; itemId: string }) {
  const [read, setRead] = useState<Refused>();
  if (refused === undefined || refused === read || refused.status !== 409 || refused.itemId === itemId) {
    return null;
  }
  return (
    <p role="status" className="flex max-w-2xl flex-wrap items-center gap-3 rounded-slip bg-larch-wash px-3 py-2">
      <span>
        You had gone on to this item in another window.{' '}
        {refused.typed === '' ? (
          'What you pressed here was for the item before, and was not counted.'
        ) : (
          <>
            What you checked here was for the item before, and was not counted:{' '}
            <span className="font-mono">{refused.typed}</span>
          </>
        )}
      </span>
      <Button small onClick={() => setRead(refused)}>
        All right
      </Button>
    </p>
  );
}
