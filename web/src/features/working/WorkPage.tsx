import { useQueryClient } from '@tanstack/react-query';
import { Tabs } from 'radix-ui';
import { lazy, type ReactNode, Suspense } from 'react';
import { api, type Schemas, taken } from '../../api/client';
import { letter } from '../../outbox/letter';
import { Stuck } from '../../outbox/Stuck';
import { useDeed } from '../../outbox/useDeed';
import { useFresh } from '../../outbox/useFresh';
import { type Scene, SceneView } from '../../figures/SceneView';
import { Button } from '../../ui/Button';
import { TAB } from '../../ui/tab';
import { type Checking, Lines } from './Lines';
import { WorkStanding } from './WorkStanding';

const InkSheet = lazy(() => import('../ink/InkSheet'));
const Photos = lazy(() => import('./Photos'));
const PageFiles = lazy(() => import('./PageFiles'));

type Page = Schemas['Page'];

export function usePage(itemId: string) {
  return useFresh(['work', itemId], () => taken(api.GET('/api/items/{itemId}/work', { params: { path: { itemId } } })));
}

type Props = {
  itemId: string;
  /** In whose order everything on the page goes out. */
  place: string;
  letters: string[];
  /** Pictures of the item, which can lie under the ink. */
  figures: Scene[];
  required: boolean;
  /** Whether a picture is asked for: the sheet to draw on lies on top. */
  draws?: boolean;
  checking?: Checking;
  /** Whether the page is the wider side; none where it cannot be changed. */
  wide?: { is: boolean; turn: () => void };
};

/** The right side: the student's own page beside the item, kept as it is written. */
export function WorkPage(props: Props) {
  const page = usePage(props.itemId);
  return (
    <section aria-label="Your page" className="min-w-0 snap-start border-l-2 border-rust/40 bg-leaf max-md:self-start">
      <div className="flex flex-col p-4 pb-16 md:sticky md:top-0 md:max-h-screen md:min-h-[calc(100vh-7.7rem)] md:overflow-y-auto print:static print:max-h-none print:overflow-visible">
        {page.shown !== undefined && <Leaves {...props} page={page.shown} />}
        {page.shown === undefined &&
          (page.isError ? <p role="alert">{page.error.message}</p> : <p className="text-soft">Opening your page.</p>)}
      </div>
    </section>
  );
}

function Leaves({ itemId, place, letters, figures, required, draws, checking, wide, page }: Props & { page: Page }) {
  const queries = useQueryClient();
  const handIn = useDeed({
    place,
    words: 'Your work',
    letter: () => letter('post', '/api/items/{itemId}/work/hand-in', { itemId }, undefined),
    refresh: [['work', itemId]],
    onDone: (now) => queries.setQueryData(['work', itemId], now),
  });
  return (
    <>
      <div className="flex flex-wrap items-center justify-between gap-x-4 bg-leaf text-sm">
        <h2 className="font-semibold text-soft">Your page for this item</h2>
        {wide !== undefined && (
          <Button look="quiet" small className="max-md:hidden" onClick={wide.turn}>
            {wide.is ? 'Narrower page' : 'Wider page'}
          </Button>
        )}
      </div>
      <WorkStanding
        state={page.state}
        required={required}
        picture={draws === true}
        own
        busy={handIn.isPending}
        onHandIn={() => handIn.mutate(undefined)}
      />
      <Stuck what="Your work" done={handIn} />
      {handIn.isError && (
        <p role="alert" className="bg-leaf text-rust">
          {handIn.error.message}
        </p>
      )}
      <Tabs.Root defaultValue={draws === true ? 'ink' : 'lines'}>
        <Tabs.List className="mt-1 flex gap-2 border-b border-rule bg-leaf" aria-label="Ways to show your work">
          <Tabs.Trigger value="lines" className={TAB}>
            Write
          </Tabs.Trigger>
          <Tabs.Trigger value="ink" className={TAB}>
            Draw
            {page.hasInk && (
              <span className="ml-1 text-larch" title="Something is drawn">
                •<span className="sr-only"> (something is drawn)</span>
              </span>
            )}
          </Tabs.Trigger>
          <Tabs.Trigger value="photos" className={TAB}>
            Photos{page.photos.length > 0 && ` (${page.photos.length})`}
          </Tabs.Trigger>
          <Tabs.Trigger value="files" className={TAB}>
            Files
          </Tabs.Trigger>
        </Tabs.List>
        <Tabs.Content value="lines" forceMount className="data-[state=inactive]:hidden">
          <Lines
            itemId={itemId}
            place={place}
            tag={page.tag}
            letters={letters}
            first={page.lines}
            checking={checking}
          />
        </Tabs.Content>
        <Leaf value="ink">
          <Ink itemId={itemId} place={place} figures={figures} page={page} />
        </Leaf>
        <Leaf value="photos">
          <Photos itemId={itemId} place={place} page={page} />
        </Leaf>
        <Leaf value="files">
          <PageFiles itemId={itemId} own />
        </Leaf>
      </Tabs.Root>
    </>
  );
}

/** Loaded when it is first opened. */
function Leaf({ value, children }: { value: string; children: ReactNode }) {
  return (
    <Tabs.Content value={value} className="mt-2 bg-leaf">
      <Suspense fallback={<p className="text-soft">Opening it.</p>}>{children}</Suspense>
    </Tabs.Content>
  );
}

const PAPERS: [Page['paper'], string][] = [
  ['PLAIN', 'plain'],
  ['LINED', 'lined'],
  ['GRID', 'squared'],
];

export function Under({ figures }: { figures: Scene[] }) {
  return figures.map((scene) => <SceneView key={scene.alt} scene={scene} />);
}

function Ink({ itemId, place, figures, page }: { itemId: string; place: string; figures: Scene[]; page: Page }) {
  const queries = useQueryClient();
  const lay = useDeed({
    place,
    words: 'Your paper',
    letter: (body: { paper: Page['paper']; figureUnder: boolean }) =>
      letter('put', '/api/items/{itemId}/work/sheet', { itemId }, body),
    refresh: [['work', itemId]],
    onDone: (now) => queries.setQueryData(['work', itemId], now),
  });
  const { paper, figureUnder } = lay.isPending ? (lay.variables ?? page) : page;
  return (
    <InkSheet
      itemId={itemId}
      place={place}
      layer="work"
      paper={paper}
      under={figureUnder && figures.length > 0 ? <Under figures={figures} /> : undefined}
    >
      <span className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <label className="flex items-center gap-1.5">
          Paper
          <select
            className="rounded border border-edge bg-leaf px-1 py-1"
            value={paper}
            onChange={(e) =>
              lay.mutate({ paper: PAPERS.find(([p]) => p === e.target.value)?.[0] ?? 'GRID', figureUnder })
            }
          >
            {PAPERS.map(([value, name]) => (
              <option key={value} value={value}>
                {name}
              </option>
            ))}
          </select>
        </label>
        {figures.length > 0 && (
          <label className="flex items-center gap-1.5">
            <input
              type="checkbox"
              checked={figureUnder}
              onChange={(e) => lay.mutate({ paper, figureUnder: e.target.checked })}
            />
            The item&rsquo;s picture under the ink
          </label>
        )}
      </span>
    </InkSheet>
  );
}
