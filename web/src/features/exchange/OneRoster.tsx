import { Button } from '../../ui/Button';
import { FilePicker } from '../../ui/FilePicker';
import { Refused } from '../../ui/Refused';
import { moment } from '../../ui/dates';
import { OneRosterPlan } from './OneRosterPlan';
import { summary } from './summary';
import { useOneRoster } from './useOneRoster';

/** The class as a package of the school's own system, in and out. */
export function OneRoster() {
  const hand = useOneRoster();
  const { plan, take, undo, last } = hand;
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
        <FilePicker
          label="OneRoster package"
          accept=".zip,application/zip"
          disabled={plan.isPending || take.isPending}
          onFiles={([file]) => {
            if (file !== undefined) {
              take.reset();
              undo.reset();
              plan.mutate({ file, from: '' });
            }
          }}
        >
          Bring in a package (OneRoster zip)
        </FilePicker>
        <a href="/api/exchange/oneroster/class.zip" download>
          This class as a package, with its marks
        </a>
      </div>
      <Refused by={[plan, take, undo]} />
      {(plan.isPending || take.isPending) && (
        <p role="status" className="grid gap-1">
          {plan.isPending ? 'Reading the package …' : 'Taking it in …'}
          <progress className="w-full max-w-md accent-spruce" aria-label="Taking the package in" />
        </p>
      )}
      {plan.data !== undefined && <OneRosterPlan hand={hand} {...plan.data} />}
      {take.isSuccess && <p role="status">Done: {summary(take.data.plan.lines)}.</p>}
      {undo.isSuccess && <p role="status">Undone. Whoever was added is among the closed accounts.</p>}
      {last !== null && (
        <p className="flex flex-wrap items-center gap-3 rounded-slip bg-larch-wash p-3">
          <span>
            Taken in {moment(last.takenAt)}: {last.says}.
          </span>
          <Button disabled={undo.isPending} onClick={() => undo.mutate(last.id)}>
            Undo it
          </Button>
          <span className="text-sm text-soft">possible until {moment(last.until)}</span>
        </p>
      )}
    </section>
  );
}
