import { describe, expect, it } from 'vitest';
import { Slots } from './slots';

/** The server had "345"; this window saw it at 10 and saved "12" at 20. */
function saved(): Slots {
  const slots = new Slots();
  slots.saw('draft', '"345"', 10);
  slots.saved('draft', '"12"', '12', 20);
  return slots;
}

describe('what the server has', () => {
  it('is what it was seen to have, before anything was saved', () => {
    const slots = new Slots();
    slots.saw('draft', '"345"', 10);
    expect([slots.version('draft', '"345"', 10), slots.newer('draft', '"345"', 10)]).toEqual(['"345"', undefined]);
  });

  it('is what was saved here, while only an older answer of the server is at hand', () => {
    expect([saved().version('draft', '"345"', 10), saved().newer('draft', '"345"', 10)]).toEqual(['"12"', '12']);
  });

  it('is the older text again when another window has gone back to it', () => {
    expect([saved().version('draft', '"345"', 30), saved().newer('draft', '"345"', 30)]).toEqual(['"345"', undefined]);
  });

  it('is what another window has saved since', () => {
    expect(saved().version('draft', '"99"', 30)).toBe('"99"');
  });

  it('is built on by what is typed next', () => expect(saved().base('draft')).toBe('"12"'));
});
