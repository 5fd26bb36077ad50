import { Link } from 'react-router';
import { type View } from './usePractice';

/** A clear end, with the way home and the way on. */
export function Reached({ view }: { view: View }) {
  return (
    <section
      aria-label="Target reached"
      className="flex flex-wrap items-center justify-between gap-3 border-b border-rule bg-larch-wash px-6 py-2"
    >
      <p className="flex items-center gap-3">
        <svg viewBox="0 0 24 24" className="size-7 shrink-0" aria-hidden="true">
          <path
            d="M6 22V3l14 5-14 5"
            fill={view.target.reached ? 'var(--color-larch-mark)' : 'none'}
            stroke="var(--color-larch-mark)"
            strokeWidth="2"
            strokeLinejoin="round"
          />
        </svg>
        <span>
          <strong className="font-serif text-lg">
            {!view.target.reached
              ? 'Reached, waiting to be read.'
              : view.around.teaches === undefined
                ? `Reached: ${view.target.says.replace(/ on each skill$/, '')}, in ${view.skill.toLowerCase()}.`
                : 'The lesson is done.'}
          </strong>{' '}
          {view.target.reached
            ? 'It stays reached, whatever happens next.'
            : `Your instructor has ${view.target.pagesWaiting === 1 ? 'one page' : `${view.target.pagesWaiting} pages`} of your work to read. With full credit for ${view.target.pagesWaiting === 1 ? 'it' : 'them'} the target is reached.`}
        </span>
      </p>
      <span className="flex flex-wrap gap-3">
        {view.around.teaches !== undefined && (
          <Link
            to={`/practice/${view.around.teaches.assignmentId}/${view.around.teaches.skillId}`}
            className="rounded-slip border border-spruce bg-spruce px-4 py-2 font-semibold text-on-spruce no-underline"
          >
            Now practise {view.around.teaches.name.toLowerCase()}
          </Link>
        )}
        {view.around.next !== undefined && (
          <Link
            to={`/practice/${view.around.next.assignmentId}/${view.around.next.skillId}`}
            className="rounded-slip border border-spruce bg-spruce px-4 py-2 font-semibold text-on-spruce no-underline"
          >
            Next: {view.around.next.name.toLowerCase()}{' '}
            <kbd className="ml-1 rounded border border-current/50 px-1.5 text-xs">G</kbd>
          </Link>
        )}
        <Link to="/map" className="rounded-slip border border-edge bg-leaf px-4 py-2 text-ink no-underline">
          To the map
        </Link>
        <Link to="/due" className="rounded-slip border border-edge bg-leaf px-4 py-2 text-ink no-underline">
          Back to what is due
        </Link>
      </span>
    </section>
  );
}
