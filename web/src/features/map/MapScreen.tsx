import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { api, taken } from '../../api/client';
import { Button } from '../../ui/Button';
import { Notice } from '../../ui/Notice';
import { TopBar } from '../../ui/TopBar';
import type { MapSkill } from './layout';
import { Regions } from './Regions';
import { closer, MANY } from './regions';
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
  const [part, setPart] = usePart(skills);
  const shown =
    only !== null
      ? skills.filter((s) => s.status === only)
      : part === REGIONS || part === WHOLE
        ? skills
        : closer(skills.filter((s) => s.strand === part));
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
            {skills.length >= MANY && only === null && <Ways part={part} onPart={setPart} />}
            {part === REGIONS && only === null ? (
              <Regions skills={skills} chosen={here.id} onChoose={setChosen} onEnter={setPart} />
            ) : (
              <SkillGraph skills={shown} chosen={here.id} onChoose={setChosen} />
            )}
            <Chosen skill={here} skills={skills} own={studentId === undefined} />
          </>
        )}
      </main>
    </div>
  );
}

const REGIONS = '';
const WHOLE = 'all';

/** What is seen of the map: its regions, one of them, or the whole; the address knows it, so that Back leads back. */
function usePart(skills: MapSkill[]): [string, (part: string) => void] {
  const [search, setSearch] = useSearchParams();
  const asked = search.get('part') ?? (skills.length >= MANY ? REGIONS : WHOLE);
  const isThere = asked === REGIONS || asked === WHOLE || skills.some((s) => s.strand === asked);
  return [isThere ? asked : REGIONS, (next) => setSearch(next === REGIONS ? {} : { part: next })];
}

/** Nearer to the map, and back. */
function Ways({ part, onPart }: { part: string; onPart: (part: string) => void }) {
  return (
    <nav aria-label="What is shown" className="flex flex-wrap items-center gap-2">
      <Button
        small
        aria-pressed={part === REGIONS}
        className="aria-pressed:border-ink aria-pressed:bg-larch-wash"
        onClick={() => onPart(REGIONS)}
      >
        {part === REGIONS ? 'Regions' : '← All regions'}
      </Button>
      {part !== REGIONS && part !== WHOLE && <h2 className="font-serif text-lg font-semibold">{part}</h2>}
      <Button
        small
        aria-pressed={part === WHOLE}
        className="aria-pressed:border-ink aria-pressed:bg-larch-wash"
        onClick={() => onPart(WHOLE)}
      >
        The whole map
      </Button>
    </nav>
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
