import { describe, expect, it, vi } from 'vitest';

const around = vi.hoisted(() => ({ turns: 0, sent: 0 }));
vi.mock('.', () => ({
  outbox: {
    get turns() {
      return around.turns;
    },
    flush: async () => {
      around.sent = around.turns;
    },
  },
}));

const { askLast } = await import('./useFresh');

describe('asking what the server has', () => {
  it('comes after what was made here', async () => {
    around.turns = 3;
    expect(await askLast(async () => around.sent)).toBe(3);
  });

  it.each([1, 2, 5, 9])('is repeated when something was made meanwhile, %i times over', async (keys) => {
    let typed = 0;
    const answer = await askLast(async () => {
      const had = around.sent;
      if (typed < keys) {
        typed++;
        around.turns++;
      }
      return had;
    });
    expect(answer).toBe(around.turns);
  });
});
