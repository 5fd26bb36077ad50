import { useEffect, useRef } from 'react';
import { Stuck } from '../../outbox/Stuck';
import { Button } from '../../ui/Button';
import { useKeys } from '../../ui/useKeys';
import type { Practice } from './usePractice';

/** All is right, and the work that goes with it is still to be shown. The item closes when there is some. */
export function ShowWork({ practice }: { practice: Practice }) {
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
      <p className="font-serif text-xl font-semibold">Right. Now show how you got it.</p>
      <p>
        Write it on your page, draw it, or add a photo of your paper. Your instructor reads it; then the answer counts.
      </p>
      <span className="flex flex-wrap gap-3">
        <Button ref={onward} look="main" hint="N" onClick={show}>
          Hand in my work
        </Button>
        <Button hint="W" onClick={() => document.querySelector<HTMLElement>('[data-line]')?.focus()}>
          To my page
        </Button>
      </span>
      <Stuck what="Your work" done={workShown} />
      {workShown.isError && <p role="alert">{workShown.error.message}</p>}
    </section>
  );
}
