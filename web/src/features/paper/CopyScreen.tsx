import { Link, Navigate, useParams } from 'react-router';
import { Stuck } from '../../outbox/Stuck';
import { Button } from '../../ui/Button';
import { land, PageTitle } from '../../ui/Landing';
import { Notice } from '../../ui/Notice';
import { Refused } from '../../ui/Refused';
import { TopBar } from '../../ui/TopBar';
import { useMe } from '../session/useSession';
import { CopyItem } from './CopyItem';
import { MarkingDesk } from './MarkingDesk';
import { codeOf } from './stages';
import { Steps } from './Steps';
import { type Copy, type CopyHand, useCopy } from './useCopy';

/** A student with the paper in hand: type answers in or say that they are on paper, look at the solutions, mark. */
export default function CopyScreen() {
  const { code: typed = '' } = useParams();
  const me = useMe();
  if (me.data?.role === 'INSTRUCTOR') {
    return <Navigate to="/paper" replace />;
  }
  // However it stands in the address, it is one copy: what is done with it goes out in one order.
  const code = codeOf(typed) || typed;
  return <OwnCopy key={code} code={code} />;
}

function OwnCopy({ code }: { code: string }) {
  const hand = useCopy(code);
  const copy = hand.view.data;
  return (
    <div className="min-h-screen">
      <TopBar />
      {copy === undefined ? (
        <Notice title={hand.view.isError ? 'This sheet cannot be opened.' : 'Opening the sheet.'}>
          {hand.view.error?.message} {hand.view.isError && <Link to="/paper">Back to paper</Link>}
        </Notice>
      ) : (
        <main className="page max-w-4xl gap-5">
          <PageTitle>{copy.title}</PageTitle>
          <header>
            <p className="text-soft">
              <Link to="/paper">Practice on paper</Link> · <span className="tracking-wider uppercase">{copy.code}</span>
            </p>
            <h1 className="font-serif text-3xl font-bold">{copy.title}</h1>
          </header>
          <Steps copy={copy} />
          {copy.solved ? <MarkingDesk copy={copy} hand={hand} /> : <Trying copy={copy} hand={hand} />}
          <Refused by={[hand.answer, hand.open]} />
        </main>
      )}
    </div>
  );
}

type Props = { copy: Copy; hand: CopyHand };

/** The page is another one now: it is read from its heading on. */
function toTheTop() {
  window.scrollTo(0, 0);
  const heading = document.querySelector('main h1');
  if (heading !== null) {
    land(heading);
  }
}

/** Before the solutions: every item to be tried. */
function Trying({ copy, hand }: Props) {
  return (
    <>
      <p className="flex flex-wrap gap-x-5">
        <a href={`/api/paper/copies/${copy.code}/sheet.pdf`}>Print it (PDF)</a>
        <span className="text-soft">
          {copy.done.tried} of {copy.places.length} tried
        </span>
      </p>
      {copy.places.map((place, i) => (
        <CopyItem key={place.item.id} copy={copy} at={i} hand={hand} />
      ))}
      <section aria-label="Solutions" className="grid justify-items-start gap-2 rounded-slip bg-glacier-wash p-4">
        <p>
          {copy.tried
            ? 'Every item is tried. Once the solutions are open, answers that you type are no longer checked.'
            : 'The solutions open when every item is tried: type its answer in, or say that it is done on paper.'}
        </p>
        <Button
          look="main"
          disabled={!copy.tried || hand.open.isPending}
          onClick={() => hand.open.mutate(undefined, { onSuccess: toTheTop })}
        >
          Open the solutions
        </Button>
        <Stuck what="Your wish" done={hand.open} />
      </section>
    </>
  );
}
