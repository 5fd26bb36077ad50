import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { day } from '../../ui/dates';
import { type Verdict, VerdictMark } from '../../ui/VerdictMark';

const VERDICTS: Record<string, [Verdict, string]> = {
  UNAIDED_FIRST: ['correct', 'right at once'],
  UNAIDED_LATER: ['correct', 'right on a later try'],
  AIDED: ['form', 'right after a hint'],
  MISSED: ['incorrect', 'missed'],
  RIGHT: ['correct', 'right'],
  FORM: ['form', 'right in value, not in form'],
  WRONG: ['incorrect', 'not right'],
  EMPTY: ['unreadable', 'not answered'],
  NEW: ['unreadable', 'new to the student'],
};

/**
 * Closed items as marks in a row; each opens the item with its tries and its work.
 *
 * @param props.name what they are items of
 */
export function ItemMarks({ items, name }: { items: Schemas['Attempted'][]; name: string }) {
  return (
    <ol className="mt-1 flex flex-wrap gap-1" aria-label={`Items of ${name}`}>
      {items.map((item, i) => {
        const [mark, words] = VERDICTS[item.outcome] ?? ['unreadable', item.outcome];
        const says = `Item ${i + 1}, ${words}, ${day(item.at)}`;
        return (
          <li key={item.itemId}>
            <Link
              to={`/book/${item.itemId}`}
              aria-label={says}
              title={says}
              className="block rounded p-1 hover:bg-spruce-wash"
            >
              <VerdictMark verdict={mark} />
            </Link>
          </li>
        );
      })}
    </ol>
  );
}
