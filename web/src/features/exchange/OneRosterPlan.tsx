import { Button } from '../../ui/Button';
import { changes, changesFirst, summary, wordFor } from './summary';
import type { Brought, OneRosterHand, RosterPlan } from './useOneRoster';

type Props = { hand: OneRosterHand; brought: Brought; plan: RosterPlan };

/** What a package will do to the class, line by line; before that, which of its classes is meant. */
export function OneRosterPlan({ hand, brought, plan }: Props) {
  return (
    <section aria-label="What the package will do" className="grid gap-2 rounded-slip border border-edge p-3">
      {plan.classes.length > 0 ? <WhichClass hand={hand} brought={brought} plan={plan} /> : <Lines plan={plan} />}
      <span className="flex flex-wrap gap-2">
        {plan.classes.length === 0 && (
          <Button
            look="main"
            disabled={!changes(plan.lines) || hand.take.isPending}
            onClick={() => hand.take.mutate(brought)}
          >
            Take it in
          </Button>
        )}
        <Button onClick={() => hand.plan.reset()}>Not now</Button>
      </span>
    </section>
  );
}

function WhichClass({ hand, brought, plan }: Props) {
  return (
    <>
      <p className="font-semibold">There are several classes in this package. Which one is this?</p>
      <ul className="flex flex-wrap gap-2">
        {plan.classes.map((one) => (
          <li key={one.sourcedId}>
            <Button onClick={() => hand.plan.mutate({ ...brought, from: one.sourcedId })}>
              {`${one.title} (${one.students === 1 ? '1 student' : `${one.students} students`})`}
            </Button>
          </li>
        ))}
      </ul>
    </>
  );
}

function Lines({ plan }: { plan: RosterPlan }) {
  return (
    <>
      <p className="font-semibold">
        {changes(plan.lines) ? `${summary(plan.lines)}.` : `Nothing changes: ${summary(plan.lines)}.`}
      </p>
      {/* oxlint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- scrolled by keyboard */}
      <div className="max-h-72 overflow-auto" tabIndex={0} role="region" aria-label="Lines of the package">
        <table className="text-sm">
          <thead>
            <tr className="text-left text-soft">
              <th className="py-1 pr-4 font-normal">student</th>
              <th className="py-1 pr-4 font-normal">what happens</th>
              <th className="py-1 font-normal">where it says so</th>
            </tr>
          </thead>
          <tbody>
            {changesFirst(plan.lines).map((line) => (
              <tr key={`${line.place} ${line.name}`} className="border-t border-rule align-top">
                <td className="py-1 pr-4">{line.name}</td>
                <td className={`py-1 pr-4 ${line.what === 'REFUSED' ? 'text-rust' : ''}`}>
                  {wordFor(line.what)}: {line.says}
                </td>
                <td className="py-1 text-soft">{line.place}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {plan.staying.length > 0 && (
        <p className="text-sm text-soft">Not in the package, and left as they are: {plan.staying.join(', ')}.</p>
      )}
    </>
  );
}
