import type { Schemas } from '../../api/client';
import { StatusMark } from '../map/StatusMark';

type Verdict = Schemas['SkillVerdict'];

const GROUPS: [Verdict['standing'], string, 'KNOWN' | 'READY' | 'LOCKED'][] = [
  ['KNOWN', 'Known', 'KNOWN'],
  ['READY', 'Ready to learn', 'READY'],
  ['NOT_YET', 'Not yet', 'LOCKED'],
];

/** What the last check over the course says, skill by skill, with the chance and the reason. */
export function CheckResult({ skills }: { skills: Verdict[] }) {
  return (
    <section aria-label="What the last check says" className="grid gap-5">
      {GROUPS.map(([standing, name, mark]) => {
        const own = skills.filter((s) => s.standing === standing);
        return own.length === 0 ? null : (
          <div key={standing}>
            <h2 className="flex items-center gap-2 font-serif text-xl font-semibold">
              <StatusMark status={mark} /> {name}: {own.length}
            </h2>
            <ul className="mt-1">
              {own.map((s) => (
                <li key={s.id} className="grid grid-cols-[1fr_4rem] gap-x-4 border-t border-rule py-1.5 sm:grid-cols-[14rem_4rem_1fr]">
                  <span>{s.name}</span>
                  <span className="text-right text-soft" title="how likely it is known">
                    {s.percent}%
                  </span>
                  <span className="col-span-2 text-soft sm:col-span-1">{s.why}</span>
                </li>
              ))}
            </ul>
          </div>
        );
      })}
    </section>
  );
}
