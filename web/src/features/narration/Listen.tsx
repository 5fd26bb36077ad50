import type { Line } from './narration';
import { useNarrate } from './NarratorContext';

/** A small button that reads something aloud. @param what names it for those who do not see where it stands */
export function Listen({ what, lines }: { what: string; lines: Line[] }) {
  const narrate = useNarrate();
  return (
    <button
      type="button"
      aria-label={`Listen to ${what}`}
      title={`Listen to ${what}`}
      className="inline-grid size-8 shrink-0 cursor-pointer place-items-center rounded-slip border border-transparent text-glacier hover:border-edge"
      onClick={() => narrate({ title: what, lines })}
    >
      <svg
        viewBox="0 0 24 24"
        className="size-5"
        fill="none"
        stroke="currentColor"
        strokeWidth="2"
        strokeLinecap="round"
        strokeLinejoin="round"
        aria-hidden="true"
      >
        <path d="M4 10v4h4l5 4V6L8 10Z" fill="currentColor" />
        <path d="M16.5 9a4 4 0 0 1 0 6M19 6.5a8 8 0 0 1 0 11" />
      </svg>
    </button>
  );
}
