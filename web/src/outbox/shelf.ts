import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import type { Deed, Refused } from './deed';

/** Where things wait on this device. */
export type Shelf = {
  /** Whether what is laid here is still there when the browser has been closed. */
  readonly lasts: boolean;
  all: () => Promise<{ deeds: Deed[]; refused: Refused[]; jottings: [string, string][] }>;
  has: (id: string) => Promise<boolean>;
  /** Lays one deed, and takes away those that it replaces, in one step. */
  lay: (deed: Deed, replaced: string[]) => void;
  take: (id: string) => void;
  /** A deed becomes a refusal, in one step. */
  refuse: (refused: Refused) => void;
  dismiss: (id: string) => void;
  /** Text that is not meant for the server yet; empty text is forgotten. */
  jot: (name: string, text: string) => void;
};

interface Stores extends DBSchema {
  deeds: { key: string; value: Deed };
  refused: { key: string; value: Refused };
  jottings: { key: string; value: string };
}

type StoreName = 'deeds' | 'refused' | 'jottings';
const NAMES: StoreName[] = ['deeds', 'refused', 'jottings'];

/**
 * A shelf in IndexedDB. Every change is committed at once, without waiting for what it answers: a page that is closed
 * in the next moment has laid it all the same.
 */
export async function shelfIn(name: string): Promise<Shelf> {
  const db = await openDB<Stores>(name, 1, {
    upgrade: (fresh) =>
      NAMES.forEach((store) => fresh.createObjectStore(store, store === 'jottings' ? undefined : { keyPath: 'id' })),
  });
  return shelfOf(db);
}

type Writing = ReturnType<typeof writing>;

function writing(db: IDBPDatabase<Stores>) {
  return db.transaction(NAMES, 'readwrite');
}

function shelfOf(db: IDBPDatabase<Stores>): Shelf {
  const change = (how: (tx: Writing) => Promise<unknown>[]) => {
    const tx = writing(db);
    const parts = how(tx);
    tx.commit();
    Promise.all([...parts, tx.done]).catch((full: unknown) => console.warn('this device cannot keep more', full));
  };
  return {
    lasts: true,
    all: async () => {
      const tx = db.transaction(NAMES);
      const [deeds, refused, names, texts] = await Promise.all([
        tx.objectStore('deeds').getAll(),
        tx.objectStore('refused').getAll(),
        tx.objectStore('jottings').getAllKeys(),
        tx.objectStore('jottings').getAll(),
      ]);
      return {
        deeds: deeds.toSorted((a, b) => a.turn - b.turn),
        refused,
        jottings: names.map((key, i): [string, string] => [key, texts[i] ?? '']),
      };
    },
    has: async (id) => (await db.count('deeds', id)) > 0,
    lay: (deed, replaced) =>
      change((tx) => [...replaced.map((id) => tx.objectStore('deeds').delete(id)), tx.objectStore('deeds').put(deed)]),
    take: (id) => change((tx) => [tx.objectStore('deeds').delete(id)]),
    refuse: (refused) =>
      change((tx) => [tx.objectStore('deeds').delete(refused.id), tx.objectStore('refused').put(refused)]),
    dismiss: (id) => change((tx) => [tx.objectStore('refused').delete(id)]),
    jot: (key, text) =>
      change((tx) => [
        text === '' ? tx.objectStore('jottings').delete(key) : tx.objectStore('jottings').put(text, key),
      ]),
  };
}

/** A shelf for browsers that let nothing be kept: it lasts as long as the page. */
export function shelfInMemory(): Shelf {
  const deeds = new Map<string, Deed>();
  const refused = new Map<string, Refused>();
  const jottings = new Map<string, string>();
  return {
    lasts: false,
    all: () =>
      Promise.resolve({
        deeds: [...deeds.values()].toSorted((a, b) => a.turn - b.turn),
        refused: [...refused.values()],
        jottings: [...jottings],
      }),
    has: (id) => Promise.resolve(deeds.has(id)),
    lay: (deed, replaced) => {
      replaced.forEach((id) => deeds.delete(id));
      deeds.set(deed.id, deed);
    },
    take: (id) => void deeds.delete(id),
    refuse: (one) => {
      deeds.delete(one.id);
      refused.set(one.id, one);
    },
    dismiss: (id) => void refused.delete(id),
    jot: (key, text) => void (text === '' ? jottings.delete(key) : jottings.set(key, text)),
  };
}
