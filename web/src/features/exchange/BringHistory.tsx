import { Button } from '../../ui/Button';
import { Refused } from '../../ui/Refused';
import { LastTaken, PickFile, TakingIn } from './TakenIn';
import { type HistoryPlan, useHistory } from './useHistory';

/** What students did in other programs, brought in as a file of statements. */
export function BringHistory() {
  const hand = useHistory();
  const { plan, take, undo, last, headway } = hand;
  return (
    <div className="grid gap-2">
      <span>
        <PickFile
          hand={hand}
          of={(file) => file}
          label="Statements of another program"
          accept=".jsonl,.json,application/json"
        >
          Bring in statements (xAPI, a line each)
        </PickFile>
      </span>
      <Refused by={[plan, take, undo]} />
      <TakingIn reading={plan.isPending} taking={take.isPending} what="file" headway={headway} />
      {plan.data !== undefined && (
        <section aria-label="What the file will do" className="grid gap-2 rounded-slip border border-edge p-3">
          <Planned plan={plan.data.plan} />
          <span className="flex flex-wrap gap-2">
            <Button
              look="main"
              disabled={plan.data.plan.taken.length === 0 || take.isPending}
              onClick={() => take.mutate(plan.data.sent)}
            >
              Take it in
            </Button>
            <Button onClick={() => plan.reset()}>Not now</Button>
          </span>
        </section>
      )}
      {take.isSuccess && <p role="status">Done. {inShort(take.data)} You find it on the page of each student.</p>}
      {undo.isSuccess && <p role="status">Undone.</p>}
      {last !== null && (
        <LastTaken
          last={last}
          says={statements(last.statements)}
          pending={undo.isPending}
          onUndo={() => undo.mutate(last.id)}
        />
      )}
    </div>
  );
}

function Planned({ plan }: { plan: HistoryPlan }) {
  return (
    <>
      <p className="font-semibold">{inShort(plan)}</p>
      {plan.taken.length > 0 && (
        <ul className="flex flex-wrap gap-x-4 text-sm">
          {plan.taken.map((one) => (
            <li key={one.id}>
              {one.name}: {statements(one.statements)}
            </li>
          ))}
        </ul>
      )}
      {plan.notTaken.length > 0 && (
        // oxlint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- scrolled by keyboard
        <div className="max-h-60 overflow-auto text-sm" tabIndex={0} role="region" aria-label="Lines that stay out">
          <p>These lines stay out:</p>
          <ul>
            {plan.notTaken.map((line) => (
              <li key={line.at}>
                Line {line.at}: {line.says}
              </li>
            ))}
            {plan.more > 0 && <li>… and {plan.more} more.</li>}
          </ul>
        </div>
      )}
    </>
  );
}

export function inShort(plan: HistoryPlan): string {
  const all = plan.taken.reduce((sum, one) => sum + one.statements, 0);
  const students = plan.taken.length === 1 ? 'one student' : `${plan.taken.length} students`;
  const first = all === 0 ? 'Nothing new comes in.' : `${statements(all)} of ${students}.`;
  const again = plan.again === 0 ? '' : ` ${statements(plan.again)} ${plan.again === 1 ? 'is' : 'are'} here already.`;
  return first + again;
}

function statements(n: number): string {
  return n === 1 ? '1 statement' : `${n.toLocaleString('en-US')} statements`;
}
