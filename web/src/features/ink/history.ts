import type { Stroke } from './strokes';

/** What is drawn or changed, and what is taken away, by id. */
export type Change = { put: Stroke[]; removed: string[] };
/** @param done changes that undo what was done, the latest last; @param undone those that do it again */
export type Sheet = { strokes: Stroke[]; done: Change[]; undone: Change[] };

export const NOTHING: Change = { put: [], removed: [] };

export function sheetOf(strokes: Stroke[]): Sheet {
  return { strokes, done: [], undone: [] };
}

/** Changed strokes stay in their place, new ones come on top. */
export function applied(strokes: Stroke[], change: Change): Stroke[] {
  const gone = new Set(change.removed);
  const put = new Map(change.put.map((s) => [s.id, s]));
  const kept = strokes
    .filter((s) => !gone.has(s.id))
    .map((s) => {
      const changed = put.get(s.id);
      put.delete(s.id);
      return changed ?? s;
    });
  return [...kept, ...[...put.values()].filter((s) => !gone.has(s.id))];
}

/** The change that leads from one state to another. */
export function difference(before: Stroke[], after: Stroke[]): Change {
  const old = new Map(before.map((s) => [s.id, s]));
  const now = new Set(after.map((s) => s.id));
  return {
    put: after.filter((s) => old.get(s.id) !== s),
    removed: before.filter((s) => !now.has(s.id)).map((s) => s.id),
  };
}

export function isNothing(change: Change): boolean {
  return change.put.length === 0 && change.removed.length === 0;
}

export function draw(sheet: Sheet, change: Change): Sheet {
  const strokes = applied(sheet.strokes, change);
  return { strokes, done: [...sheet.done, difference(strokes, sheet.strokes)], undone: [] };
}

/** The sheet before the last change, and the change that led there; the same sheet when there is none. */
export function undo(sheet: Sheet): [Sheet, Change] {
  const back = sheet.done.at(-1);
  if (back === undefined) {
    return [sheet, NOTHING];
  }
  const strokes = applied(sheet.strokes, back);
  return [
    { strokes, done: sheet.done.slice(0, -1), undone: [...sheet.undone, difference(strokes, sheet.strokes)] },
    back,
  ];
}

export function redo(sheet: Sheet): [Sheet, Change] {
  const again = sheet.undone.at(-1);
  if (again === undefined) {
    return [sheet, NOTHING];
  }
  const strokes = applied(sheet.strokes, again);
  return [
    { strokes, done: [...sheet.done, difference(strokes, sheet.strokes)], undone: sheet.undone.slice(0, -1) },
    again,
  ];
}

/** Two changes as one, in their order. */
export function together(first: Change, then: Change): Change {
  const gone = new Set([...first.removed, ...then.removed]);
  then.put.forEach((s) => gone.delete(s.id));
  const put = new Map([...first.put, ...then.put].map((s) => [s.id, s]));
  return { put: [...put.values()].filter((s) => !gone.has(s.id)), removed: [...gone] };
}

/** A change in parts that are small enough to be sent, in their order. @param most length of a part as text */
export function parts(change: Change, most: number): Change[] {
  const all: Change[] = [];
  let part: Stroke[] = [];
  let size = 0;
  for (const stroke of change.put) {
    const length = JSON.stringify(stroke).length;
    if (part.length > 0 && (size + length > most || part.length >= 400)) {
      all.push({ put: part, removed: [] });
      part = [];
      size = 0;
    }
    part.push(stroke);
    size += length;
  }
  return [...all, { put: part, removed: change.removed }];
}
