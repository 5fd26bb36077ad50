import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { Button } from '../../ui/Button';
import { day } from '../../ui/dates';
import { Notice } from '../../ui/Notice';
import { Refused } from '../../ui/Refused';
import { TopBar } from '../../ui/TopBar';
import { sheetOf } from '../paper/wanted';
import { StatusMark } from '../map/StatusMark';
import { SetMarks } from './SetMarks';
import { type Review, type ReviewHand, useReview } from './useReview';

/** Skills that are known, to be practised once more: those that are due in a mixed set, or any of them. */
export default function ReviewScreen() {
  const hand = useReview();
  return (
    <div className="min-h-screen">
      <TopBar />
      <main className="page gap-6">
        <h1 className="font-serif text-3xl font-bold">Keep what you know</h1>
        {hand.view.isPending && <Notice title="Looking up what you know." />}
        {hand.view.isError && <Notice title="This could not be loaded.">{hand.view.error.message}</Notice>}
        {hand.view.isSuccess &&
          (hand.view.data.skills.length === 0 ? (
            <Notice title="No skill is known yet.">
              Skills that you reach in practice or show in a check are listed here, so that you can keep them fresh.{' '}
              <Link to="/map">Choose one on the map</Link>, or <Link to="/check">find out what you know</Link>.
            </Notice>
          ) : (
            <Choose review={hand.view.data} hand={hand} />
          ))}
      </main>
    </div>
  );
}

function Choose({ review, hand }: { review: Review; hand: ReviewHand }) {
  const navigate = useNavigate();
  const [chosen, setChosen] = useState<string[]>([]);
  const due = review.skills.filter((s) => s.isDue);
  const onPaper = chosen.length > 0 ? chosen : due.map((s) => s.id);
  const begin = (skills: string[]) => hand.begin.mutate(skills, { onSuccess: () => void navigate('/review/set') });
  const running = review.set !== undefined && review.set.current >= 0 ? review.set : undefined;
  return (
    <>
      {running !== undefined && (
        <section
          aria-label="The set you are in"
          className="flex flex-wrap items-center gap-4 rounded-slip border-l-4 border-glacier bg-glacier-wash p-4"
        >
          <SetMarks set={running} />
          <Link
            to="/review/set"
            className="rounded-slip border border-spruce bg-spruce px-4 py-2 font-semibold text-on-spruce no-underline"
          >
            Go on with the set
          </Link>
        </section>
      )}
      <section className="grid justify-items-start gap-3 rounded-slip border border-rule bg-leaf p-5">
        <h2 className="font-serif text-xl font-semibold">
          {due.length === 0
            ? 'Nothing is due for a refresh'
            : due.length === 1
              ? 'One skill is due for a refresh'
              : `${due.length} skills are due for a refresh`}
        </h2>
        <p>
          A mixed set brings one item of each, with all the help there is. What you get right stays fresh for longer;
          what you get wrong takes nothing away.
          {due.length > review.most &&
            ` A set has ${review.most} skills at most: those that have waited longest come first.`}
        </p>
        <span className="flex flex-wrap gap-3">
          {due.length > 0 && (
            <Button look="main" disabled={hand.begin.isPending} onClick={() => begin([])}>
              Begin the mixed set
            </Button>
          )}
          {chosen.length > 0 && (
            <Button
              look={due.length === 0 ? 'main' : 'plain'}
              disabled={hand.begin.isPending || chosen.length > review.most}
              onClick={() => begin(chosen)}
            >
              Mix the {chosen.length} that are marked
            </Button>
          )}
        </span>
        {chosen.length > review.most && <p className="text-rust">A set has {review.most} skills at most.</p>}
        <Refused by={[hand.begin]} />
        <p className="text-sm text-soft">
          <Link to="/check">A short check</Link> asks without help and can also put a skill back into practice.
          {onPaper.length > 0 && (
            <>
              {' '}
              Prefer paper? <Link to={sheetOf('Refresh', onPaper)}>Print a sheet</Link> of{' '}
              {chosen.length > 0 ? 'those that are marked' : 'those that are due'}.
            </>
          )}
        </p>
      </section>
      <Known
        review={review}
        chosen={chosen}
        onTurn={(id) => setChosen(chosen.includes(id) ? chosen.filter((other) => other !== id) : [...chosen, id])}
      />
    </>
  );
}

function Known({ review, chosen, onTurn }: { review: Review; chosen: string[]; onTurn: (id: string) => void }) {
  return (
    <section aria-label="Skills you know">
      <h2 className="font-serif text-xl font-semibold">Skills you know: {review.skills.length}</h2>
      <ul className="mt-2 border-t border-rule">
        {review.skills.map((s) => (
          <li key={s.id} className="grid grid-cols-[1.5rem_1fr_auto] items-center gap-x-3 border-b border-rule py-2">
            <input
              type="checkbox"
              className="size-4"
              aria-label={`Mark ${s.name} for a set`}
              checked={chosen.includes(s.id)}
              onChange={() => onTurn(s.id)}
            />
            <span>
              <span className="flex items-center gap-2">
                <StatusMark status={s.isDue ? 'REFRESH' : 'KNOWN'} /> {s.name}
              </span>
              <span className="text-sm text-soft">
                last shown {day(s.shownAt)}, {s.isDue ? 'due for a refresh' : `refresh around ${day(s.dueAt)}`}
              </span>
            </span>
            <Link
              to={`/practice/own/${s.id}`}
              aria-label={`Practise ${s.name}`}
              className="rounded-slip border border-edge bg-leaf px-3 py-1.5 text-ink no-underline"
            >
              Practise
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
