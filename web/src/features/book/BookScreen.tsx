import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, type Schemas, taken } from '../../api/client';
import { Notice } from '../../ui/Notice';
import { TopBar } from '../../ui/TopBar';
import { OnPaper } from '../paper/OnPaper';
import { LineShown } from '../working/LineShown';

type Entry = Schemas['PageEntry'];

/** All of one's own pages, by date, to be found by skill and by words. */
export default function BookScreen() {
  const [skill, setSkill] = useState('');
  const [words, setWords] = useState('');
  const book = useQuery({
    queryKey: ['book', skill, words],
    queryFn: () => taken(api.GET('/api/book', { params: { query: { skill, words } } })),
    placeholderData: (before) => before,
  });
  return (
    <div className="min-h-screen">
      <TopBar />
      <main className="page gap-4">
        <h1 className="font-serif text-3xl font-bold">Your book</h1>
        <form role="search" className="flex flex-wrap gap-4" onSubmit={(e) => e.preventDefault()}>
          <label className="grid gap-1">
            <span className="text-sm text-soft">Words in your lines</span>
            <input
              type="search"
              className="rounded-slip border border-edge bg-leaf px-3 py-1.5"
              value={words}
              maxLength={100}
              onChange={(e) => setWords(e.target.value)}
            />
          </label>
          <label className="grid gap-1">
            <span className="text-sm text-soft">Skill</span>
            <select
              className="rounded-slip border border-edge bg-leaf px-3 py-2"
              value={skill}
              onChange={(e) => setSkill(e.target.value)}
            >
              <option value="">all skills</option>
              {book.data?.skills.map((s) => (
                <option key={s.id} value={s.id}>
                  {s.name}
                </option>
              ))}
            </select>
          </label>
        </form>
        {skill === '' && words.trim() === '' && <OnPaper />}
        {book.isPending && <Notice title="Opening your book." />}
        {book.isError && <Notice title="This could not be loaded.">{book.error.message}</Notice>}
        {book.isSuccess && <Pages pages={book.data.pages} searched={skill !== '' || words.trim() !== ''} />}
      </main>
    </div>
  );
}

function Pages({ pages, searched }: { pages: Entry[]; searched: boolean }) {
  if (pages.length === 0) {
    return searched ? (
      <Notice title="No page matches.">Try fewer words, or all skills.</Notice>
    ) : (
      <Notice title="Your book is empty.">
        Everything you write, draw or photograph beside an item is kept here, from the first line on.
      </Notice>
    );
  }
  const days = [...new Set(pages.map((p) => dayOf(p)))];
  return days.map((day) => (
    <section key={day} aria-label={day}>
      <h2 className="border-b border-rule pb-1 font-serif text-xl font-semibold">{day}</h2>
      <ul className="mt-2 grid gap-3 md:grid-cols-2">
        {pages
          .filter((p) => dayOf(p) === day)
          .map((page) => (
            <Row key={page.itemId} page={page} />
          ))}
      </ul>
    </section>
  ));
}

function dayOf(page: Entry): string {
  return new Date(page.startedAt).toLocaleDateString('en', { weekday: 'long', day: 'numeric', month: 'long' });
}

const STATES: Record<Entry['state']['kind'], string> = {
  None: '',
  Kept: '',
  HandedIn: 'waits to be read',
  Read: 'read',
  SentBack: 'sent back',
};

function stateWords(state: Entry['state']): string {
  return state.kind === 'Read' ? `read, ${state.credit}% credit` : STATES[state.kind];
}

function Row({ page }: { page: Entry }) {
  const written = page.lines;
  const more = [
    page.hasInk && 'a drawing',
    page.photos === 1 ? 'a photo' : page.photos > 1 && `${page.photos} photos`,
  ].filter((words) => words !== false);
  return (
    <li>
      <Link
        to={`/book/${page.itemId}`}
        className="block h-full rounded-slip border border-rule bg-leaf p-3 text-ink no-underline hover:border-ink"
      >
        <span className="flex justify-between gap-2 bg-leaf text-sm text-soft">
          <span>
            {page.skill} · {page.assignment}
          </span>
          <span className="font-semibold text-larch">{stateWords(page.state)}</span>
        </span>
        <span className="mt-1 grid font-serif">
          {written.slice(0, 4).map((line, i) => (
            // oxlint-disable-next-line react/no-array-index-key -- lines stand in their order
            <span key={i} className={`truncate ${line.struck ? 'line-through opacity-60' : ''}`}>
              <LineShown line={line} />
            </span>
          ))}
          {written.length > 4 && <span className="text-soft">and {written.length - 4} more</span>}
        </span>
        {page.note !== '' && (
          <span className="mt-1 block border-l-2 border-larch-mark bg-leaf pl-2 font-serif">
            Correction: {page.note}
          </span>
        )}
        {more.length > 0 && <span className="bg-leaf text-sm text-soft">with {more.join(' and ')}</span>}
      </Link>
    </li>
  );
}
