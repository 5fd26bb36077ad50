import { Bar } from '../../ui/Bar';
import { Button } from '../../ui/Button';
import { moment } from '../../ui/dates';
import { type Sending, type StoreView, useRecordStore } from './useRecordStore';

/** What the class did, sent to the record store of the server. */
export function SendRecords() {
  const { store, sending, error, send, stop } = useRecordStore();
  if (store.data === undefined) {
    return null;
  }
  const { address, simulated, held, students } = store.data;
  if (address === undefined) {
    return (
      <p className="text-sm text-soft">
        This server has no record store to send to. Whoever runs it can name one; until then, take the file along.
      </p>
    );
  }
  return (
    <div className="grid gap-2">
      <p>
        {simulated ? 'A simulated record store runs with this demo. ' : ''}
        Statements go to <span className="break-all font-semibold">{address}</span>. {sentBefore(students)}
        {simulated && ` It holds ${counted(held, 'statement')} now.`}
      </p>
      <div className="flex flex-wrap items-center gap-3">
        <Button disabled={sending.state === 'running' || students.length === 0} onClick={() => void send(students)}>
          Send what everybody did
        </Button>
        {sending.state === 'running' && <Button onClick={stop}>Stop</Button>}
      </div>
      {sending.state !== 'idle' && <Progress sending={sending} />}
      {error !== null && <p role="alert">{error.message}</p>}
    </div>
  );
}

function Progress({ sending }: { sending: Sending }) {
  return (
    <p role="status" className="grid gap-1">
      {wordsFor(sending)}
      {sending.state === 'running' && <Bar label="Sending" value={sending.done} max={sending.of} />}
    </p>
  );
}

export function wordsFor({ state, done, of, statements }: Sending): string {
  const so = `${counted(statements, 'statement')} of ${counted(done, 'student')}`;
  switch (state) {
    case 'running':
      return `Sending … ${done} of ${counted(of, 'student')}.`;
    case 'stopped':
      return `Stopped after ${so}. What was sent stays there; nothing is kept twice when you send again.`;
    default:
      return `Sent: ${so}.`;
  }
}

/** When it was done last, where it was done at all. */
export function sentBefore(students: StoreView['students']): string {
  const times = students.flatMap((s) => (s.sentAt === undefined ? [] : [s.sentAt])).sort();
  const last = times.at(-1);
  if (last === undefined) {
    return 'Nothing has been sent yet.';
  }
  const never = students.length - times.length;
  return `Last sent ${moment(last)}${never === 0 ? '' : `; nothing yet of ${counted(never, 'student')}`}.`;
}

function counted(n: number, what: string): string {
  return `${n.toLocaleString('en-US')} ${what}${n === 1 ? '' : 's'}`;
}
