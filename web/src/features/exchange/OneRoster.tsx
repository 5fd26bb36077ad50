import { Refused } from '../../ui/Refused';
import { LastTaken, PickFile, TakingIn } from './TakenIn';
import { OneRosterPlan } from './OneRosterPlan';
import { summary } from './summary';
import { useOneRoster } from './useOneRoster';

/** The class as a package of the school's own system, in and out. */
export function OneRoster() {
  const hand = useOneRoster();
  const { plan, take, undo, last, headway } = hand;
  return (
    <section
      aria-label="The school’s own system"
      className="no-print grid gap-3 rounded-slip border border-rule bg-leaf p-5"
    >
      <h2 className="font-serif text-xl font-semibold">From and to the school’s own system</h2>
      <p className="text-sm text-soft">
        Systems of schools write rosters as OneRoster packages: a zip of tables, version 1.1 or 1.2. You see what will
        happen before anything does, and you can undo it for a day.
      </p>
      <div className="flex flex-wrap items-center gap-3">
        <PickFile
          hand={hand}
          of={(file) => ({ file, from: '' })}
          label="OneRoster package"
          accept=".zip,application/zip"
        >
          Bring in a package (OneRoster zip)
        </PickFile>
        <a href="/api/exchange/oneroster/class.zip" download>
          This class as a package, with its marks
        </a>
      </div>
      <Refused by={[plan, take, undo]} />
      <TakingIn reading={plan.isPending} taking={take.isPending} what="package" headway={headway} />
      {plan.data !== undefined && <OneRosterPlan hand={hand} brought={plan.data.sent} plan={plan.data.plan} />}
      {take.isSuccess && <p role="status">Done: {summary(take.data.plan.lines)}.</p>}
      {undo.isSuccess && <p role="status">Undone. Whoever was added is among the closed accounts.</p>}
      {last !== null && (
        <LastTaken last={last} says={last.says} pending={undo.isPending} onUndo={() => undo.mutate(last.id)} />
      )}
    </section>
  );
}
