import { Link, useNavigate } from 'react-router';
import { Button } from '../../ui/Button';
import { LeafSwitch } from '../../ui/LeafSwitch';
import { Mark } from '../../ui/Mark';
import { Notice, NoticePage } from '../../ui/Notice';
import { Refused } from '../../ui/Refused';
import { ItemPane } from '../practice/ItemPane';
import { placeOf } from '../practice/useDraft';
import { useActions, usePractice, type View } from '../practice/usePractice';
import { figuresOf } from '../working/figures';
import { WorkPage } from '../working/WorkPage';
import { SetMarks } from './SetMarks';
import { type ReviewHand, type SetView, useReview } from './useReview';

const PLACE = 'refresh';

/** A mixed set: one skill after the other, with the same help and the same page beside the item as in practice. */
export default function RefreshScreen() {
  const hand = useReview();
  if (hand.view.isPending) {
    return <NoticePage title="Opening the set." />;
  }
  if (hand.view.isError && hand.view.data === undefined) {
    return <NoticePage title="This could not be loaded.">{hand.view.error.message}</NoticePage>;
  }
  const set = hand.view.data?.set;
  const here = set?.places[set.current];
  if (set === undefined) {
    return (
      <NoticePage title="There is no set.">
        <Link to="/review">Choose what to refresh</Link>
      </NoticePage>
    );
  }
  return (
    <div className="flex min-h-screen flex-col">
      <Head set={set} hand={hand} />
      {here !== undefined && (
        <p className="border-b border-rule px-6 py-1 text-sm text-soft">
          Nothing here lowers what you have reached. What you get right without help stays fresh for longer.
        </p>
      )}
      {here === undefined ? (
        <Done set={set} />
      ) : (
        <Skill key={here.skillId} skillId={here.skillId} set={set} hand={hand} />
      )}
    </div>
  );
}

function Head({ set, hand }: { set: SetView; hand: ReviewHand }) {
  const navigate = useNavigate();
  return (
    <header className="flex flex-wrap items-center justify-between gap-x-6 gap-y-1 border-b border-rule px-6 py-1.5">
      <span className="flex flex-wrap items-center gap-x-6">
        <Mark />
        <h1 className="font-semibold">Refresh{set.current >= 0 && `: ${set.places[set.current]?.skill}`}</h1>
        <SetMarks set={set} />
      </span>
      <span className="flex items-center gap-3 text-soft">
        <Link to="/review">Leave it for now</Link>
        {set.current >= 0 && (
          <Button
            look="quiet"
            disabled={hand.end.isPending}
            onClick={() => hand.end.mutate(undefined, { onSuccess: () => void navigate('/review') })}
          >
            End the set
          </Button>
        )}
      </span>
    </header>
  );
}

function Skill({ skillId, set, hand }: { skillId: string; set: SetView; hand: ReviewHand }) {
  const view = usePractice({ assignmentId: PLACE, skillId });
  if (view.shown === undefined) {
    return view.isError ? (
      <Notice title="This cannot be opened.">{view.error.message}</Notice>
    ) : (
      <Notice title="Opening your page." />
    );
  }
  return <Desk view={view.shown} set={set} hand={hand} />;
}

function Desk({ view, set, hand }: { view: View; set: SetView; hand: ReviewHand }) {
  const practice = useActions(view);
  const { item, skillId } = view;
  const last = set.current === set.places.length - 1;
  return (
    <>
      <LeafSwitch names={['Item', 'Your page']} />
      <main className="grid flex-1 snap-x snap-mandatory auto-cols-[100%] grid-flow-col overflow-x-auto md:auto-cols-auto md:grid-flow-row md:grid-cols-[61fr_39fr] md:overflow-visible">
        <section aria-label="Item" className="min-w-0 snap-start">
          <ItemPane
            key={item.id}
            view={view}
            practice={practice}
            wayOn={{ name: last ? 'Finish the set' : 'Next skill', busy: hand.next.isPending, go: hand.next.mutate }}
          />
          <div className="px-10 pb-6">
            <Refused by={[hand.next]} />
          </div>
        </section>
        <WorkPage
          key={`work-${item.id}`}
          itemId={item.id}
          place={placeOf(item.id)}
          letters={item.letters}
          figures={figuresOf(item)}
          required={false}
          checking={
            view.checksOwnLines ? { place: { assignmentId: PLACE, skillId }, allowed: item.checksLines } : undefined
          }
        />
      </main>
    </>
  );
}

function Done({ set }: { set: SetView }) {
  const right = set.places.filter((p) => p.outcome === 'UNAIDED_FIRST' || p.outcome === 'UNAIDED_LATER');
  const others = set.places.filter((p) => !right.includes(p));
  return (
    <main className="mx-auto grid w-full max-w-2xl gap-4 px-6 py-10">
      <h2 className="font-serif text-2xl font-bold">The set is done</h2>
      {right.length > 0 && <p>Fresh for longer: {right.map((p) => p.skill).join(', ')}.</p>}
      {others.length > 0 && (
        <p>Come back soon: {others.map((p) => p.skill).join(', ')}. They stay known, and stay due for a refresh.</p>
      )}
      <span className="flex flex-wrap gap-3">
        <Link
          to="/review"
          className="rounded-slip border border-spruce bg-spruce px-4 py-2 font-semibold text-on-spruce no-underline"
        >
          Back to what you know
        </Link>
        <Link to="/due" className="rounded-slip border border-edge bg-leaf px-4 py-2 text-ink no-underline">
          To what is due
        </Link>
      </span>
    </main>
  );
}
