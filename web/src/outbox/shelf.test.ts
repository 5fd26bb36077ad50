import 'fake-indexeddb/auto';
import { expect, test } from 'vitest';
import type { Deed } from './deed';
import { shelfIn, shelfInMemory, type Shelf } from './shelf';

const deed = (id: string, turn: number, body: unknown = id): Deed => ({
  id,
  turn,
  owner: 'wim',
  window: 'one',
  base: null,
  page: '/due',
  place: 'item/a',
  words: 'Your answer',
  letter: { method: 'put', path: '/api/items/{itemId}/draft', params: { itemId: 'a' }, body, forClass: '' },
  refresh: [['practice', 'a']],
});

/** Changes are not waited for; reading waits for them. */
const named: [string, () => Promise<Shelf>][] = [
  ['in the browser', () => shelfIn(`test-${Math.random()}`)],
  ['in memory', () => Promise.resolve(shelfInMemory())],
];

test.each(named)('a shelf %s has what was laid on it, in the order in which it was made', async (_, open) => {
  const shelf = await open();
  shelf.lay(deed('b', 2), []);
  shelf.lay(deed('a', 1), []);
  shelf.lay(deed('c', 3), ['b']);
  expect((await shelf.all()).deeds.map((d) => d.id)).toEqual(['a', 'c']);
  expect(await shelf.has('a')).toBe(true);
  shelf.take('a');
  expect(await shelf.has('a')).toBe(false);
});

test.each(named)('a shelf %s turns a deed into a refusal, until that is dismissed', async (_, open) => {
  const shelf = await open();
  shelf.lay(deed('a', 1), []);
  const refused = { id: 'a', owner: 'wim', words: 'Your answer', sentence: 'Too late.', copy: '12', page: '/due' };
  shelf.refuse(refused);
  expect(await shelf.all()).toMatchObject({ deeds: [], refused: [refused] });
  shelf.dismiss('a');
  expect((await shelf.all()).refused).toEqual([]);
});

test.each(named)('a shelf %s keeps jottings, and forgets empty ones', async (_, open) => {
  const shelf = await open();
  shelf.jot('wim/note', 'as I thought');
  expect((await shelf.all()).jottings).toEqual([['wim/note', 'as I thought']]);
  shelf.jot('wim/note', '');
  expect((await shelf.all()).jottings).toEqual([]);
});

test('a shelf in the browser is there on the next visit, pictures too', async () => {
  const name = `test-${Math.random()}`;
  (await shelfIn(name)).lay(deed('a', 1, new Blob(['picture'])), []);
  const again = await shelfIn(name);
  const body = (await again.all()).deeds[0]?.letter.body;
  expect(body).toBeInstanceOf(Blob);
});
