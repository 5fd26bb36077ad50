import { day } from '../../ui/dates';
import { Link } from 'react-router';
import type { MapSkill } from './layout';
import { sheetOf } from '../paper/wanted';
import { StatusMark, WORDS } from './StatusMark';

/** What can be done with the skill that is chosen. */
export function Chosen({ skill, skills, own }: { skill: MapSkill; skills: MapSkill[]; own: boolean }) {
  const named = (ids: string[]) => ids.flatMap((id) => skills.find((s) => s.id === id) ?? []);
  const opens = skills.filter((s) => s.prerequisites.includes(skill.id));
  return (
    <aside
      aria-label="Chosen skill"
      aria-live="polite"
      className="sticky bottom-0 flex flex-wrap items-center justify-between gap-x-8 gap-y-2 border-t border-edge bg-paper py-2"
    >
      <div className="min-w-0">
        <h2 className="flex items-center gap-2 font-serif text-xl font-semibold">
          <StatusMark status={skill.status} /> {skill.name}
          <span className="font-sans text-sm font-normal text-soft">
            {WORDS[skill.status]}, {skill.strand.toLowerCase()}
          </span>
        </h2>
        <div className="flex flex-wrap gap-x-5 text-[0.95rem]">
          {skill.missing.length > 0 && (
            <p>
              {skill.status === 'LOCKED' ? 'First comes ' : 'It builds on '}
              {named(skill.missing)
                .map((s) => s.name.toLowerCase())
                .join(' and ')}
              .
            </p>
          )}
          {skill.way.length > skill.missing.length && <Way names={named(skill.way).map((s) => s.name)} />}
          <Standing skill={skill} />
          {opens.length > 0 && (
            <p className="text-soft">It leads to {opens.map((s) => s.name.toLowerCase()).join(', ')}.</p>
          )}
        </div>
      </div>
      {own && (
        <span className="flex flex-wrap gap-2">
          <WayIn skill={skill} />
        </span>
      )}
    </aside>
  );
}

/** How far it is: all that comes before it and is not known yet, in the order in which it can be learned. */
function Way({ names }: { names: string[] }) {
  return (
    <details>
      <summary className="cursor-pointer text-glacier underline">The way there: {names.length} skills</summary>
      <ol className="ml-6 list-decimal">
        {names.map((name) => (
          <li key={name}>{name}</li>
        ))}
      </ol>
    </details>
  );
}

/** Where the skill is practised, and a lesson that leads to it. */
function WayIn({ skill }: { skill: MapSkill }) {
  const known = skill.status === 'KNOWN' || skill.status === 'REFRESH';
  return (
    <>
      <Link
        to={`/practice/${skill.assignmentId}/${skill.id}`}
        className={`rounded-slip border px-4 py-2 text-center no-underline ${skill.status === 'LOCKED' ? 'border-edge bg-leaf text-ink' : 'border-spruce bg-spruce font-semibold text-on-spruce'}`}
      >
        {known
          ? 'Practise once more'
          : skill.status === 'IN_PROGRESS'
            ? 'Go on'
            : skill.status === 'LOCKED'
              ? 'Try it anyway'
              : 'Start'}
      </Link>
      {skill.lesson !== undefined && (
        <Link
          to={`/practice/lesson/${skill.lesson}`}
          className="rounded-slip border border-glacier bg-glacier-wash px-4 py-2 text-center text-ink no-underline"
        >
          Take the lesson
        </Link>
      )}
      <Link to={sheetOf(skill.name, [skill.id])} className="self-center px-2 text-ink">
        Print a sheet
      </Link>
    </>
  );
}

/** Where the skill comes from: what a check said of it, and when it was shown. */
function Standing({ skill: { said, shownAt, refreshAt, fallenAt, status } }: { skill: MapSkill }) {
  return (
    <div className="flex flex-wrap gap-x-5">
      {shownAt !== undefined && (
        <p>
          Last shown on {day(shownAt)}
          {refreshAt !== undefined &&
            (status === 'REFRESH' ? ', due for a refresh.' : `; a refresh comes around ${day(refreshAt)}.`)}
        </p>
      )}
      {fallenAt !== undefined && (
        <p>
          A check on {day(fallenAt)} put it back into practice. That happens; the next right answer there brings it
          back.
        </p>
      )}
      {said !== undefined && (
        <p className="text-soft">
          The check of {day(said.at)}: {said.why}
        </p>
      )}
    </div>
  );
}
