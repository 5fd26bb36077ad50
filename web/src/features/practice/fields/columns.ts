/** What stands in the boxes below some columns, from left to right; a column of the point holds nothing. */
export type Boxes = string[];

/** @param points for each column whether it is that of the point */
export function boxesOf(value: string, points: boolean[]): Boxes {
  const point = points.indexOf(true);
  const [whole = '', places = ''] = value.split('.');
  const before = point < 0 ? points.length : point;
  return points.map((isPoint, column) => {
    const digit = column < before ? whole[column - before + whole.length] : isPoint ? '' : places[column - before - 1];
    return digit === undefined || digit === '_' ? '' : digit;
  });
}

/** The number that the boxes make; a box that is empty between others is written as a low line. */
export function numberOf(boxes: Boxes, points: boolean[]): string {
  const point = points.indexOf(true);
  const before = point < 0 ? points.length : point;
  const joined = (part: Boxes) => part.map((digit) => digit || '_').join('');
  const whole = joined(boxes.slice(0, before)).replace(/^_+/, '');
  const places = joined(boxes.slice(before + 1)).replace(/_+$/, '');
  return places === '' ? whole : `${whole || '_'}.${places}`;
}

/** The next column of a digit in a direction; -1 where there is none. */
export function next(points: boolean[], column: number, step: number): number {
  const to = column + step;
  return to < 0 || to >= points.length ? -1 : points[to] === true ? next(points, to, step) : to;
}
