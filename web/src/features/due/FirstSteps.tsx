import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { wasHere } from '../tour/marks';
import type { Schemas } from '../../api/client';

/**
 * What is not tied to an assignment and worth doing now: a check that is half done, a refresh, or the first steps of
 * all.
 */
export function FirstSteps({ started, check }: { started: boolean; check: Schemas['CheckView'] | undefined }) {
  const { running, due = [], history = [] } = check ?? {};
  if (check === undefined) {
    return null;
  }
  return (
    <>
      {running !== undefined && (
        <Slip>
          Your check is half done, {running.answered} of at most {running.most} items.{' '}
          <Link to="/check">Go on with the check</Link>.
        </Slip>
      )}
      {running === undefined && !started && (history.length === 0 || !wasHere()) && (
        <Slip>
          First time here?{' '}
          {!wasHere() && (
            <>
              <Link to="/entering">Try how answers are entered</Link>; it takes five minutes and nothing counts.{' '}
            </>
          )}
          {history.length === 0 && (
            <>
              <Link to="/check">Find out what you know already</Link>, so that you need not practise it.
            </>
          )}
        </Slip>
      )}
      {due.length > 0 && (
        <Slip>
          {due.length === 1 ? 'One skill is' : `${due.length} skills are`} due for a refresh.{' '}
          <Link to="/review">A mixed set</Link> takes a few minutes, and nothing can get worse by it.
        </Slip>
      )}
    </>
  );
}

function Slip({ children }: { children: ReactNode }) {
  return <p className="mb-3 rounded-slip bg-glacier-wash px-4 py-2 text-[0.95rem]">{children}</p>;
}
