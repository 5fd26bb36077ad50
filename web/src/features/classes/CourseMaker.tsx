import { useState } from 'react';
import { Button } from '../../ui/Button';
import { Refused } from '../../ui/Refused';
import type { CourseView, useCourses } from './useCourses';

type Props = {
  /** What to begin with. */
  from: CourseView;
  /** All skills that there are. */
  whole: CourseView;
  put: ReturnType<typeof useCourses>['put'];
  onDone: () => void;
};

/** A course of one's own: a name, and skills out of all that there are. */
export function CourseMaker({ from, whole, put, onDone }: Props) {
  const [title, setTitle] = useState(from.isOwn ? from.title : '');
  const [chosen, setChosen] = useState(() => new Set(from.skills.map((s) => s.id)));
  const toggle = (ids: string[], on: boolean) =>
    setChosen((before) => new Set([...before].filter((id) => !ids.includes(id)).concat(on ? ids : [])));
  const strands = [...new Set(whole.skills.map((s) => s.strand))];
  return (
    <section aria-label="A course of your own" className="grid gap-3 rounded-slip border border-edge bg-paper p-4">
      <label className="grid max-w-md gap-1">
        Name of the course
        <input
          className="rounded-slip border border-edge bg-leaf px-3 py-2"
          value={title}
          maxLength={80}
          onChange={(e) => setTitle(e.target.value)}
        />
      </label>
      <p className="text-soft">
        It begins with the skills of “{from.title}”. What you leave out is bridged: a skill comes after the nearest ones
        before it that are there.
      </p>
      <div className="grid gap-3 md:grid-cols-2 xl:grid-cols-3">
        {strands.map((strand) => (
          <Strand
            key={strand}
            strand={strand}
            skills={whole.skills.filter((s) => s.strand === strand)}
            chosen={chosen}
            onToggle={toggle}
          />
        ))}
      </div>
      <div className="flex flex-wrap items-center gap-4">
        <Button
          look="main"
          disabled={put.isPending || title.trim() === ''}
          onClick={() =>
            put.mutate(
              { title, skills: [...chosen], insteadOf: from.isOwn ? from.id : '' },
              { onSuccess: () => onDone() },
            )
          }
        >
          Save it and take it
        </Button>
        <Button look="quiet" onClick={onDone}>
          Leave it
        </Button>
        <span aria-live="polite" className="text-soft">
          {chosen.size === 1 ? '1 skill' : `${chosen.size} skills`}
        </span>
      </div>
      <Refused by={[put]} />
    </section>
  );
}

type StrandProps = {
  strand: string;
  skills: CourseView['skills'];
  chosen: Set<string>;
  onToggle: (ids: string[], on: boolean) => void;
};

function Strand({ strand, skills, chosen, onToggle }: StrandProps) {
  const ids = skills.map((s) => s.id);
  const isWhole = ids.every((id) => chosen.has(id));
  return (
    <fieldset className="grid content-start gap-0.5">
      <legend className="flex items-baseline gap-3 font-semibold">
        {strand}
        <button
          type="button"
          className="cursor-pointer text-sm font-normal text-glacier underline"
          onClick={() => onToggle(ids, !isWhole)}
        >
          {isWhole ? 'none' : 'all'}
          <span className="sr-only"> of {strand}</span>
        </button>
      </legend>
      {skills.map((skill) => (
        <label key={skill.id} className="flex items-baseline gap-2 text-[0.95rem]">
          <input
            type="checkbox"
            checked={chosen.has(skill.id)}
            onChange={(e) => onToggle([skill.id], e.target.checked)}
          />
          {skill.name}
        </label>
      ))}
    </fieldset>
  );
}
