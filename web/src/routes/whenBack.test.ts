// @vitest-environment jsdom
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { whenBack } from './whenBack';

let answers: ((ok: boolean) => void)[];
let gone: (() => void)[];

beforeEach(() => {
  vi.useFakeTimers();
  answers = [];
  gone = [];
  vi.stubGlobal('fetch', () => new Promise((resolve) => answers.push((ok) => resolve({ ok }))));
});

afterEach(() => {
  gone.forEach((end) => end());
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

function begin() {
  const go = vi.fn();
  const end = whenBack(go);
  gone.push(end);
  return { go, end };
}

test('asks every few seconds until the server answers, and goes on once', async () => {
  const { go } = begin();
  await vi.advanceTimersByTimeAsync(3000);
  answers[0]?.(false);
  await vi.advanceTimersByTimeAsync(3000);
  expect(go).not.toHaveBeenCalled();
  answers[1]?.(true);
  await vi.advanceTimersByTimeAsync(30_000);
  expect(go).toHaveBeenCalledOnce();
  expect(answers).toHaveLength(2);
});

test('asks at once when the connection is back', async () => {
  const { go } = begin();
  window.dispatchEvent(new Event('online'));
  answers[0]?.(true);
  await vi.advanceTimersByTimeAsync(0);
  expect(go).toHaveBeenCalledOnce();
});

test('two answers on their way lead on once', async () => {
  const { go } = begin();
  window.dispatchEvent(new Event('online'));
  window.dispatchEvent(new Event('online'));
  answers.forEach((answer) => answer(true));
  await vi.advanceTimersByTimeAsync(0);
  expect(go).toHaveBeenCalledOnce();
});

test('an answer that comes after one has left takes nobody back', async () => {
  const { go, end } = begin();
  window.dispatchEvent(new Event('online'));
  end();
  answers[0]?.(true);
  await vi.advanceTimersByTimeAsync(10_000);
  expect(go).not.toHaveBeenCalled();
  expect(answers).toHaveLength(1);
});
