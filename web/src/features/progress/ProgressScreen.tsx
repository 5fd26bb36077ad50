import { Notice } from '../../ui/Notice';
import { TopBar } from '../../ui/TopBar';
import { OutsideHistory } from '../exchange/OutsideHistory';
import { ProgressBody } from './ProgressBody';
import { useProgress } from './useProgress';

/** How one has come along. */
export default function ProgressScreen() {
  const hand = useProgress();
  const progress = hand.first;
  return (
    <div className="min-h-screen">
      <TopBar />
      <main className="page gap-6">
        <h1 className="font-serif text-3xl font-bold">Your progress</h1>
        {progress.isPending && <Notice title="Loading your progress." />}
        {progress.isError && <Notice title="This could not be loaded.">{progress.error.message}</Notice>}
        {hand.data !== undefined && <ProgressBody progress={hand.data} hand={hand} />}
        <OutsideHistory />
      </main>
    </div>
  );
}
