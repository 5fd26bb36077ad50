import { Button } from '../ui/Button';
import type { Done } from './useDeed';
import { useOutbox } from './useOutbox';

/**
 * Something was pressed and cannot be sent just now: that it is not lost, and the way back while there is one.
 *
 * @param what as in "The hint"
 */
export function Stuck({ what, done }: { what: string; done: Pick<Done, 'isStuck' | 'takeBack'> }) {
  const { standing, lasts } = useOutbox();
  if (!done.isStuck) {
    return null;
  }
  return (
    <p role="status" className="flex max-w-2xl flex-wrap items-center gap-3 rounded-slip bg-larch-wash px-3 py-2">
      <span>
        {what} waits {lasts ? 'on this device' : 'in this window, which must stay open'}, and is sent when{' '}
        {standing === 'signedOut' ? 'you have signed in again' : 'the connection is back'}.
      </span>
      {done.takeBack !== undefined && (
        <Button small onClick={done.takeBack}>
          Take it back
        </Button>
      )}
    </p>
  );
}
