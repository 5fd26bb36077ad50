import { Fragment, useState } from 'react';
import { Link } from 'react-router';
import { Button } from '../../ui/Button';
import type { Glance } from './useClass';

const FEW = 4;

/** A student's name, as the way to the student's page where only one has it. */
function Named({ name, glance }: { name: string; glance: Glance }) {
  const [first, ...more] = glance.students.filter((row) => row.student.name === name);
  return first === undefined || more.length > 0 ? name : <Link to={`/class/students/${first.student.id}`}>{name}</Link>;
}

/** Skills in which students are stuck, with the mistake that is common there. */
export function StuckList({ glance }: { glance: Glance }) {
  const [all, setAll] = useState(false);
  const shown = all ? glance.stuck : glance.stuck.slice(0, FEW);
  return (
    <section aria-label="Who is stuck">
      <h2 className="font-serif text-xl font-semibold">Who is stuck on what</h2>
      <p className="text-sm text-soft">
        A student stands here who missed at least half of the last six items of a skill.
      </p>
      {glance.stuck.length === 0 && <p className="mt-2">Nobody at the moment.</p>}
      <ul className="mt-2 grid gap-3 md:grid-cols-2">
        {shown.map((s) => (
          <li key={s.skillId} className="rounded-slip border border-rule bg-leaf p-4">
            <p>
              <Link
                to={`/gallery/${s.skillId}/1/1`}
                title="Look at items of this skill"
                className="font-semibold text-ink"
              >
                {s.skill}
              </Link>
              :{' '}
              {s.students.map((name, i) => (
                <Fragment key={name}>
                  {i > 0 && ', '}
                  <Named name={name} glance={glance} />
                </Fragment>
              ))}
            </p>
            {s.mistake !== '' && (
              <p className="mt-1 border-l-2 border-larch-mark pl-3 text-soft">
                What they were told most often{s.times > 1 && ` (${s.times} times)`}: {s.mistake}
              </p>
            )}
          </li>
        ))}
      </ul>
      {glance.stuck.length > FEW && (
        <Button look="quiet" onClick={() => setAll(!all)}>
          {all ? 'Show fewer' : `Show all ${glance.stuck.length}`}
        </Button>
      )}
    </section>
  );
}
