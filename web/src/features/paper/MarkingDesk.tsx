import { useState } from 'react';
import { outbox } from '../../outbox';
import { Stuck } from '../../outbox/Stuck';
import { useJotting } from '../../outbox/useJotting';
import { Button } from '../../ui/Button';
import { Refused } from '../../ui/Refused';
import { CopyItem } from './CopyItem';
import { type Earned, notedOf, sumOf, totalOf, turnedLine } from './marking';
import { marksOf, stageOf } from './stages';
import type { Copy, CopyHand } from './useCopy';

type Props = { copy: Copy; hand: CopyHand };

/** With the solutions: own work marked line by line, or the sum that was counted on paper. */
export function MarkingDesk({ copy, hand }: Props) {
  const [noted, note] = useJotting(`marks/${copy.code}`);
  const [sum, writeSum] = useJotting(`sum/${copy.code}`, copy.bySum ? String(copy.done.have) : '');
  const [bySum, setBySum] = useState(sum !== '');
  const earned: Earned = notedOf(noted, copy);
  const marks = bySum ? totalOf(sum, copy.most) : { lines: earned };
  const give = () =>
    marks !== '' &&
    hand.mark.mutate(marks, {
      onSuccess: () => [`marks/${copy.code}`, `sum/${copy.code}`].forEach((name) => outbox.jottings.write(name, '')),
    });
  return (
    <>
      <p className="flex flex-wrap gap-x-5">
        <a href={`/api/paper/copies/${copy.code}/solutions.pdf`}>Solutions (PDF)</a>
        <a href={`/api/paper/copies/${copy.code}/sheet.pdf`}>The sheet once more (PDF)</a>
      </p>
      <Standing copy={copy} />
      {copy.places.map((place, i) => (
        <CopyItem
          key={place.item.id}
          copy={copy}
          at={i}
          hand={hand}
          marking={
            bySum
              ? 'sum'
              : copy.takesMarks
                ? { earned: earned[i] ?? [], turn: (id) => note(JSON.stringify(turnedLine(earned, i, id))) }
                : 'shown'
          }
        />
      ))}
      {copy.takesMarks && (
        <section aria-label="Your marks" className="grid justify-items-start gap-3 rounded-slip bg-glacier-wash p-4">
          <label className="flex items-center gap-2">
            <input type="checkbox" checked={bySum} onChange={(e) => setBySum(e.target.checked)} />I have marked it on
            paper, and enter the sum alone
          </label>
          <p className="flex flex-wrap items-center gap-3 text-lg">
            {bySum ? (
              <input
                aria-label="Marks in all"
                inputMode="numeric"
                className="w-16 rounded-slip border border-edge bg-paper px-2 py-1 text-center"
                maxLength={4}
                value={sum}
                onChange={(e) => writeSum(e.target.value)}
              />
            ) : (
              <strong data-sum>{sumOf(earned)}</strong>
            )}
            of {copy.most} marks
          </p>
          {bySum && sum.trim() !== '' && marks === '' && (
            <p role="alert" className="text-rust">
              Enter a number from 0 to {copy.most}.
            </p>
          )}
          <Button look="main" disabled={marks === '' || hand.mark.isPending} onClick={give}>
            {copy.done.have === undefined ? 'These are my marks' : 'Change my marks'}
          </Button>
          <span role="status">
            {copy.done.stage === 'MARKED' && `Kept: ${marksOf(copy.done)}. Your instructor looks at the marks.`}
          </span>
          <Stuck what="Your marks" done={hand.mark} />
          <Refused by={[hand.mark]} />
        </section>
      )}
    </>
  );
}

function Standing({ copy }: { copy: Copy }) {
  const { done } = copy;
  return done.have === undefined ? null : (
    <section aria-label="Where it stands" className="rounded-slip border-l-4 border-spruce bg-spruce-wash p-4">
      <p className="font-serif text-xl font-semibold" data-marks={done.have}>
        {marksOf(done)}
      </p>
      <p>{stageOf(done, copy.places.length)}</p>
      {done.comment !== '' && (
        <p>
          Your instructor says: <q>{done.comment}</q>
        </p>
      )}
    </section>
  );
}
