import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { api, taken } from '../../api/client';
import { day } from '../../ui/dates';
import { Notice } from '../../ui/Notice';
import { TopBar } from '../../ui/TopBar';
import type { MapSkill } from './layout';
import { SkillGraph } from './SkillGraph';
import { type Status, StatusMark, WORDS } from './StatusMark';

const ORDER: Status[] = ['READY', 'IN_PROGRESS', 'REFRESH', 'KNOWN', 'LOCKED'];

/**
 * All skills: which are known, which are ready, and what stands between. One's own, or for an instructor a student's,
 * which is only looked at.
 */
export default function MapScreen() {
  const { studentId } = useParams();
  const map = useQuery({
    queryKey: ['map', studentId],
    queryFn: () =>
      studentId === undefined
        ? taken(api.GET('/api/map'))
        : taken(api.GET('/api/map/{studentId}', { params: { path: { studentId } } })),
  });
  const [chosen, setChosen] = useState<string | null>(null);
  const skills = map.data?.skills ?? [];
  const here =
    skills.find((s) => s.id === chosen) ??
    skills.find((s) => s.status === 'IN_PROGRESS') ??
    skills.find((s) => s.status === 'READY');
  return (
    <div className="flex min-h-screen flex-col">
      <TopBar />
      <main className="grid flex-1 content-start gap-2 px-6 pt-2">
        <header className="flex flex-wrap items-baseline justify-between gap-x-8 gap-y-2">
          <h1 className="font-serif text-2xl font-bold">
            {studentId === undefined ? 'Map of skills' : `Map of skills: ${map.data?.student ?? ''}`}
          </h1>
          <ul className="flex flex-wrap gap-x-5 gap-y-1 text-sm">
            {ORDER.map((status) => (
              <li key={status} className="flex items-center gap-1.5">
                <StatusMark status={status} />
                {skills.filter((s) => s.status === status).length} {WORDS[status]}
              </li>
            ))}
            <li>
              {studentId === undefined ? (
                <Link to="/check">What do you know already?</Link>
              ) : (
                <Link to={`/class/students/${studentId}`}>Back to the student</Link>
              )}
            </li>
            {studentId === undefined && skills.some((s) => s.status === 'REFRESH') && (
              <li>
                <Link to="/review">Refresh</Link>
              </li>
            )}
          </ul>
        </header>
        {map.isPending && <Notice title="Loading the map." />}
        {map.isError && <Notice title="The map could not be loaded.">{map.error.message}</Notice>}
        {here !== undefined && (
          <>
            <SkillGraph skills={skills} chosen={here.id} onChoose={setChosen} />
            <Chosen skill={here} skills={skills} own={studentId === undefined} />
          </>
        )}
      </main>
    </div>
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

/** What can be done with the skill that is chosen. */
function Chosen({ skill, skills, own }: { skill: MapSkill; skills: MapSkill[]; own: boolean }) {
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
    </>
  );
}
