import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { StatusMark } from '../map/StatusMark';

type Verdict = Schemas['SkillVerdict'];

const GROUPS: [Verdict['standing'], string, 'KNOWN' | 'READY' | 'LOCKED'][] = [
  ['KNOWN', 'Known', 'KNOWN'],
  ['READY', 'Ready to learn', 'READY'],
  ['NOT_YET', 'Not yet', 'LOCKED'],
];

/** Where every skill stands since the last check over the course, with the reason; each leads to its practice. */
export function CheckResult({ skills }: { skills: Verdict[] }) {
  return (
    <section aria-label="Where you stand" className="grid gap-5">
      {GROUPS.map(([standing, name, mark]) => {
        const own = skills.filter((s) => s.standing === standing);
        return own.length === 0 ? null : (
          <div key={standing}>
            <h2 className="flex items-center gap-2 font-serif text-xl font-semibold">
              <StatusMark status={mark} /> {name}: {own.length}
            </h2>
            <ul className="mt-1">
              {own.map((s) => (
                <li key={s.id} className="grid gap-x-4 border-t border-rule py-1.5 sm:grid-cols-[17rem_1fr]">
                  <Link to={`/practice/own/${s.id}`}>{s.name}</Link>
                  <span className="text-soft">{s.why}</span>
                </li>
              ))}
            </ul>
          </div>
        );
      })}
    </section>
  );
}
