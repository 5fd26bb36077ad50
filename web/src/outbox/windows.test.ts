import { describe, expect, test, vi } from 'vitest';
import { SOON_MS } from './outbox';
import { lasting, outboxOf, pass, pressed, server, typed, windows, withFakeClock } from './testing';

withFakeClock();

describe('the next visit', () => {
  test('sends what the last one left, in its order, before anything new', async () => {
    const shelf = lasting();
    const before = await outboxOf(server(), shelf);
    before.put(typed('answer'));
    before.put(pressed('hand in'));
    windows.delete('one');
    const to = server();
    const box = await outboxOf(to, shelf, 'two');
    box.put(typed('new'));
    await pass(0);
    await to.take();
    await to.take();
    await pass(SOON_MS);
    await to.take();
    expect(to.has).toEqual(['answer', 'hand in', 'new']);
  });

  test('finds what was typed, for its field', async () => {
    const shelf = lasting();
    (await outboxOf(server(), shelf)).put(typed('123456'));
    windows.delete('one');
    const box = await outboxOf(server(), shelf, 'two');
    expect(box.latest('draft/a')?.letter.body).toBe('123456');
  });

  test('of somebody else sends nothing in their name, and keeps it', async () => {
    const shelf = lasting();
    (await outboxOf(server(), shelf)).put(typed('of wim'));
    windows.delete('one');
    const to = server();
    const box = await outboxOf(to, shelf, 'two', 'ansa');
    await pass(60_000);
    expect(box.snapshot().deeds).toHaveLength(0);
    expect(to.asked).toHaveLength(0);
    expect((await shelf.all()).deeds).toHaveLength(1);
  });

  test('finds jottings, each of its own person', async () => {
    const shelf = lasting();
    const first = await outboxOf(server(), shelf);
    first.jottings.write('note', 'as I thought');
    const box = await outboxOf(server(), shelf, 'two');
    expect(box.jottings.read('note')).toBe('as I thought');
    box.become('ansa');
    expect(box.jottings.read('note')).toBe('');
  });
});

describe('two windows', () => {
  test('tell each other what was sent, so that both show it; of somebody else they are told nothing', async () => {
    const shelf = lasting();
    const box = await outboxOf(server(), shelf, 'two');
    const told: string[] = [];
    box.news.onDone((deed, { kind }) => told.push(`${deed.words} ${kind}`));
    const { turns } = box;
    const sent = (await outboxOf(server(), lasting(), 'three')).put(typed('12'));
    box.heard(sent);
    box.heard({ ...sent, owner: 'ansa' });
    expect(told).toEqual([`${sent.words} elsewhere`]);
    expect(box.turns).toBe(turns + 1);
  });

  test('one that was closed has typed on since the other looked: the later value is sent, not lost', async () => {
    const shelf = lasting();
    const one = await outboxOf(server(), shelf, 'one');
    one.put(typed('34'));
    const to = server();
    const two = await outboxOf(to, shelf, 'two');
    one.put(typed('345'));
    windows.delete('one');
    await pass(1000);
    expect(to.bodies()).toEqual(['345']);
    await to.take();
    expect(two.snapshot().deeds).toHaveLength(0);
  });

  test('send each what was made in it; of a window that was closed, the other one does', async () => {
    const shelf = lasting();
    const mine = server();
    const theirs = server();
    const one = await outboxOf(mine, shelf, 'one');
    one.put(typed('from one'));
    const two = await outboxOf(theirs, shelf, 'two');
    await two.flush();
    expect(theirs.asked).toHaveLength(0);
    windows.delete('one');
    void two.flush();
    await pass(0);
    expect(theirs.bodies()).toEqual(['from one']);
  });

  test('build each on what it saw: what was saved here is the base of what is typed next', async () => {
    const to = server();
    const box = await outboxOf(to, lasting());
    box.saw('draft/a', '"seen"', Date.now());
    box.put(typed('1'));
    await pass(SOON_MS);
    expect(to.asked[0]?.deed.base).toBe('"seen"');
    box.put(typed('12'));
    await to.take();
    await pass(SOON_MS);
    expect(to.asked[0]?.deed.base).toBe('"1"');
  });

  test('that both changed something: the place waits until one has chosen', async () => {
    const to = server();
    const box = await outboxOf(to, lasting());
    box.put(typed('mine'));
    box.put(pressed('check'));
    await pass(SOON_MS);
    await to.answer({ kind: 'changed', theirs: 'theirs', tag: '"9"' });
    await pass(60_000);
    expect(to.asked).toHaveLength(0);
    expect(box.snapshot().disputes[0]).toMatchObject({ theirs: 'theirs', tag: '"9"' });
    expect(box.snapshot().elsewhere).toHaveLength(1);
    const leave = box.show('draft/a');
    expect(box.snapshot().elsewhere).toHaveLength(0);
    leave();
    box.choose('one-1', 'mine');
    await pass(0);
    expect(to.asked[0]?.deed.base).toBe('"9"');
    await to.take();
    await to.take();
    expect(to.has).toEqual(['mine', 'check']);
  });

  test('that both changed something: what the other one has can be taken', async () => {
    const to = server();
    const box = await outboxOf(to, lasting());
    box.put(typed('mine'));
    await pass(SOON_MS);
    await to.answer({ kind: 'changed', theirs: 'theirs', tag: '"9"' });
    box.choose('one-1', 'theirs');
    await pass(60_000);
    expect(to.asked).toHaveLength(0);
    expect(box.snapshot().deeds).toHaveLength(0);
    box.put(typed('theirs, and more'));
    await pass(SOON_MS);
    expect(to.asked[0]?.deed.base).toBe('"9"');
  });

  test('know what was saved here after what the server was asked', async () => {
    const to = server();
    const box = await outboxOf(to, lasting());
    const before = Date.now();
    box.saw('draft/a', '"old"', before);
    box.put(typed('new'));
    await pass(SOON_MS);
    await to.take();
    expect(box.newer('draft/a', '"old"', before)).toBe('new');
    expect(box.newer('draft/a', '"1"', Date.now())).toBeUndefined();
    box.saw('draft/a', '"old"', before);
    box.put(typed('newer'));
    await pass(SOON_MS);
    expect(to.asked[0]?.deed.base).toBe('"1"');
  });

  test('take it for news when the other one has gone back to an older text since', async () => {
    const to = server();
    const box = await outboxOf(to, lasting());
    box.saw('draft/a', '"old"', Date.now());
    box.put(typed('new'));
    await pass(SOON_MS);
    await to.take();
    await pass(1000);
    expect(box.newer('draft/a', '"old"', Date.now())).toBeUndefined();
    box.saw('draft/a', '"old"', Date.now());
    box.put(typed('newer'));
    await pass(SOON_MS);
    expect(to.asked[0]?.deed.base).toBe('"old"');
  });

  test('do not wait for each other for ever: what the other has sent is gone from here as well', async () => {
    const shelf = lasting();
    const mine = server();
    const one = await outboxOf(mine, shelf, 'one');
    one.put(pressed('first'));
    await pass(0);
    const theirs = server();
    const two = await outboxOf(theirs, shelf, 'two');
    two.put(pressed('second'));
    await pass(0);
    expect(theirs.asked).toHaveLength(0);
    await mine.take();
    await pass(1000);
    await theirs.take();
    expect([...mine.has, ...theirs.has]).toEqual(['first', 'second']);
  });
});

describe('who listens', () => {
  test('is told what was done, and whether somebody waited for it', async () => {
    const to = server();
    const box = await outboxOf(to, lasting());
    const told: [unknown, unknown, boolean][] = [];
    const leave = box.news.onDone((deed, outcome, isWatched) => told.push([deed.letter.body, outcome.kind, isWatched]));
    const watched = box.put(pressed('watched'));
    void box.news.outcome(watched.id);
    box.put(pressed('left'));
    await pass(0);
    await to.take();
    await to.answer({ kind: 'refused', status: 409, sentence: 'Over.' });
    leave();
    box.put(pressed('more'));
    await pass(0);
    await to.take();
    expect(told).toEqual([
      ['watched', 'done', true],
      ['left', 'refused', false],
    ]);
  });

  test('gets a new snapshot for every change, and the same one while nothing changes', async () => {
    const box = await outboxOf(server(), lasting());
    const changed = vi.fn<() => void>();
    box.news.listen(changed);
    const before = box.snapshot();
    expect(box.snapshot()).toBe(before);
    box.put(typed('1'));
    expect(changed).toHaveBeenCalled();
    expect(box.snapshot()).not.toBe(before);
  });
});
