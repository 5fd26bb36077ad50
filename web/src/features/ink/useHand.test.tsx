// @vitest-environment jsdom
import { renderHook } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import type { Gesture } from './gesture';
import type { Stroke } from './strokes';
import { FIRST, type Tool } from './tools';
import { useHand } from './useHand';

const spot = (x: number, y: number) => ({ x, y, pressure: 0.5, at: 0 });

function hand(tool: Tool, strokes: Stroke[] = []) {
  const told = { show: vi.fn(), settle: vi.fn(), onChoose: vi.fn(), onChange: vi.fn() };
  const gesture: { current: Gesture | null } = { current: null };
  const { result } = renderHook(() => useHand({ gesture, strokes, chosen: [], settings: { ...FIRST, tool }, ...told }));
  return { ...told, gesture, hand: result.current };
}

/** A line that was drawn, to be worked on. */
function drawn(): Stroke {
  const { hand: pen, onChange } = hand('pen');
  pen.from(spot(10, 10));
  pen.along([spot(20, 20), spot(30, 30)]);
  pen.lift();
  const [stroke] = onChange.mock.calls[0]?.[0].put ?? [];
  return stroke;
}

describe('a hand on the page', () => {
  it('draws from where it comes down to where it is lifted', () => {
    const { hand: pen, onChange, gesture, show, settle } = hand('pen');
    pen.from(spot(10, 10));
    expect(gesture.current?.kind).toBe('drawing');
    pen.along([spot(20, 20), spot(30, 30)]);
    expect(show).toHaveBeenCalledTimes(2);
    pen.lift();
    expect(onChange.mock.calls[0]?.[0].put).toHaveLength(1);
    expect(gesture.current).toBeNull();
    expect(settle).toHaveBeenCalled();
  });

  it('leaves nothing when what it began is dropped', () => {
    const { hand: pen, onChange, gesture } = hand('pen');
    pen.from(spot(10, 10));
    pen.along([spot(20, 20)]);
    pen.drop();
    pen.lift();
    expect(gesture.current).toBeNull();
    expect(onChange).not.toHaveBeenCalled();
  });

  it('takes away whole strokes with the eraser', () => {
    const stroke = drawn();
    const { hand: eraser, onChange } = hand('stroke-eraser', [stroke]);
    eraser.from(spot(20, 20));
    eraser.lift();
    expect(onChange.mock.calls[0]?.[0].removed).toHaveLength(1);
  });

  it('follows nothing before it has come down', () => {
    const { hand: pen, gesture } = hand('pen');
    pen.along([spot(1, 1)]);
    expect(gesture.current).toBeNull();
  });
});
