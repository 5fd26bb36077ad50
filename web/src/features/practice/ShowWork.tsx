import { useEffect, useRef } from 'react';
import { Stuck } from '../../outbox/Stuck';
import { Button } from '../../ui/Button';
import { focusPage } from '../../ui/focus';
import { useKeys } from '../../ui/useKeys';
import type { Practice } from './usePractice';

/**
 * All is right, and the work that goes with it is still to be shown. The item closes when there is some.
 *
 * @param picture whether a picture is what is asked for
 */
export function ShowWork({ practice, picture }: { practice: Practice; picture: boolean }) {
  const onward = useRef<HTMLButtonElement>(null);
  useEffect(() => onward.current?.focus({ preventScroll: true }), []);
  const { workShown } = practice;
  const show = () => !workShown.isPending && workShown.mutate(undefined);
  useKeys({ n: show });
  return (
    <section
      aria-label="Show your work"
      className="grid max-w-2xl gap-3 rounded-slip border-l-4 border-larch-mark bg-larch-wash p-4"
    >
      <p className="font-serif text-xl font-semibold">
        {picture ? 'Your words are in. Now the picture.' : 'Right. Now show how you got it.'}
      </p>
      <p>
        {picture
          ? 'Draw it on your page, or add a photo of one on paper. Your instructor reads both; then it counts.'
          : 'Write it on your page, draw it, or add a photo of your paper. Your instructor reads it; then the answer counts.'}
      </p>
      <span className="flex flex-wrap gap-3">
        <Button ref={onward} look="main" hint="N" onClick={show}>
          {picture ? 'Hand in my picture' : 'Hand in my work'}
        </Button>
        <Button hint="W" onClick={focusPage}>
          To my page
        </Button>
      </span>
      <Stuck what="Your work" done={workShown} />
      {workShown.isError && <p role="alert">{workShown.error.message}</p>}
    </section>
  );
}
