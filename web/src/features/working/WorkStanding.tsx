import type { ReactNode } from 'react';
import type { Schemas } from '../../api/client';
import { Button } from '../../ui/Button';

type State = Schemas['Page']['state'];

const MARKS: Record<State['kind'], ReactNode> = {
  None: null,
  Kept: null,
  HandedIn: <path d="M12 3a9 9 0 1 0 0 18 9 9 0 0 0 0-18Z M12 7v5l3 3" />,
  Read: <path d="m5 13 4 4L19 7" />,
  SentBack: <path d="M9 14 4 9l5-5M4 9h10a6 6 0 0 1 0 12h-3" />,
};

function creditWords(credit: number): string {
  return credit === 100 ? 'full credit' : credit === 0 ? 'no credit' : `${credit}% of the credit`;
}

/**
 * @param props.own whether the one who looks can still add to it
 * @param props.picture whether a picture with words is what is asked for
 */
function Says({ state, own, picture }: { state: State; own: boolean; picture: boolean }) {
  switch (state.kind) {
    case 'None':
      return (
        <>
          {own
            ? picture
              ? 'Draw your picture here, or add a photo of one. It goes to your instructor with your words.'
              : 'Show your work here: write, draw, or add a photo. It goes to your instructor when your answer is right.'
            : 'There is nothing on this page yet.'}
        </>
      );
    case 'Kept':
      return (
        <>
          {own
            ? picture
              ? 'Your page is kept. It goes to your instructor with your words, or when you hand it in.'
              : 'Your work is kept. It goes to your instructor when your answer is right, or when you hand it in.'
            : 'Not handed in yet.'}
        </>
      );
    case 'HandedIn':
      return <>Handed in. It waits to be read{own ? '; you can still add to it' : ''}.</>;
    case 'Read':
      return (
        <>
          Read by {state.by}: <strong>{creditWords(state.credit)}</strong>. {state.comment}
        </>
      );
    case 'SentBack':
      return (
        <>
          Sent back by {state.by}: {state.comment}
          {own && ' Add to it and hand it in again.'}
        </>
      );
    default: {
      const never: never = state;
      return never;
    }
  }
}

/** Where the work stands with the instructor; silent where nobody wants to see it. */
export function WorkStanding({
  state,
  required,
  own,
  picture = false,
  onHandIn,
  busy,
}: {
  state: State;
  required: boolean;
  own: boolean;
  picture?: boolean;
  onHandIn?: () => void;
  busy?: boolean;
}) {
  const quiet = !required && (state.kind === 'None' || state.kind === 'Kept');
  return quiet ? null : (
    <div
      className="mt-3 flex flex-wrap items-center gap-3 rounded-slip border-l-4 border-larch-mark bg-larch-wash p-3"
      data-work-state={state.kind}
    >
      {MARKS[state.kind] !== null && (
        <svg
          viewBox="0 0 24 24"
          className="size-6 shrink-0"
          fill="none"
          stroke="currentColor"
          strokeWidth="2.5"
          strokeLinecap="round"
          strokeLinejoin="round"
          aria-hidden="true"
        >
          {MARKS[state.kind]}
        </svg>
      )}
      <p className="flex-1">
        <Says state={state} own={own} picture={picture} />
      </p>
      {onHandIn !== undefined && (state.kind === 'Kept' || state.kind === 'SentBack') && (
        <Button look="main" disabled={busy} onClick={onHandIn}>
          Hand in
        </Button>
      )}
    </div>
  );
}
