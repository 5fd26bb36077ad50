import type { Schemas } from '../../api/client';
import { type Verdict, VerdictMark } from '../../ui/VerdictMark';

type Mark = Schemas['ResultItem']['mark'];

export const VERDICTS: Record<Mark, Verdict> = {
  RIGHT: 'correct',
  FORM: 'form',
  WRONG: 'incorrect',
  EMPTY: 'unreadable',
};
export const WORDS: Record<Mark, string> = {
  RIGHT: 'right',
  FORM: 'right in value, not in form',
  WRONG: 'not right',
  EMPTY: 'not answered',
};

/** The marks of a round in a row. */
export function Marks({ marks }: { marks: Mark[] }) {
  return (
    <ol className="flex flex-wrap gap-1">
      {marks.map((mark, i) => (
        // oxlint-disable-next-line react/no-array-index-key -- items stand in their order
        <li key={i} title={`Item ${i + 1}: ${WORDS[mark]}`}>
          <VerdictMark verdict={VERDICTS[mark]} />
          <span className="sr-only">
            Item {i + 1}: {WORDS[mark]}
          </span>
        </li>
      ))}
    </ol>
  );
}
