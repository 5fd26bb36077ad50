import { describe, expect, it } from 'vitest';
import { type Contact, contactDown, contactUp, NO_HANDS } from './pointers';

const finger = (id: number, size = 20): Contact => ({ id, kind: 'touch', x: 0, y: 0, size });
const pen = (id: number): Contact => ({ id, kind: 'pen', x: 0, y: 0, size: 0 });
const mouse: Contact = { id: 1, kind: 'mouse', x: 0, y: 0, size: 0 };

describe('who writes on the sheet', () => {
  it('the mouse does, with its first button', () => {
    expect(contactDown(NO_HANDS, mouse, true)[1]).toBe('write');
    expect(contactDown(NO_HANDS, mouse, false)[1]).toBe('move');
  });

  it('one finger does, a second one takes its beginning back and both move the sheet', () => {
    const [one, first] = contactDown(NO_HANDS, finger(1), true);
    const [two, second] = contactDown(one, finger(2), true);
    expect([first, second]).toEqual(['write', 'cancel']);
    expect(two.writer).toBeNull();
    expect(contactDown(two, finger(3), true)[1]).toBe('move');
  });

  it('the side of a hand never does', () => {
    expect(contactDown(NO_HANDS, finger(1, 90), true)[1]).toBe('ignore');
  });

  it('no finger does while a pen is down, nor after a pen was used', () => {
    const [writing, act] = contactDown(NO_HANDS, pen(1), true);
    expect(act).toBe('write');
    expect(contactDown(writing, finger(2), true)[1]).toBe('ignore');
    expect(contactDown(contactUp(writing, 1), finger(2), true)[1]).toBe('move');
  });

  it('the pen does even when the hand came first', () => {
    const [resting] = contactDown({ ...NO_HANDS, penSeen: true }, finger(1), true);
    const [writing, act] = contactDown(resting, pen(2), true);
    expect(act).toBe('write');
    expect(writing.down.map((c) => c.id)).toEqual([2]);
  });
});
