import { getStroke } from 'perfect-freehand';
import { count, type Stroke } from './strokes';

/** How much pressure changes the width of a pen, 0 to 1. */
const THINNING = 0.6;

/** The outline of a stroke as an SVG path, in page units. */
export function outline(stroke: Stroke): string {
  const points = Array.from({ length: count(stroke) }, (_, i) => [
    stroke.points[4 * i] ?? 0,
    stroke.points[4 * i + 1] ?? 0,
    stroke.points[4 * i + 2] ?? 0.5,
  ]);
  const edge = getStroke(points, {
    size: stroke.width,
    thinning: stroke.tool === 'PEN' ? THINNING : 0,
    smoothing: 0.5,
    streamline: 0.15,
    simulatePressure: false,
    last: true,
  });
  return closed(edge);
}

/** Points joined by curves through their middles. */
function closed(edge: number[][]): string {
  const [first] = edge;
  if (first === undefined) {
    return '';
  }
  const pieces = edge.map(([x = 0, y = 0], i) => {
    const [nx = 0, ny = 0] = edge[(i + 1) % edge.length] ?? [];
    return `${x.toFixed(2)} ${y.toFixed(2)} ${((x + nx) / 2).toFixed(2)} ${((y + ny) / 2).toFixed(2)}`;
  });
  const [x = 0, y = 0] = first;
  return `M${x.toFixed(2)} ${y.toFixed(2)}Q${pieces.join(' ')}Z`;
}
