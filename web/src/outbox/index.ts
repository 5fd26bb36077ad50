import { newKey } from '../api/client';
import type { Deed } from './deed';
import { Outbox } from './outbox';
import { post } from './post';
import type { Surroundings } from './surroundings';
import { type Shelf, shelfIn, shelfInMemory } from './shelf';

const NAME = 'little-summit';
const HERE = newKey();

/**
 * Browsers keep locks from pages that did not come over a secure connection; windows then take care of their own only
 * while they are new.
 */
const locks: LockManager | undefined = 'locks' in navigator ? navigator.locks : undefined;
const nameOf = (window: string) => `${NAME}-window-${window}`;

const inWindow: Omit<Surroundings, 'shelf'> = {
  send: post,
  window: HERE,
  isOpen: async (window) => (await locks?.query())?.held?.some((lock) => lock.name === nameOf(window)) ?? false,
  alone: async (place, run) => {
    await (locks === undefined ? run() : locks.request(`${NAME}-place-${place}`, run));
  },
  newId: newKey,
  now: Date.now,
  page: () => location.pathname,
};

async function shelf(): Promise<Shelf> {
  try {
    return await shelfIn(NAME);
  } catch (none) {
    console.warn('this browser keeps nothing', none);
    return shelfInMemory();
  }
}

async function opened(): Promise<Outbox> {
  const fresh = new Outbox({ ...inWindow, shelf: await shelf() });
  await fresh.open();
  void locks?.request(nameOf(HERE), () => new Promise(() => {}));
  const others = new BroadcastChannel(NAME);
  fresh.news.onDone((deed, { kind }) => kind === 'done' && others.postMessage(deed));
  others.onmessage = ({ data }: MessageEvent<Deed>) => fresh.heard(data);
  const wake = () => void fresh.wake();
  window.addEventListener('online', wake);
  window.addEventListener('focus', wake);
  window.addEventListener('pagehide', () => void fresh.flush());
  document.addEventListener('visibilitychange', wake);
  return fresh;
}

/**
 * The one outbox of this page. The page is drawn when it has been opened, so that every field finds what was left in
 * it.
 */
export const outbox = await opened();
