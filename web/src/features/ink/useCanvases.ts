import { useCallback, useLayoutEffect, useRef } from 'react';
import { type Gesture, result } from './gesture';
import { clear, type Inks, paint } from './paint';
import { type Box, boxOf, type Stroke } from './strokes';
import { draws, type Tool } from './tools';
import type { SheetView } from './view';

type What = {
  strokes: Stroke[];
  /** The other layer, which is not changed here. */
  others: Stroke[];
  othersAbove: boolean;
  inks: Inks;
  view: SheetView;
  tool: Tool;
};

/**
 * Two canvases on one another: one for what lies still, painted when it changes, one for what is being drawn, painted
 * with the screen.
 */
export function useCanvases({ strokes, others, othersAbove, inks, view, tool }: What) {
  /** What is being done now; null between two movements. */
  const gesture = useRef<Gesture | null>(null);
  const still = useRef<HTMLCanvasElement>(null);
  const live = useRef<HTMLCanvasElement>(null);
  const frame = useRef(0);

  const paintStill = useCallback(() => {
    const canvas = still.current;
    const g = gesture.current;
    const context = canvas === null ? null : clear(canvas);
    if (context !== null) {
      const own = g === null || draws(tool) ? strokes : result(g, strokes);
      (othersAbove ? [own, others] : [others, own]).forEach((layer) => paint(context, layer, view, inks));
    }
  }, [strokes, others, othersAbove, view, inks, tool]);
  useLayoutEffect(() => {
    paintStill();
    if (live.current !== null) {
      clear(live.current);
    }
  }, [paintStill]);

  const paintLive = () => {
    frame.current = 0;
    const g = gesture.current;
    const context = live.current === null ? null : clear(live.current);
    if (g === null || context === null) {
      return;
    }
    if (g.kind === 'drawing' || g.kind === 'ruling') {
      paint(context, [g.stroke], view, inks);
    } else if (g.kind === 'boxing') {
      frameBox(context, boxOf(g.from.x, g.from.y, g.to.x, g.to.y), view, inks);
    } else {
      paintStill();
    }
  };
  /** What is being drawn has changed. */
  const show = () => {
    frame.current = frame.current === 0 ? requestAnimationFrame(paintLive) : frame.current;
  };
  /** It is over: what lies still is painted at once. */
  const settle = () => {
    cancelAnimationFrame(frame.current);
    paintLive();
    paintStill();
  };
  return { gesture, still, live, show, settle };
}

function frameBox(context: CanvasRenderingContext2D, box: Box, view: SheetView, inks: Inks) {
  paint(context, [], view, inks);
  context.setLineDash([4, 4]);
  context.strokeRect(box.left, box.top, box.right - box.left, box.bottom - box.top);
  context.setLineDash([]);
}
