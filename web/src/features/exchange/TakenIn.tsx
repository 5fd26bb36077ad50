import { Bar } from '../../ui/Bar';
import { Button } from '../../ui/Button';
import { moment } from '../../ui/dates';
import { FilePicker } from '../../ui/FilePicker';
import type { Headway } from './useHeadway';

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

type TakingInProps = { reading: boolean; taking: boolean; what: string; headway: Headway | undefined };

/** While a file is read, and while it is taken in: what is being done, and how much of it is done. */
export function TakingIn({ reading, taking, what, headway }: TakingInProps) {
  const doing = headway?.doing ?? '';
  const measure = headway === undefined || headway.steps === 0 ? {} : { value: headway.done, max: headway.steps };
  return (
    (reading || taking) && (
      <div className="grid gap-1">
        <p role="status">{reading ? `Reading the ${what} …` : 'Taking it in …'}</p>
        <Bar label={`Taking the ${what} in`} {...measure} />
        {doing !== '' && <p className="text-sm text-soft">{doing}</p>}
      </div>
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
