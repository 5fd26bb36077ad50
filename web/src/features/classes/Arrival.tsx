import { Button } from '../../ui/Button';
import { Refused } from '../../ui/Refused';
import { LastTaken, PickFile, TakingIn } from '../exchange/TakenIn';
import { type ArrivalHand, type ArrivalPlan, comesWith, useArrival } from './useArrival';

/** A class from its archive, with everything that was done in it. */
export function Arrival() {
  const hand = useArrival();
  const { plan, take, undo, last, headway } = hand;
  return (
    <section aria-label="A class from an archive" className="grid gap-3">
      <h2 className="font-serif text-xl font-semibold">A class from an archive</h2>
      <p className="text-soft">
        “Everything of the class as one zip”, on the page of any class, is such an archive. Here it becomes a class of
        yours, also when it comes from another server. You see what will come before anything does.
      </p>
      <span>
        <PickFile hand={hand} of={(file) => file} label="Archive of a class" accept=".zip,application/zip">
          Bring in a class (zip)
        </PickFile>
      </span>
      <Refused by={[plan, take, undo]} />
      <TakingIn reading={plan.isPending} taking={take.isPending} what="archive" headway={headway} />
      {plan.data !== undefined && <Coming hand={hand} file={plan.data.sent} plan={plan.data.plan} />}
      {take.isSuccess && (
        <p role="status">
          “{take.data.className}” is here, with {comesWith(take.data)} Open it above; the codes of its students are on
          its page.
        </p>
      )}
      {undo.isSuccess && <p role="status">Undone. The class that had come is gone.</p>}
      {last !== null && (
        <LastTaken last={last} says={last.says} pending={undo.isPending} onUndo={() => undo.mutate(last.classId)} />
      )}
    </section>
  );
}

/** What will come, before it does. */
function Coming({ hand, file, plan }: { hand: ArrivalHand; file: File; plan: ArrivalPlan }) {
  return (
    <section aria-label="What will come" className="grid gap-2 rounded-slip border border-edge p-3">
      <p>
        <span className="font-semibold">“{plan.className}”</span> will come with {comesWith(plan)}
      </p>
      <p className="text-sm text-soft">
        Passwords do not travel: each student signs in once with a code, which you find on the page of the class.
      </p>
      {/* oxlint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- scrolled by keyboard */}
      <div className="max-h-72 overflow-auto" tabIndex={0} role="region" aria-label="Students of the archive">
        <table className="text-sm">
          <thead>
            <tr className="text-left text-soft">
              <th className="py-1 pr-4 font-normal">student</th>
              <th className="py-1 font-normal">on this server</th>
            </tr>
          </thead>
          <tbody>
            {plan.students.map(({ name, says }) => (
              <tr key={`${name} ${says}`} className="border-t border-rule align-top">
                <td className="py-1 pr-4">{name}</td>
                <td className="py-1">{says}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <span className="flex flex-wrap gap-2">
        <Button look="main" disabled={hand.take.isPending} onClick={() => hand.take.mutate(file)}>
          Bring it in
        </Button>
        <Button onClick={() => hand.plan.reset()}>Not now</Button>
      </span>
    </section>
  );
}
