import { useState } from 'react';
import { Button } from '../../ui/Button';
import { INPUT, Labelled } from '../../ui/Labelled';
import { Refused } from '../../ui/Refused';
import { goesWith, useClassErasure, useGoingClass } from './useClassErasure';

type Props = { id: string; name: string };

/** A class that is over leaves the server; as an archive it can come back. */
export function EraseClass({ id, name }: Props) {
  const [asking, setAsking] = useState(false);
  return asking ? (
    <Asked id={id} name={name} onLeave={() => setAsking(false)} />
  ) : (
    <Button onClick={() => setAsking(true)}>Delete it …</Button>
  );
}

function Asked({ id, name, onLeave }: Props & { onLeave: () => void }) {
  const [typed, setTyped] = useState('');
  const going = useGoingClass(id);
  const erasure = useClassErasure(id, name);
  return (
    <form
      aria-label={`Delete ${name}`}
      className="grid w-full gap-3 rounded-slip bg-larch-wash p-4"
      onSubmit={(e) => {
        e.preventDefault();
        erasure.mutate(typed);
      }}
    >
      {going.isPending && <p role="status">Counting what would go …</p>}
      {going.data !== undefined && (
        <>
          <p role="status">{goesWith(going.data)}</p>
          <p>
            <a href={`/api/exchange/class-archive.zip?of=${encodeURIComponent(id)}`} download>
              Take everything of it as one zip
            </a>{' '}
            first: from that file, and from nothing else, it can be brought back, here or on another server.
          </p>
          <Labelled name="Type the name of the class to delete it">
            <input className={`${INPUT} w-80 max-w-full`} value={typed} onChange={(e) => setTyped(e.target.value)} />
          </Labelled>
        </>
      )}
      <span className="flex flex-wrap gap-2">
        <Button type="submit" look="main" disabled={typed === '' || erasure.isPending}>
          Delete the class for good
        </Button>
        <Button onClick={onLeave}>Not now</Button>
      </span>
      <Refused by={[going, erasure]} />
    </form>
  );
}
