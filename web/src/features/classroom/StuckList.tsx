import { useState } from 'react';
import { Button } from '../../ui/Button';
import type { Glance } from './useClass';

const FEW = 4;

/** Skills in which students are stuck, with the mistake that is common there. */
export function StuckList({ glance }: { glance: Glance }) {
  const [all, setAll] = useState(false);
  const shown = all ? glance.stuck : glance.stuck.slice(0, FEW);
  return (
    <section aria-label="Who is stuck">
      <h2 className="font-serif text-xl font-semibold">Who is stuck on what</h2>
      <p className="text-sm text-soft">A student stands here who missed at least half of the last six items of a skill.</p>
      {glance.stuck.length === 0 && <p className="mt-2">Nobody at the moment.</p>}
      <ul className="mt-2 grid gap-3 md:grid-cols-2">
        {shown.map((s) => (
          <li key={s.skillId} className="rounded-slip border border-rule bg-leaf p-4">
            <p>
              <strong>{s.skill}</strong>: {s.students.join(', ')}
            </p>
            {s.mistake !== '' && (
              <p className="mt-1 border-l-2 border-larch-mark pl-3 text-soft">
                The common mistake{s.times > 1 && ` (${s.times} times)`} was told so: {s.mistake}
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
