import { stepOf } from './stages';
import type { Copy } from './useCopy';

const STEPS = ['Try every item', 'Open the solutions', 'Mark your work', 'Your instructor looks at the marks'];

/** The way of a sheet, with where one is on it. */
export function Steps({ copy }: { copy: Copy }) {
  const now = stepOf(copy);
  return (
    <ol className="flex flex-wrap gap-x-2 gap-y-1" aria-label="The way of a sheet">
      {STEPS.map((name, i) => (
        <li
          key={name}
          aria-current={i === now ? 'step' : undefined}
          className={`flex items-center gap-2 rounded-slip px-3 py-1 ${i === now ? 'bg-spruce font-semibold text-on-spruce' : i < now ? 'bg-spruce-wash' : 'border border-rule text-soft'}`}
        >
          <span aria-hidden="true">{i < now ? '✓' : i + 1}</span>
          {name}
          {i < now && <span className="sr-only">, done</span>}
        </li>
      ))}
    </ol>
  );
}
