import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { api, taken } from '../../api/client';
import { Notice } from '../../ui/Notice';
import { TopBar } from '../../ui/TopBar';
import { useMe } from '../session/useSession';
import { Drawn, PageShown } from '../working/PageShown';
import { figuresOf } from '../working/figures';
import { placeOf } from '../practice/useDraft';
import { usePage, WorkPage } from '../working/WorkPage';
import { WorkStanding } from '../working/WorkStanding';
import { ItemShown } from './ItemShown';
import { Tries } from './Tries';

export function useBookPage(itemId: string) {
  return useQuery({
    queryKey: ['book-page', itemId],
    queryFn: () => taken(api.GET('/api/book/{itemId}', { params: { path: { itemId } } })),
  });
}

/** One page of the book: the item, the answer, and the work, which its owner can still add to. */
export default function BookPageScreen() {
  const { itemId = '' } = useParams();
  const found = useBookPage(itemId);
  const page = usePage(itemId);
  const teaches = useMe().data?.role === 'INSTRUCTOR';
  return (
    <div className="flex min-h-screen flex-col">
      <TopBar />
      {found.isPending && <Notice title="Opening the page." />}
      {found.isError && <Notice title="This page cannot be opened.">{found.error.message}</Notice>}
      {found.isSuccess && (
        <main className="grid flex-1 md:grid-cols-[50fr_50fr]">
          <section aria-label="Item" className="grid min-w-0 content-start gap-4 p-6 md:p-8">
            <p className="text-soft">
              {teaches ? (
                <Link to={`/class/students/${found.data.studentId}`}>{found.data.student}</Link>
              ) : (
                <Link to="/book">Your book</Link>
              )}{' '}
              · {found.data.assignment} · <h1 className="inline">{found.data.skill}</h1>, item {found.data.item.number}
            </p>
            <ItemShown item={found.data.item} />
            {found.data.note !== '' && (
              <section aria-label="Correction" className="rounded-slip border-l-4 border-larch-mark bg-larch-wash p-4">
                <p className="text-sm text-soft">{teaches ? 'The correction' : 'Your correction'}</p>
                <p className="font-serif text-lg whitespace-pre-wrap">{found.data.note}</p>
              </section>
            )}
            {found.data.tries.length > 0 && (
              <details>
                <summary className="cursor-pointer text-glacier">
                  {found.data.tries.length === 1 ? 'One try' : `${found.data.tries.length} tries`}
                </summary>
                <Tries tries={found.data.tries} />
              </details>
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
          {teaches ? (
            <section
              aria-label="Work"
              className="grid min-w-0 content-start gap-3 border-l-2 border-rust/40 bg-leaf p-6"
            >
              <h2 className="text-sm font-semibold text-soft">The student&rsquo;s page</h2>
              {page.isSuccess && <WorkStanding state={page.data.state} required={false} own={!teaches} />}
              {page.isSuccess && (page.data.state.kind === 'HandedIn' || page.data.state.kind === 'Read') && (
                <p>
                  <Link to={`/handed-in/${itemId}`}>
                    {page.data.state.kind === 'Read' ? 'Change what you said of it' : 'Read it'}
                  </Link>
                </p>
              )}
              {page.isSuccess && <PageShown page={page.data} lines={found.data.lines} />}
            </section>
          ) : (
            <WorkPage
              place={placeOf(found.data.item.id)}
              itemId={itemId}
              letters={found.data.item.letters}
              figures={figuresOf(found.data.item)}
              required={found.data.workRequired}
              draws={found.data.item.picture}
            />
          )}
        </main>
      )}
    </div>
  );
}
