import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { api, taken } from '../../api/client';
import { Notice } from '../../ui/Notice';
import { TopBar } from '../../ui/TopBar';
import { Drawn } from '../working/PageShown';
import { figuresOf } from '../working/figures';
import { usePage, WorkPage } from '../working/WorkPage';
import { ItemShown } from './ItemShown';

export function useBookPage(itemId: string) {
  return useQuery({
    queryKey: ['book-page', itemId],
    queryFn: () => taken(api.GET('/api/book/{itemId}', { params: { path: { itemId } } })),
  });
}

/** One page of the book: the item, the answer, and one's own work, which can still be added to. */
export default function BookPageScreen() {
  const { itemId = '' } = useParams();
  const found = useBookPage(itemId);
  const page = usePage(itemId);
  return (
    <div className="flex min-h-screen flex-col">
      <TopBar />
      {found.isPending && <Notice title="Opening the page." />}
      {found.isError && <Notice title="This page cannot be opened.">{found.error.message}</Notice>}
      {found.isSuccess && (
        <main className="grid flex-1 md:grid-cols-[50fr_50fr]">
          <section aria-label="Item" className="grid min-w-0 content-start gap-4 p-6 md:p-8">
            <p className="text-soft">
              <Link to="/book">Your book</Link> · {found.data.assignment} · <h1 className="inline">{found.data.skill}</h1>, item {found.data.item.number}
            </p>
            <ItemShown item={found.data.item} />
            {found.data.note !== '' && (
              <section aria-label="Your correction" className="rounded-slip border-l-4 border-larch-mark bg-larch-wash p-4">
                <p className="text-sm text-soft">Your correction</p>
                <p className="font-serif text-lg whitespace-pre-wrap">{found.data.note}</p>
              </section>
            )}
            {page.isSuccess && page.data.hasInk && (
              <details open={page.data.state.kind === 'Read' || page.data.state.kind === 'SentBack'}>
                <summary className="cursor-pointer text-glacier">The drawn work, with any marks on it</summary>
                <div className="mt-2">
                  <Drawn itemId={itemId} figures={page.data.figureUnder ? figuresOf(found.data.item) : []} />
                </div>
              </details>
            )}
          </section>
          <WorkPage itemId={itemId} letters={found.data.item.letters} figures={figuresOf(found.data.item)} required={found.data.workRequired} />
        </main>
      )}
    </div>
  );
}
