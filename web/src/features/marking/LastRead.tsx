import { useEffect, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { Button } from '../../ui/Button';
import { type Marking } from './useMarking';

const UNDO_MS = 10_000;

/** What was just read, and the way back, for ten seconds. */
export function LastRead({ marking }: { marking: Marking }) {
  const { read, unread } = marking;
  const navigate = useNavigate();
  const [gone, setGone] = useState(0);
  const { isSuccess, submittedAt } = read;
  useEffect(() => {
    if (!isSuccess) {
      return undefined;
    }
    const timer = window.setTimeout(() => setGone(submittedAt), UNDO_MS);
    return () => window.clearTimeout(timer);
  }, [isSuccess, submittedAt]);
  if (!isSuccess || gone === submittedAt || read.variables === undefined) {
    return null;
  }
  const { itemId, credit } = read.variables;
  return (
    <p role="status" className="flex flex-wrap items-center gap-3 border-b border-rule bg-spruce-wash px-6 py-2">
      Read, with {credit === 100 ? 'full credit' : `${credit}% of the credit`}.{' '}
      <Link to={`/handed-in/${itemId}`}>Look at it again</Link>
      <Button
        small
        disabled={unread.isPending}
        onClick={() => {
          setGone(submittedAt);
          unread.mutate({ itemId });
          void navigate(`/handed-in/${itemId}`);
        }}
      >
        Undo
      </Button>
    </p>
  );
}
