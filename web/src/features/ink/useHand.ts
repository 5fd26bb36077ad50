import type { RefObject } from 'react';
import { begin, chosenBy, followed, type Gesture, result, type Spot } from './gesture';
import { type Change, difference } from './history';
import { bounds, type Stroke } from './strokes';
import type { Settings } from './tools';

type What = {
  /** What is being done now; null between two movements. */
  gesture: RefObject<Gesture | null>;
  strokes: Stroke[];
  chosen: Stroke[];
  settings: Settings;
  /** Paints what is being done, and what came of it. */
  show: () => void;
  settle: () => void;
  onChoose: (ids: string[]) => void;
  onChange: (change: Change) => void;
};

/** What a pen, a finger or a key does on the page, from where it comes down to where it is lifted. */
export function useHand({ gesture, strokes, chosen, settings, show, settle, onChoose, onChange }: What) {
  const from = (at: Spot) => {
    const box = chosen.length === 0 ? null : { ids: chosen.map((s) => s.id), box: bounds(chosen) };
    gesture.current = begin(at, settings, strokes, box);
    show();
  };
  const along = (spots: Spot[]) => {
    gesture.current = spots.reduce((g: Gesture | null, at) => (g === null ? g : followed(g, at)), gesture.current);
    show();
  };
  const drop = () => {
    gesture.current = null;
    settle();
  };
  const lift = () => {
    const done = gesture.current;
    drop();
    if (done !== null) {
      onChange(difference(strokes, result(done, strokes)));
      onChoose(chosenBy(done, strokes));
    }
  };
  return { from, along, drop, lift };
}
