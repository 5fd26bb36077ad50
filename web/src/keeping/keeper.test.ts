import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { AGAIN_MS, Keeper, Keepers, type Store, WAIT_MS } from './keeper';

function memory(): Store & { held: Map<string, unknown> } {
  const held = new Map<string, unknown>();
  return { held, read: (name) => held.get(name), write: (name, value) => void held.set(name, value), remove: (name) => void held.delete(name) };
}

/** A server that answers when it is told to. */
function slowServer() {
  const has: unknown[] = [];
  const waiting: { value: unknown; answer: (ok: boolean) => void }[] = [];
  const save = (value: unknown) =>
    new Promise<void>((resolve, reject) => {
      waiting.push({ value, answer: (ok) => (ok ? (has.push(value), resolve()) : reject(new Error('gone'))) });
    });
  const answer = async (ok = true) => {
    waiting.shift()?.answer(ok);
    await vi.advanceTimersByTimeAsync(0);
  };
  return { has, waiting, save, answer };
}

beforeEach(() => vi.useFakeTimers());
afterEach(() => vi.useRealTimers());

describe('a keeper', () => {
  test('has it on the device at once and on the server soon', async () => {
    const store = memory();
    const server = slowServer();
    const keeper = new Keeper('a', store, server.save);
    keeper.keep('1');
    expect(store.held.get('a')).toBe('1');
    expect(server.waiting).toHaveLength(0);
    await vi.advanceTimersByTimeAsync(WAIT_MS);
    await server.answer();
    expect(server.has).toEqual(['1']);
    expect(store.held.has('a')).toBe(false);
    expect(keeper.state).toBe('kept');
  });

  test('never lets an earlier value overtake a later one, however slow the first save is', async () => {
    const server = slowServer();
    const keeper = new Keeper('a', memory(), server.save);
    keeper.keep('1');
    await vi.advanceTimersByTimeAsync(WAIT_MS);
    keeper.keep('12');
    await vi.advanceTimersByTimeAsync(10 * WAIT_MS);
    expect(server.waiting).toHaveLength(1);
    await server.answer();
    await server.answer();
    expect(server.has).toEqual(['1', '12']);
  });

  test('leaves out what was replaced before it could go', async () => {
    const server = slowServer();
    const keeper = new Keeper('a', memory(), server.save);
    for (const text of ['1', '12', '123']) {
      keeper.keep(text);
    }
    await vi.advanceTimersByTimeAsync(WAIT_MS);
    await server.answer();
    expect(server.has).toEqual(['123']);
  });

  test('says that it waits while the server cannot be reached, and tries again', async () => {
    const store = memory();
    const server = slowServer();
    const keeper = new Keeper('a', store, server.save);
    keeper.keep('1');
    await vi.advanceTimersByTimeAsync(WAIT_MS);
    await server.answer(false);
    expect(keeper.state).toBe('waiting');
    expect(store.held.get('a')).toBe('1');
    await vi.advanceTimersByTimeAsync(AGAIN_MS);
    await server.answer();
    expect(keeper.state).toBe('kept');
    expect(server.has).toEqual(['1']);
  });

  test('goes on with what an earlier visit left on the device', async () => {
    const store = memory();
    store.write('a', 'left');
    const server = slowServer();
    const keeper = new Keeper('a', store, server.save);
    expect(keeper.left).toEqual({ value: 'left' });
    void keeper.flush();
    await server.answer();
    expect(server.has).toEqual(['left']);
  });

  test('tells its listeners of every change, until they leave', () => {
    const keeper = new Keeper('a', memory(), slowServer().save);
    const told = vi.fn<() => void>();
    const leave = keeper.listen(told);
    keeper.keep('1');
    leave();
    keeper.drop();
    expect(told).toHaveBeenCalledTimes(1);
  });
});

/** Somebody waits for all keepers, of which one has a value on its way. */
async function waitingForOne() {
  const keepers = new Keepers(memory());
  const server = slowServer();
  keepers.of('a', server.save).keep('1');
  const done = vi.fn<() => void>();
  void keepers.settled().then(done);
  await vi.advanceTimersByTimeAsync(0);
  return { server, done };
}

describe('all keepers', () => {
  test('are one for each name, so that reopening a field finds what it left', () => {
    const keepers = new Keepers(memory());
    const { save } = slowServer();
    keepers.of('a', save).keep('1');
    expect(keepers.of('a', save).left).toEqual({ value: '1' });
    expect(keepers.of('b', save).left).toBeNull();
  });

  test('are settled only when the server has answered each, with the latest', async () => {
    const { server, done } = await waitingForOne();
    expect(done).not.toHaveBeenCalled();
    await server.answer();
    expect(done).toHaveBeenCalled();
    expect(server.has).toEqual(['1']);
  });

  test('do not wait for ever for a server that is gone', async () => {
    const { server, done } = await waitingForOne();
    await server.answer(false);
    expect(done).toHaveBeenCalled();
  });
});
