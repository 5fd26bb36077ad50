import type { Schemas } from '../../api/client';
import { Tex } from '../../ui/Tex';
import { type Verdict, VerdictMark } from '../../ui/VerdictMark';

const WORDS: Record<string, [string, Verdict]> = {
  follows: ['follows', 'correct'],
  same: ['the same as before', 'correct'],
  'does-not-follow': ['does not follow', 'incorrect'],
  unreadable: ['not checked', 'unreadable'],
};

/** What the check says of one line, below it. Words of one's own are left alone. */
export function LineSays({ view }: { view: Schemas['LineView'] }) {
  const known = WORDS[view.verdict];
  if (known === undefined) {
    return null;
  }
  const [word, mark] = known;
  return (
    <p
      className="col-span-2 col-start-2 flex items-start gap-2 bg-leaf pb-1 text-[0.95rem]"
      data-line-verdict={view.verdict}
    >
      <VerdictMark verdict={mark} />
      <span>
        <strong>{word}</strong>
        {view.message !== '' && `: ${view.message}`}{' '}
        {view.place !== '' && (
          <>
            Look at <Tex latex={view.place} />.
          </>
        )}
      </span>
    </p>
  );
}
