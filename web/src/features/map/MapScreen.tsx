import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { api, taken } from '../../api/client';
import { Notice } from '../../ui/Notice';
import { TopBar } from '../../ui/TopBar';
import { SkillGraph } from './SkillGraph';
import { type Status, StatusMark, WORDS } from './StatusMark';
import { Chosen } from './ChosenSkill';

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
  const [only, setOnly] = useState<Status | null>(null);
  const skills = map.data?.skills ?? [];
  const shown = only === null ? skills : skills.filter((s) => s.status === only);
  const here =
    shown.find((s) => s.id === chosen) ??
    shown.find((s) => s.status === 'IN_PROGRESS') ??
    shown.find((s) => s.status === 'READY') ??
    shown[0];
  return (
    <div className="flex min-h-screen flex-col">
      <TopBar />
      <main className="grid flex-1 content-start gap-2 px-6 pt-2">
        <header className="flex flex-wrap items-baseline justify-between gap-x-8 gap-y-2">
          <h1 className="font-serif text-2xl font-bold">
            {studentId === undefined ? 'Map of skills' : `Map of skills: ${map.data?.student ?? ''}`}
          </h1>
          {map.data !== undefined && map.data.course !== '' && <p className="text-soft">{map.data.course}</p>}
          <ul className="flex flex-wrap gap-x-5 gap-y-1 text-sm">
            {ORDER.map((status) => (
              <li key={status}>
                <StatusFilter
                  status={status}
                  count={skills.filter((s) => s.status === status).length}
                  isOn={only === status}
                  onToggle={() => setOnly(only === status ? null : status)}
                />
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
            <SkillGraph skills={shown} chosen={here.id} onChoose={setChosen} />
            <Chosen skill={here} skills={skills} own={studentId === undefined} />
          </>
        )}
      </main>
    </div>
  );
}

interface FilterProps {
  status: Status;
  count: number;
  isOn: boolean;
  onToggle: () => void;
}

/** How many skills are in a state; pressed, the map shows these alone. */
function StatusFilter({ status, count, isOn, onToggle }: FilterProps) {
  return (
    <button
      type="button"
      aria-pressed={isOn}
      disabled={count === 0 && !isOn}
      title={isOn ? 'Show all skills again' : 'Show only these'}
      className={`flex cursor-pointer items-center gap-1.5 rounded-slip border px-2 py-0.5 disabled:cursor-default ${isOn ? 'border-2 border-ink bg-larch-wash' : 'border-transparent hover:border-edge'}`}
      onClick={onToggle}
    >
      <StatusMark status={status} />
      {count} {WORDS[status]}
    </button>
  );
}
