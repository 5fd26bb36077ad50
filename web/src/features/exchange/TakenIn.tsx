import { Button } from '../../ui/Button';
import { moment } from '../../ui/dates';
import { FilePicker } from '../../ui/FilePicker';

type PickProps<Sent> = {
  hand: {
    plan: { isPending: boolean; mutate: (sent: Sent) => void };
    take: { isPending: boolean; reset: () => void };
    undo: { reset: () => void };
  };
  /** What is sent of a file. */ of: (file: File) => Sent;
  label: string;
  accept: string;
  children: string;
};

/** Picks the file whose plan is to be shown; what was said of the one before it goes. */
export function PickFile<Sent>({ hand: { plan, take, undo }, of, ...more }: PickProps<Sent>) {
  return (
    <FilePicker
      {...more}
      disabled={plan.isPending || take.isPending}
      onFiles={([file]) => {
        if (file !== undefined) {
          take.reset();
          undo.reset();
          plan.mutate(of(file));
        }
      }}
    />
  );
}

/** While a file is read, and while it is taken in. */
export function TakingIn({ reading, taking, what }: { reading: boolean; taking: boolean; what: string }) {
  return (
    (reading || taking) && (
      <p role="status" className="grid gap-1">
        {reading ? `Reading the ${what} …` : 'Taking it in …'}
        <progress className="w-full max-w-md accent-spruce" aria-label={`Taking the ${what} in`} />
      </p>
    )
  );
}

type LastProps = { last: { takenAt: string; until: string }; says: string; pending: boolean; onUndo: () => void };

/** What was taken in last, as long as it can be undone. */
export function LastTaken({ last, says, pending, onUndo }: LastProps) {
  return (
    <p className="flex flex-wrap items-center gap-3 rounded-slip bg-larch-wash p-3">
      <span>
        Taken in {moment(last.takenAt)}: {says}.
      </span>
      <Button disabled={pending} onClick={onUndo}>
        Undo it
      </Button>
      <span className="text-sm text-soft">possible until {moment(last.until)}</span>
    </p>
  );
}
