import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, type Schemas, taken } from '../../api/client';
import { Button } from '../../ui/Button';
import { endOf } from './AssignmentsScreen';
import { Policies } from './Policies';
import { Preview } from './Preview';
import { Targets } from './Targets';
import { FIRST_WISH, type Wish, bodyOf } from './wish';
import { type useAssignments, useClass } from './useClass';

/** Sets an assignment: skills of the map, a target, policies, a date, for whom; with real items to look at before. */
export function Builder({ hand, onClose }: { hand: ReturnType<typeof useAssignments>; onClose: () => void }) {
  const skills = useQuery({ queryKey: ['class-skills'], queryFn: () => taken(api.GET('/api/class/skills')), staleTime: Infinity });
  const [wish, setWish] = useState<Wish>(FIRST_WISH);
  const change = (part: Partial<Wish>) => setWish({ ...wish, ...part });
  const send = () => hand.add.mutate(bodyOf(wish, endOf(wish.date)), { onSuccess: onClose });
  return (
    <form
      aria-label="A new assignment"
      className="grid gap-6 rounded-slip border border-edge bg-leaf p-5"
      onSubmit={(e) => {
        e.preventDefault();
        send();
      }}
    >
      <div className="flex flex-wrap gap-4">
        <label className="grid gap-1">
          <span className="font-semibold">Title</span>
          <input className="w-80 rounded-slip border border-edge bg-paper px-3 py-1.5" value={wish.title} maxLength={100} required onChange={(e) => change({ title: e.target.value })} />
        </label>
        <label className="grid gap-1">
          <span className="font-semibold">Due at the end of</span>
          <input type="date" className="rounded-slip border border-edge bg-paper px-3 py-1.5" value={wish.date} required onChange={(e) => change({ date: e.target.value })} />
        </label>
      </div>
      <Skills all={skills.data ?? []} chosen={wish.skills} onChange={(chosen) => change({ skills: chosen })} />
      {wish.skills.length > 0 && <Preview skills={(skills.data ?? []).filter((s) => wish.skills.includes(s.id))} />}
      <Targets wish={wish} onChange={change} />
      <Policies wish={wish} onChange={change} />
      <Who chosen={wish.students} onChange={(students) => change({ students })} />
      {hand.add.isError && <p role="alert" className="text-rust">{hand.add.error.message}</p>}
      <span className="flex gap-3">
        <Button type="submit" look="main" disabled={hand.add.isPending || wish.skills.length === 0 || wish.date === ''}>
          Set it
        </Button>
        <Button onClick={onClose}>Not now</Button>
      </span>
    </form>
  );
}

function Skills({ all, chosen, onChange }: { all: Schemas['SkillChoice'][]; chosen: string[]; onChange: (ids: string[]) => void }) {
  const strands = [...new Set(all.map((s) => s.strand))];
  return (
    <fieldset>
      <legend className="font-semibold">Skills{chosen.length > 0 && `: ${chosen.length} chosen`}</legend>
      <div className="mt-1 grid gap-x-6 gap-y-3 md:grid-cols-2">
        {strands.map((strand) => (
          <div key={strand}>
            <p className="text-sm text-soft">{strand}</p>
            {all.filter((s) => s.strand === strand).map((s) => (
              <label key={s.id} className="flex gap-2">
                <input type="checkbox" checked={chosen.includes(s.id)} onChange={() => onChange(chosen.includes(s.id) ? chosen.filter((id) => id !== s.id) : [...chosen, s.id])} />
                <span>
                  {s.name}
                  {s.needs.length > 0 && <span className="block text-sm text-soft">after {s.needs.join(', ')}</span>}
                </span>
              </label>
            ))}
          </div>
        ))}
      </div>
    </fieldset>
  );
}

function Who({ chosen, onChange }: { chosen: string[]; onChange: (ids: string[]) => void }) {
  const students = useClass().glance.data?.students ?? [];
  return (
    <details>
      <summary className="cursor-pointer font-semibold">For {chosen.length === 0 ? 'the whole class' : chosen.length === 1 ? 'one student' : `${chosen.length} students`}</summary>
      <p className="text-sm text-soft">Choose some, or leave all empty for the whole class.</p>
      <div className="mt-1 flex flex-wrap gap-x-5 gap-y-1">
        {students.map(({ student }) => (
          <label key={student.id} className="flex gap-1.5">
            <input type="checkbox" checked={chosen.includes(student.id)} onChange={() => onChange(chosen.includes(student.id) ? chosen.filter((id) => id !== student.id) : [...chosen, student.id])} />
            {student.name}
          </label>
        ))}
      </div>
    </details>
  );
}
