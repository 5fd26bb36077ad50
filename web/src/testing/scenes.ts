import type { Schemas } from '../api/client';

/** A grid from −5 to 5 both ways, 40 units of the picture to one. */
export const PLOT: Schemas['ShownPlot'] = {
  left: 4,
  top: 4,
  width: 400,
  height: 400,
  xMin: -5,
  xMax: 5,
  yMin: -5,
  yMax: 5,
  step: 1,
};

/** A picture for tests; nothing in it but what is given. */
export function sceneOf(some: Partial<Schemas['ShownScene']>): Schemas['ShownScene'] {
  return { alt: 'A picture.', width: 408, height: 408, shapes: [], spots: [], ...some };
}

/** An area to press, a square at a place. */
export function square(id: string, x: number): Schemas['ShownSpot'] {
  return { kind: 'AREA', id, label: `part ${id}`, outline: [x, 0, x + 10, 0, x + 10, 10, x, 10], marked: false };
}
