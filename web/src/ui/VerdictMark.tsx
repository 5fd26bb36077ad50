export type Verdict = 'correct' | 'form' | 'incorrect' | 'unreadable';

const COLOURS: Record<Verdict, string> = {
  correct: 'text-spruce',
  form: 'text-larch-mark',
  incorrect: 'text-rust',
  unreadable: 'text-soft',
};

/** Solid triangle, half-filled triangle, open ring, dashed ring: the shape says it, the colour only helps. */
export function VerdictMark({ verdict }: { verdict: Verdict }) {
  return (
    <svg viewBox="0 0 24 24" className={`size-6 shrink-0 ${COLOURS[verdict]}`} aria-hidden="true">
      <Shape verdict={verdict} />
    </svg>
  );
}

function Shape({ verdict }: { verdict: Verdict }) {
  switch (verdict) {
    case 'correct':
      return <path d="M12 3 22 21H2Z" fill="currentColor" />;
    case 'form':
      return (
        <>
          <path d="M12 3 22 21H2Z" fill="none" stroke="currentColor" strokeWidth="2" strokeLinejoin="round" />
          <path d="M12 3V21H2Z" fill="currentColor" />
        </>
      );
    case 'incorrect':
      return <circle cx="12" cy="12" r="9" fill="none" stroke="currentColor" strokeWidth="3" />;
    case 'unreadable':
      return <circle cx="12" cy="12" r="9" fill="none" stroke="currentColor" strokeWidth="2.5" strokeDasharray="4 3" />;
    default: {
      const never: never = verdict;
      return never;
    }
  }
}
