/** The ids of an order, as they are entered. */
export const listOf = (value: string): string[] => value.split(',').filter((id) => id !== '');

export const taken = (order: string[], id: string): string[] => order.filter((other) => other !== id);

/** Put at a place, counted from 0, and taken from where it was; nothing is put behind an empty place. */
export function placed(order: string[], id: string, place: number): string[] {
  const others = taken(order, id);
  return others.toSpliced(Math.min(place, others.length), 0, id);
}

/** One place further to the left or right, not beyond the ends. */
export function moved(order: string[], id: string, step: number): string[] {
  const place = order.indexOf(id) + step;
  return place < 0 || place >= order.length ? order : placed(order, id, place);
}
