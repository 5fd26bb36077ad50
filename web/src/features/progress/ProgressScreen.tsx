import { useQuery } from '@tanstack/react-query';
import { api, taken } from '../../api/client';
import { Notice } from '../../ui/Notice';
import { TopBar } from '../../ui/TopBar';
import { OutsideHistory } from '../exchange/OutsideHistory';
import { ProgressBody } from './ProgressBody';

/** How one has come along. */
export default function ProgressScreen() {
  const progress = useQuery({ queryKey: ['progress'], queryFn: () => taken(api.GET('/api/progress')) });
  return (
    <div className="min-h-screen">
      <TopBar />
      <main className="page gap-6">
        <h1 className="font-serif text-3xl font-bold">Your progress</h1>
        {progress.isPending && <Notice title="Loading your progress." />}
        {progress.isError && <Notice title="This could not be loaded.">{progress.error.message}</Notice>}
        {progress.isSuccess && <ProgressBody progress={progress.data} />}
        <OutsideHistory />
      </main>
    </div>
  );
}
