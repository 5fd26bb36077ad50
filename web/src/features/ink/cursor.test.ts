import { describe, expect, test } from 'vitest';
import { said, START, STEP, stepped } from './cursor';
import { PAGE_WIDTH } from './strokes';

describe('the pen of the keyboard', () => {
  test.each([
    ['ArrowRight', { x: START.x + STEP, y: START.y }],
    ['ArrowLeft', { x: START.x - STEP, y: START.y }],
    ['ArrowDown', { x: START.x, y: START.y + STEP }],
    ['ArrowUp', { x: START.x, y: START.y - STEP }],
  ])('%s leads half a square on', (key, to) => {
    expect(stepped(START, key, false)).toEqual(to);
  });

  test('goes in fine steps with Shift', () => {
    expect(stepped(START, 'ArrowRight', true)).toEqual({ x: START.x + 2, y: START.y });
  });

  test('never leaves the page', () => {
    expect(stepped({ x: 0, y: 0 }, 'ArrowUp', false)).toEqual({ x: 0, y: 0 });
    expect(stepped({ x: PAGE_WIDTH, y: 5 }, 'ArrowRight', false)).toEqual({ x: PAGE_WIDTH, y: 5 });
  });

  test('leaves other keys alone', () => {
    expect(stepped(START, 'a', false)).toBeNull();
  });

  test('says where it is in squares', () => {
    expect(said({ x: 48, y: 36 })).toBe('2 across, 1.5 down');
  });
});
