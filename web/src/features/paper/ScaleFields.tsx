import { useState } from 'react';
import { Button } from '../../ui/Button';
import { INPUT } from '../../ui/Labelled';
import { Refused } from '../../ui/Refused';
import { type Scale, useScale } from './usePaper';

type Grade = Scale['grades'][number];

/** The words that the class has for its marks, to be changed. */
export function ScaleFields() {
  const { scale, keep } = useScale();
  if (!scale.isSuccess) {
    return null;
  }
  return (
    <details>
      <summary className="w-fit cursor-pointer text-glacier">
        {scale.data.grades.length === 0
          ? 'Give marks words of your own'
          : `Words for marks: ${scale.data.grades.map((g) => `${g.word} from ${g.from}%`).join(', ')}`}
      </summary>
      <Fields key={JSON.stringify(scale.data)} grades={scale.data.grades} keep={keep} />
    </details>
  );
}

const FIRST: Grade[] = [
  { from: 85, word: 'secure' },
  { from: 60, word: 'on the way' },
  { from: 0, word: 'at the start' },
];

function Fields({ grades, keep }: { grades: Grade[]; keep: ReturnType<typeof useScale>['keep'] }) {
  const [rows, setRows] = useState(grades.length === 0 ? FIRST : grades);
  const put = (at: number, next: Partial<Grade>) => setRows(rows.map((g, i) => (i === at ? { ...g, ...next } : g)));
  const valid = rows.every((g) => Number.isInteger(g.from) && g.word.trim() !== '');
  return (
    <div className="mt-2 grid justify-items-start gap-2">
      {rows.map((grade, i) => (
        // oxlint-disable-next-line react/no-array-index-key -- rows stand in their order
        <span key={i} className="flex flex-wrap items-center gap-2">
          from
          <input
            type="number"
            aria-label={`Percent from which grade ${i + 1} is given`}
            className={`${INPUT} w-20`}
            min={0}
            max={100}
            value={Number.isNaN(grade.from) ? '' : grade.from}
            onChange={(e) => put(i, { from: e.target.valueAsNumber })}
          />
          percent:
          <input
            aria-label={`Word of grade ${i + 1}`}
            className={`${INPUT} w-48`}
            maxLength={30}
            value={grade.word}
            onChange={(e) => put(i, { word: e.target.value })}
          />
          <Button
            small
            look="quiet"
            aria-label={`Take grade ${i + 1} away`}
            onClick={() => setRows(rows.filter((_, k) => k !== i))}
          >
            Take it away
          </Button>
        </span>
      ))}
      <span className="flex flex-wrap items-center gap-3">
        <Button small onClick={() => setRows([...rows, { from: 0, word: '' }])}>
          One more
        </Button>
        <Button look="main" disabled={!valid || keep.isPending} onClick={() => keep.mutate({ grades: rows })}>
          Use these words
        </Button>
        {grades.length > 0 && (
          <Button look="quiet" disabled={keep.isPending} onClick={() => keep.mutate({ grades: [] })}>
            Percent alone
          </Button>
        )}
      </span>
      <Refused by={[keep]} />
    </div>
  );
}
