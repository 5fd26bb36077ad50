import { afterEach, beforeEach, vi } from 'vitest';
import type { Answer, Deed, Wish } from './deed';
import { Outbox } from './outbox';
import { type Shelf, shelfInMemory } from './shelf';

/** A server that answers when it is told to, and knows what it has. */
export function server() {
  const asked: { deed: Deed; answer: (what: Answer) => void }[] = [];
  const has: unknown[] = [];
  let tags = 0;
  const send = (deed: Deed) => new Promise<Answer>((resolve) => asked.push({ deed, answer: resolve }));
  const answer = async (what: Answer) => {
    asked.shift()?.answer(what);
    await vi.advanceTimersByTimeAsync(0);
  };
  const take = async () => {
    has.push(asked[0]?.deed.letter.body);
    await answer({ kind: 'done', data: 'view', tag: `"${++tags}"` });
  };
  return { asked, has, send, answer, take, bodies: () => asked.map((a) => a.deed.letter.body) };
}

export type Server = ReturnType<typeof server>;

export const lasting = (): Shelf => ({ ...shelfInMemory(), lasts: true });

/** Windows that are open. */
export const windows = new Set<string>();

export async function outboxOf(to: Server, shelf: Shelf, window = 'one', person = 'wim') {
  windows.add(window);
  let ids = 0;
  const box = new Outbox({
    shelf,
    send: to.send,
    window,
    isOpen: (name) => Promise.resolve(windows.has(name)),
    alone: (_, run) => run(),
    newId: () => `${window}-${++ids}`,
    now: Date.now,
    page: () => '/practice/set/mean',
  });
  await box.open();
  box.become(person);
  return box;
}

export const typed = (body: unknown, more: Partial<Wish> = {}): Wish => ({
  place: 'item/a',
  slot: 'draft/a',
  words: 'Your answer',
  copy: String(body),
  letter: { method: 'put', path: '/api/items/{itemId}/draft', params: { itemId: 'a' }, body, forClass: '' },
  refresh: [],
  soon: true,
  ...more,
});
export const pressed = (body: unknown, more: Partial<Wish> = {}): Wish => {
  const { slot: _, soon: __, ...rest } = typed(body, more);
  return rest;
};
export const pass = (ms: number) => vi.advanceTimersByTimeAsync(ms);
export const gone: Answer = { kind: 'unreached', busy: false };

/** Time that passes when a test lets it, and no window open, for every test of a file. */
export function withFakeClock() {
  beforeEach(() => {
    windows.clear();
    vi.useFakeTimers();
  });
  afterEach(() => vi.useRealTimers());
}
