import { describe, expect, test } from 'vitest';
import type { Answer } from './deed';
import { AGAIN_MS } from './lanes';
import { SOON_MS } from './outbox';
import { gone, lasting, outboxOf, pass, pressed, server, typed, withFakeClock } from './testing';

withFakeClock();

describe('what is typed', () => {
  test('lies on the device at once, goes to the server soon, and leaves the device when the server has it', async () => {
    const to = server();
    const shelf = lasting();
    const box = await outboxOf(to, shelf);
    const deed = box.put(typed('1'));
    expect((await shelf.all()).deeds).toHaveLength(1);
    expect(to.asked).toHaveLength(0);
    await pass(SOON_MS);
    await to.take();
    expect(to.has).toEqual(['1']);
    expect(await shelf.has(deed.id)).toBe(false);
    expect(box.snapshot().deeds).toHaveLength(0);
  });

  test('never overtakes what was typed before it, however slow the first save is', async () => {
    const to = server();
    const box = await outboxOf(to, lasting());
    box.put(typed('1'));
    await pass(SOON_MS);
    box.put(typed('12'));
    await pass(10 * SOON_MS);
    expect(to.bodies()).toEqual(['1']);
    await to.take();
    await to.take();
    expect(to.has).toEqual(['1', '12']);
  });

  test('is replaced by what is typed next, as long as it waits', async () => {
    const to = server();
    const shelf = lasting();
    const box = await outboxOf(to, shelf);
    ['1', '12', '123'].forEach((text) => box.put(typed(text)));
    expect((await shelf.all()).deeds).toHaveLength(1);
    await pass(SOON_MS);
    await to.take();
    expect(to.has).toEqual(['123']);
  });

  test('is not held up by somebody who types on and on', async () => {
    const to = server();
    const box = await outboxOf(to, lasting());
    for (let i = 0; i < 4; i++) {
      box.put(typed(i));
      // oxlint-disable-next-line no-await-in-loop -- key by key
      await pass(SOON_MS / 3);
    }
    expect(to.asked).toHaveLength(1);
  });
});

describe('the order of a place', () => {
  test('is kept: a round is handed in after its answers, never before', async () => {
    const to = server();
    const box = await outboxOf(to, lasting());
    box.put(typed('first', { slot: 'quiz/1' }));
    box.put(typed('second', { slot: 'quiz/2' }));
    box.put(pressed('hand in'));
    await pass(0);
    expect(to.bodies()).toEqual(['first']);
    await to.answer(gone);
    await pass(AGAIN_MS[0] ?? 0);
    await to.take();
    await to.take();
    await to.take();
    expect(to.has).toEqual(['first', 'second', 'hand in']);
  });

  test('is kept by what is typed after something was pressed: it does not take the place of what came before', async () => {
    const to = server();
    const box = await outboxOf(to, lasting());
    box.put(typed('before'));
    box.put(pressed('check'));
    box.put(typed('after'));
    await pass(SOON_MS);
    await to.take();
    await to.take();
    await to.take();
    expect(to.has).toEqual(['before', 'check', 'after']);
  });

  test('does not hold up another place', async () => {
    const to = server();
    const box = await outboxOf(to, lasting());
    box.put(pressed('photo'));
    box.put(pressed('elsewhere', { place: 'item/b' }));
    await pass(0);
    expect(to.bodies()).toEqual(['photo', 'elsewhere']);
  });
});

describe('a server that cannot be reached', () => {
  test('is tried again, later and later, and at once when the connection is back', async () => {
    const to = server();
    const box = await outboxOf(to, lasting());
    box.put(pressed('1'));
    await pass(0);
    await to.answer(gone);
    expect(box.snapshot().standing).toBe('unreached');
    await pass(AGAIN_MS[0] ?? 0);
    await to.answer(gone);
    await pass(AGAIN_MS[0] ?? 0);
    expect(to.asked).toHaveLength(0);
    void box.wake();
    await pass(0);
    await to.take();
    expect(box.snapshot().standing).toBe('fine');
    expect(to.has).toEqual(['1']);
  });

  test('that breaks off is a server that was not reached', async () => {
    const to = server();
    const box = await outboxOf({ ...to, send: () => Promise.reject(new Error('reset')) }, lasting());
    box.put(pressed('1'));
    await pass(0);
    expect(box.snapshot().standing).toBe('unreached');
    expect(box.snapshot().deeds).toHaveLength(1);
  });

  test('gets the same key again, so that nothing counts twice', async () => {
    const to = server();
    const box = await outboxOf(to, lasting());
    const { id } = box.put(pressed('1'));
    await pass(0);
    await to.answer(gone);
    await pass(AGAIN_MS[0] ?? 0);
    expect(to.asked[0]?.deed.id).toBe(id);
  });

  test('leaves time to take back what was pressed, until it is sent', async () => {
    const to = server();
    const box = await outboxOf(to, lasting());
    const hint = box.put(pressed('hint'));
    await pass(0);
    expect(box.withdraw(hint.id)).toBe(false);
    await to.answer(gone);
    const outcome = box.news.outcome(hint.id);
    expect(box.withdraw(hint.id)).toBe(true);
    expect(await outcome).toEqual({ kind: 'withdrawn' });
    await pass(60_000);
    expect(to.asked).toHaveLength(0);
  });
});

describe('a session that has ended', () => {
  test('stops everything until one has signed in again, and then goes on', async () => {
    const to = server();
    const box = await outboxOf(to, lasting());
    box.put(typed('222'));
    await pass(SOON_MS);
    await to.answer({ kind: 'signedOut' });
    box.put(typed('2223'));
    await pass(60_000);
    expect(to.asked).toHaveLength(0);
    expect(box.snapshot().standing).toBe('signedOut');
    box.become('wim');
    await pass(SOON_MS);
    await to.take();
    expect(to.has).toEqual(['2223']);
  });
});

describe('a refusal that will not change', () => {
  const refused: Answer = { kind: 'refused', status: 409, sentence: 'The round is over.' };

  test('is told once, with what was made, and holds up nothing', async () => {
    const to = server();
    const shelf = lasting();
    const box = await outboxOf(to, shelf);
    box.put(pressed('3333', { copy: '3333' }));
    box.put(pressed('next'));
    await pass(0);
    await to.answer(refused);
    await to.take();
    expect(box.snapshot().refused).toEqual([
      {
        id: 'one-1',
        owner: 'wim',
        words: 'Your answer',
        copy: '3333',
        page: '/practice/set/mean',
        sentence: 'The round is over.',
      },
    ]);
    expect(to.has).toEqual(['next']);
    const later = await outboxOf(server(), { ...shelf }, 'two');
    expect(later.snapshot().refused).toHaveLength(1);
    box.dismiss('one-1');
    expect((await shelf.all()).refused).toHaveLength(0);
  });

  test('is left to the page that waits for it', async () => {
    const to = server();
    const box = await outboxOf(to, lasting());
    const deed = box.put(pressed('3333'));
    const outcome = box.news.outcome(deed.id);
    await pass(0);
    await to.answer(refused);
    expect(await outcome).toEqual(refused);
    expect(box.snapshot().refused).toHaveLength(0);
  });
});
