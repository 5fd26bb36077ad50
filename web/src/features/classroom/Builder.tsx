import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, taken } from '../../api/client';
import { Button } from '../../ui/Button';
import { INPUT } from '../../ui/Labelled';
import { Refused } from '../../ui/Refused';
import { Policies } from './Policies';
import { Preview } from './Preview';
import { SkillPicker } from './SkillPicker';
import { Targets } from './Targets';
import { type AssignmentsHand, useGlance } from './useClass';
import { bodyOf, inShort, missingIn, type Wish } from './wish';

/** Sets an assignment: skills of the map, a target, policies, dates, for whom; with real items to look at before. */
export function Builder({
  first,
  hand,
  onSet,
  onLeave,
}: {
  first: Wish;
  hand: AssignmentsHand;
  onSet: () => void;
  onLeave: () => void;
}) {
  const skills = useQuery({ queryKey: ['class-skills'], queryFn: () => taken(api.GET('/api/class/skills')) });
  const [wish, setWish] = useState<Wish>(first);
  const change = (part: Partial<Wish>) => setWish({ ...wish, ...part });
  const all = skills.data ?? [];
  const missing = missingIn(wish);
  return (
    <form
      aria-label="A new assignment"
      className="grid gap-6 rounded-slip border border-edge bg-leaf p-5"
      onSubmit={(e) => {
        e.preventDefault();
        hand.add.mutate(bodyOf(wish), { onSuccess: onSet });
      }}
    >
      <div className="flex flex-wrap gap-4">
        <label className="grid gap-1">
          <span className="font-semibold">Title</span>
          <input
            className={`${INPUT} w-80`}
            value={wish.title}
            maxLength={100}
            required
            onChange={(e) => change({ title: e.target.value })}
          />
        </label>
        <label className="grid gap-1">
          <span className="font-semibold">Opens on (at once when empty)</span>
          <input type="date" className={INPUT} value={wish.opens} onChange={(e) => change({ opens: e.target.value })} />
        </label>
        <label className="grid gap-1">
          <span className="font-semibold">Due at the end of</span>
          <input
            type="date"
            className={INPUT}
            value={wish.date}
            required
            onChange={(e) => change({ date: e.target.value })}
          />
        </label>
      </div>
      <Refused by={[skills]} />
      <Targets wish={wish} onChange={change} />
      {wish.target === 'check' && (
        <p className="text-soft">
          The check covers all skills of the map. Each student is asked only as much as it takes, and may take it now
          whatever was taken before.
        </p>
      )}
      {wish.target !== 'check' && (
        <SkillPicker all={all} chosen={wish.skills} onChange={(chosen) => change({ skills: chosen })} />
      )}
      {wish.target !== 'check' && wish.skills.length > 0 && (
        <Preview skills={all.filter((s) => wish.skills.includes(s.id))} />
      )}
      {wish.target !== 'check' && <Policies wish={wish} onChange={change} />}
      <Who chosen={wish.students} onChange={(students) => change({ students })} />
      <Refused by={[hand.add]} />
      <footer className="sticky bottom-0 -mx-5 -mb-5 flex flex-wrap items-center gap-3 rounded-b-slip border-t border-rule bg-leaf px-5 py-3">
        <Button type="submit" look="main" disabled={hand.add.isPending || missing !== ''}>
          Set it
        </Button>
        <Button onClick={onLeave}>Not now</Button>
        <span role="status" className="text-soft">
          {missing === '' ? inShort(wish) : missing}
        </span>
      </footer>
    </form>
  );
}

function Who({ chosen, onChange }: { chosen: string[]; onChange: (ids: string[]) => void }) {
  const students = useGlance().data?.students ?? [];
  return (
    <details>
      <summary className="cursor-pointer font-semibold">
        For{' '}
        {chosen.length === 0 ? 'the whole class' : chosen.length === 1 ? 'one student' : `${chosen.length} students`}
      </summary>
      <p className="text-sm text-soft">Choose students, or leave all unticked for the whole class.</p>
      <div className="mt-1 flex flex-wrap gap-x-5 gap-y-1">
        {students.map(({ student }) => (
          <label key={student.id} className="flex gap-1.5">
            <input
              type="checkbox"
              checked={chosen.includes(student.id)}
              onChange={() =>
                onChange(
                  chosen.includes(student.id) ? chosen.filter((id) => id !== student.id) : [...chosen, student.id],
                )
              }
            />
            {student.name}
          </label>
        ))}
      </div>
    </details>
  );
}
