import { outline } from './outline';
import type { Stroke } from './strokes';
import type { SheetView } from './view';

const paths = new WeakMap<Stroke, Path2D>();
/** How much of the paper a highlighter hides. */
export const HIGHLIGHT = 0.35;

function pathOf(stroke: Stroke): Path2D {
  const known = paths.get(stroke);
  if (known !== undefined) {
    return known;
  }
  const made = new Path2D(outline(stroke));
  paths.set(stroke, made);
  return made;
}

/** @param hexOf the colour of an ink */
export type Inks = (colour: Stroke['colour']) => string;

export function clear(canvas: HTMLCanvasElement): CanvasRenderingContext2D | null {
  const context = canvas.getContext('2d');
  context?.setTransform(1, 0, 0, 1, 0, 0);
  context?.clearRect(0, 0, canvas.width, canvas.height);
  return context;
}

/** Strokes in their order, as the view shows them. */
export function paint(context: CanvasRenderingContext2D, strokes: Stroke[], view: SheetView, inks: Inks) {
  const dots = window.devicePixelRatio;
  context.setTransform(view.scale * dots, 0, 0, view.scale * dots, view.x * dots, view.y * dots);
  for (const stroke of strokes) {
    context.globalAlpha = stroke.tool === 'HIGHLIGHTER' ? HIGHLIGHT : 1;
    context.fillStyle = inks(stroke.colour);
    context.fill(pathOf(stroke));
  }
  context.globalAlpha = 1;
}
