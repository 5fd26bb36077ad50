import type { SetView } from './useReview';

type Place = SetView['places'][number];

function words({ outcome }: Place): string {
  switch (outcome) {
    case undefined:
      return 'to come';
    case 'UNAIDED_FIRST':
    case 'UNAIDED_LATER':
      return 'right';
    case 'AIDED':
      return 'right with a hint';
    case 'MISSED':
      return 'missed';
    default: {
      const never: never = outcome;
      return never;
    }
  }
}

/** The way through a mixed set: a trail with one post a skill. */
export function SetMarks({ set }: { set: SetView }) {
  return (
    <ol className="flex flex-wrap items-center" aria-label="The set">
      {set.places.map((place, i) => (
        <li key={place.skillId} title={`${place.skill}: ${words(place)}`} className="flex items-center">
          {i > 0 && <span className="w-4 border-t-2 border-dotted border-edge" aria-hidden="true" />}
          <svg
            viewBox="0 0 24 24"
            className={`size-8 rounded-slip border p-0.5 ${i === set.current ? 'border-2 border-ink bg-leaf' : 'border-transparent'}`}
            aria-hidden="true"
          >
            <Post place={place} />
          </svg>
          <span className="sr-only">
            {place.skill}: {words(place)}
            {i === set.current && ', here now'}
          </span>
        </li>
      ))}
    </ol>
  );
}

function Post({ place }: { place: Place }) {
  switch (words(place)) {
    case 'right':
      return <path d="M12 4 21 20H3Z" fill="var(--color-spruce)" />;
    case 'missed':
      return <circle cx="12" cy="12" r="7.5" fill="none" stroke="var(--color-rust)" strokeWidth="2.5" />;
    case 'right with a hint':
      return <rect x="5" y="5" width="14" height="14" fill="none" stroke="var(--color-glacier)" strokeWidth="2.5" />;
    default:
      return <circle cx="12" cy="12" r="3" fill="var(--color-edge)" />;
  }
}
