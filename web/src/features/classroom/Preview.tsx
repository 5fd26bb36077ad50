import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, type Schemas, taken } from '../../api/client';
import { Blocks } from '../../ui/Blocks';
import { Button } from '../../ui/Button';
import { RichText } from '../../ui/RichText';
import { PartFields } from '../practice/fields/PartFields';
import { WorkedSteps } from '../practice/Slips';

/** A part as students have it before them; nothing is checked here. */
function Tried({ part }: { part: Schemas['PartView'] }) {
  const [entries, setEntries] = useState<Record<string, string>>({});
  return (
    <div className="grid gap-2">
      <p>
        <RichText text={part.prompt} />
      </p>
      <PartFields
        part={part}
        entries={entries}
        onChange={(id, value) => setEntries((now) => ({ ...now, [id]: value }))}
        onEnter={() => {}}
      />
    </div>
  );
}

/** Real items of the chosen skills, to look at before they are set. */
export function Preview({ skills }: { skills: Schemas['SkillChoice'][] }) {
  const [at, setAt] = useState({ skill: skills[0]?.id ?? '', tier: 1, seed: 1 });
  const skillId = skills.some((s) => s.id === at.skill) ? at.skill : (skills[0]?.id ?? '');
  const shown = useQuery({
    queryKey: ['preview', skillId, at.tier, at.seed],
    queryFn: () =>
      taken(
        api.GET('/api/class/preview/{skillId}/{tier}/{seed}', {
          params: { path: { skillId, tier: at.tier, seed: at.seed } },
        }),
      ),
    enabled: skillId !== '',
  });
  return (
    <details>
      <summary className="cursor-pointer font-semibold">Look at items</summary>
      <div className="mt-2 flex flex-wrap items-center gap-2">
        <select
          aria-label="Skill"
          className="rounded-slip border border-edge bg-paper px-2 py-1.5"
          value={skillId}
          onChange={(e) => setAt({ ...at, skill: e.target.value })}
        >
          {skills.map((s) => (
            <option key={s.id} value={s.id}>
              {s.name}
            </option>
          ))}
        </select>
        {['gentle', 'steady', 'steep'].map((name, i) => (
          <Button
            key={name}
            small
            aria-pressed={at.tier === i + 1}
            className={at.tier === i + 1 ? 'border-2 border-spruce' : ''}
            onClick={() => setAt({ ...at, tier: i + 1 })}
          >
            {name}
          </Button>
        ))}
        <Button small onClick={() => setAt({ ...at, seed: at.seed + 1 })}>
          Another one
        </Button>
      </div>
      {shown.isSuccess && (
        <div className="mt-3 grid gap-3 rounded-slip border border-rule bg-paper p-4">
          <Blocks blocks={shown.data.item.stem} className="font-serif text-lg" />
          {shown.data.item.parts.map((part) => (
            <Tried key={`${skillId}${at.tier}${at.seed}${part.prompt}`} part={part} />
          ))}
          {shown.data.item.solution !== undefined && (
            <details>
              <summary className="cursor-pointer text-glacier">Solution</summary>
              <WorkedSteps steps={shown.data.item.solution.worked} />
            </details>
          )}
        </div>
      )}
    </details>
  );
}
