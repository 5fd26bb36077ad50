import { useState } from 'react';
import { INPUT } from '../../ui/Labelled';
import { Notice } from '../../ui/Notice';
import { type NewSheet, usePaperSkills } from './usePaper';
import { turned } from './wanted';

type Props = { wanted: NewSheet; onChange: (wanted: NewSheet) => void };

/** The skills of the map, strand by strand; of those that are chosen, how many items and on which level. */
export function SkillShares({ wanted, onChange }: Props) {
  const skills = usePaperSkills();
  const [words, setWords] = useState('');
  if (!skills.isSuccess) {
    return (
      <Notice title={skills.isError ? 'The skills could not be loaded.' : 'Looking up the skills.'}>
        {skills.error?.message}
      </Notice>
    );
  }
  const chosen = (id: string) => wanted.shares.some((share) => share.skillId === id);
  const shown = skills.data.filter(
    (s) => chosen(s.id) || `${s.name} ${s.strand}`.toLowerCase().includes(words.trim().toLowerCase()),
  );
  const strands = [...new Set(shown.map((s) => s.strand))];
  return (
    <fieldset className="grid gap-2">
      <legend className="font-semibold">Skills</legend>
      <label className="flex w-fit items-center gap-2 text-sm text-soft">
        Find a skill
        <input type="search" className={`${INPUT} w-56`} value={words} onChange={(e) => setWords(e.target.value)} />
      </label>
      {shown.length === 0 && <p className="text-soft">No skill or strand has “{words.trim()}” in its name.</p>}
      <div className="grid gap-x-8 gap-y-3 md:grid-cols-2">
        {strands.map((strand) => (
          <div key={strand} role="group" aria-label={strand}>
            <p className="text-sm text-soft">{strand}</p>
            {shown
              .filter((s) => s.strand === strand)
              .map((s) => (
                <div key={s.id} className="flex flex-wrap items-center justify-between gap-x-3">
                  <label className="flex items-baseline gap-2">
                    <input type="checkbox" checked={chosen(s.id)} onChange={() => onChange(turned(wanted, s.id))} />
                    {s.name}
                  </label>
                  <Share skill={s} wanted={wanted} onChange={onChange} />
                </div>
              ))}
          </div>
        ))}
      </div>
    </fieldset>
  );
}

/** How many items of a skill, and on which level. */
function Share({ skill, wanted, onChange }: Props & { skill: { id: string; name: string } }) {
  const share = wanted.shares.find((s) => s.skillId === skill.id);
  if (share === undefined) {
    return null;
  }
  const put = (next: Partial<typeof share>) =>
    onChange({ ...wanted, shares: wanted.shares.map((s) => (s === share ? { ...s, ...next } : s)) });
  return (
    <span className="flex items-center gap-2">
      <input
        type="number"
        aria-label={`Items of ${skill.name}`}
        className={`${INPUT} w-16 py-0.5`}
        min={1}
        max={20}
        value={Number.isNaN(share.items) ? '' : share.items}
        onChange={(e) => put({ items: e.target.valueAsNumber })}
      />
      <select
        aria-label={`Level of ${skill.name}`}
        className={`${INPUT} py-0.5`}
        value={share.level}
        onChange={(e) => put({ level: Number(e.target.value) })}
      >
        <option value={0}>all levels</option>
        <option value={1}>first level</option>
        <option value={2}>second level</option>
        <option value={3}>third level</option>
      </select>
    </span>
  );
}
