import { Button } from '../../ui/Button';
import type { FilePlan } from './useWorkbench';

type Props = { plan: FilePlan; pending: boolean; onBegin: () => void; onLeave: () => void };

/** What QTI items would become, before anything does. */
export function FilePlanned({ plan, pending, onBegin, onLeave }: Props) {
  return (
    <section aria-label="What the file would become" className="grid gap-2 rounded-slip border border-edge p-3">
      <p className="font-semibold">{inShort(plan)}</p>
      {/* oxlint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- scrolled by keyboard */}
      <div className="max-h-72 overflow-auto text-sm" tabIndex={0} role="region" aria-label="Items of the file">
        <ol className="list-decimal pl-6">
          {plan.items.map((item, i) => (
            // oxlint-disable-next-line react/no-array-index-key -- items of a file have no other name
            <li key={i}>
              <span className="font-semibold">{item.title}</span>: {partsOf(item)}
              {item.lost.length > 0 && <span className="text-soft"> Left out: {item.lost.join(' ')}</span>}
            </li>
          ))}
        </ol>
      </div>
      <span className="flex flex-wrap gap-2">
        <Button look="main" disabled={pending} onClick={onBegin}>
          Begin a skill with them
        </Button>
        <Button onClick={onLeave}>Not now</Button>
      </span>
    </section>
  );
}

export function inShort({ items }: FilePlan): string {
  const taken = items.filter((item) => item.places > 0).length;
  const of = items.length === 1 ? 'One item' : `${items.length} items`;
  return taken === items.length
    ? `${of}, and all can be taken over. Each becomes a variant that you can change.`
    : `${of}; ${taken === 1 ? 'one' : taken} can be taken over and changed. The others stay out.`;
}

function partsOf({ places, hints }: FilePlan['items'][number]): string {
  if (places === 0) {
    return 'stays out.';
  }
  const answers = places === 1 ? 'one place to answer' : `${places} places to answer`;
  return hints === 0 ? `${answers}.` : `${answers}, ${hints === 1 ? 'one hint' : `${hints} hints`}.`;
}
