import type { Schemas } from '../../api/client';
import { outbox } from '../../outbox';
import { Stuck } from '../../outbox/Stuck';
import { useJotting } from '../../outbox/useJotting';
import { Button } from '../../ui/Button';
import { VerdictMark } from '../../ui/VerdictMark';
import { useBookPage } from '../book/BookPageScreen';
import { ItemShown } from '../book/ItemShown';
import { figuresOf } from '../working/figures';
import { Drawn, PageShown } from '../working/PageShown';
import { usePage } from '../working/WorkPage';
import { VERDICTS, WORDS } from './Marks';
import type { useRound } from './useQuiz';

type Item = Schemas['ResultItem'];

/**
 * One missed item: own answer, right answer, explanation and own work on one side, the note of the student on the
 * other.
 */
export function CorrectionDesk({ item, round }: { item: Item; round: ReturnType<typeof useRound> }) {
  return (
    <article
      aria-label={`Item ${item.slot + 1}`}
      className="grid gap-6 rounded-slip border border-rule bg-leaf p-5 md:grid-cols-[1fr_22rem]"
    >
      <div className="grid min-w-0 content-start gap-4">
        <p className="flex items-center gap-2">
          <VerdictMark verdict={VERDICTS[item.mark]} />
          <strong>Item {item.slot + 1}</strong> <span className="text-soft">{WORDS[item.mark]}</span>
        </p>
        <ItemShown item={item.item} explained />
        <OwnWork item={item.item} />
      </div>
      <Note item={item} round={round} />
    </article>
  );
}

function OwnWork({ item }: { item: Schemas['ItemView'] }) {
  const page = usePage(item.id);
  const found = useBookPage(item.id);
  if (page.data?.savedAt === undefined || found.data === undefined) {
    return null;
  }
  return (
    <details>
      <summary className="cursor-pointer text-glacier">Your own work</summary>
      <div className="mt-2 grid gap-3">
        <PageShown page={page.data} lines={found.data.lines} />
        {page.data.hasInk && <Drawn itemId={item.id} figures={page.data.figureUnder ? figuresOf(item) : []} />}
      </div>
    </details>
  );
}

/** The correction note: kept here while it is written, then on the server and in the book. */
function Note({ item, round }: { item: Item; round: ReturnType<typeof useRound> }) {
  const [text, write] = useJotting(`note/${item.item.id}`, item.note);
  const mine = round.correct.variables?.slot === item.slot;
  const isSame = text.trim() === (item.note ?? '');
  const save = () =>
    round.correct.mutate(
      { slot: item.slot, note: text },
      { onSuccess: () => outbox.jottings.write(`note/${item.item.id}`, '') },
    );
  return (
    <div className="grid content-start gap-2">
      <label className="grid gap-1">
        <span className="font-semibold">How is it done? In your own words, or as lines of work</span>
        <textarea
          className="squared min-h-36 rounded-slip border border-edge bg-leaf p-2 font-serif text-lg"
          maxLength={2000}
          value={text}
          onChange={(e) => write(e.target.value)}
        />
      </label>
      {mine && <Stuck what="Your correction" done={round.correct} />}
      {mine && round.correct.isError && (
        <p role="alert" className="text-rust">
          {round.correct.error.message}
        </p>
      )}
      <span className="flex items-center gap-3">
        <Button
          look={item.note === undefined ? 'main' : 'plain'}
          disabled={round.correct.isPending || text.trim() === '' || isSame}
          onClick={save}
        >
          {item.note === undefined ? 'This is my correction' : 'Change it'}
        </Button>
        {item.note !== undefined && isSame && (
          <span role="status" className="text-soft">
            In your book.
          </span>
        )}
      </span>
    </div>
  );
}
