import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { Button } from '../../ui/Button';
import { useGlance } from './useClass';

type Skill = Schemas['SkillChoice'];
type Props = { all: Skill[]; chosen: string[]; onChange: (ids: string[]) => void };

/**
 * The skills of the map strand by strand, with what comes before each; and the chosen ones in the order in which they
 * are worked.
 */
export function SkillPicker({ all, chosen, onChange }: Props) {
  const [text, setText] = useState('');
  const shown = all.filter(
    (s) => chosen.includes(s.id) || `${s.name} ${s.strand}`.toLowerCase().includes(text.trim().toLowerCase()),
  );
  const strands = [...new Set(shown.map((s) => s.strand))];
  const name = (id: string) => all.find((s) => s.id === id)?.name ?? id;
  const turn = (id: string) => onChange(chosen.includes(id) ? chosen.filter((other) => other !== id) : [...chosen, id]);
  return (
    <fieldset>
      <legend className="font-semibold">Skills</legend>
      <label className="flex w-fit items-center gap-2 text-sm text-soft">
        Find a skill
        <input
          type="search"
          value={text}
          onChange={(e) => setText(e.target.value)}
          className="w-56 rounded-slip border border-edge bg-paper px-3 py-1 text-base text-ink"
        />
      </label>
      {shown.length === 0 && <p className="mt-1 text-soft">No skill or strand has “{text.trim()}” in its name.</p>}
      <div className="mt-1 grid gap-x-6 gap-y-3 md:grid-cols-2">
        {strands.map((strand) => (
          <div key={strand}>
            <p className="text-sm text-soft">{strand}</p>
            {shown
              .filter((s) => s.strand === strand)
              .map((s) => (
                <label key={s.id} className="flex items-baseline gap-2">
                  <input type="checkbox" checked={chosen.includes(s.id)} onChange={() => turn(s.id)} />
                  <span>
                    {s.name}
                    {s.needs.length > 0 && (
                      <span className="block text-sm text-soft">after {s.needs.map(name).join(', ')}</span>
                    )}
                  </span>
                </label>
              ))}
          </div>
        ))}
      </div>
      {chosen.length > 0 && <Order all={all} chosen={chosen} onChange={onChange} />}
      <Before all={all} chosen={chosen} onChange={onChange} />
    </fieldset>
  );
}

/** The order of work, to be changed by a step at a time. */
function Order({ all, chosen, onChange }: Props) {
  const up = (i: number) =>
    onChange([...chosen.slice(0, i - 1), chosen[i] ?? '', chosen[i - 1] ?? '', ...chosen.slice(i + 1)]);
  return (
    <div className="mt-3">
      <p className="text-sm text-soft">
        {chosen.length === 1 ? 'One skill is chosen' : `${chosen.length} skills are chosen, worked in this order`}
      </p>
      <ol className="mt-1 flex flex-wrap gap-2">
        {chosen.map((id, i) => (
          <li key={id} className="flex items-center gap-2 rounded-slip border border-edge bg-paper px-2 py-1">
            {i + 1}. {all.find((s) => s.id === id)?.name}
            {i > 0 && (
              <Button small look="quiet" onClick={() => up(i)}>
                earlier
              </Button>
            )}
          </li>
        ))}
      </ol>
    </div>
  );
}

/** Prerequisites that are neither chosen nor known by all of the class. */
function Before({ all, chosen, onChange }: Props) {
  const students = useGlance().data?.students.length ?? 0;
  const missing = [...new Set(chosen.flatMap((id) => all.find((s) => s.id === id)?.needs ?? []))]
    .filter((id) => !chosen.includes(id))
    .flatMap((id) => all.find((s) => s.id === id) ?? []);
  const unknown = missing.filter((s) => s.knownBy < students);
  return unknown.length === 0 ? null : (
    <div className="mt-3 rounded-slip bg-glacier-wash px-4 py-2">
      <p>These come first, and not everybody knows them yet:</p>
      <ul>
        {unknown.map((s) => (
          <li key={s.id} className="flex flex-wrap items-center gap-3">
            {s.name}, known by {s.knownBy} of {students}
            <Button small onClick={() => onChange([s.id, ...chosen])}>
              Put it first
            </Button>
          </li>
        ))}
      </ul>
    </div>
  );
}
