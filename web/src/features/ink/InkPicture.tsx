import type { ReactNode } from 'react';
import type { Schemas } from '../../api/client';
import { outline } from './outline';
import { HIGHLIGHT } from './paint';
import { bounds, PAGE_WIDTH, type Stroke } from './strokes';

/** Room below the last stroke, and the least height, in page units. */
const BELOW = 30;
const LEAST = 160;

/** Both layers of a page, to look at. */
export function InkPicture({ ink, under }: { ink: Schemas['Ink']; under?: ReactNode }) {
  const all = [...ink.work, ...ink.marks];
  const height = Math.max(LEAST, (all.length === 0 ? 0 : bounds(all).bottom) + BELOW);
  const hexOf = (stroke: Stroke) => ink.pens.find((p) => p.colour === stroke.colour)?.hex;
  const group = (strokes: Stroke[]) =>
    strokes.map((s) => (
      <path key={s.id} d={outline(s)} fill={hexOf(s)} opacity={s.tool === 'HIGHLIGHTER' ? HIGHLIGHT : 1} />
    ));
  return (
    <div className="sheet relative overflow-hidden rounded-slip border border-edge">
      {under !== undefined && (
        <div className="absolute top-0 left-0 w-[72%] p-4" aria-hidden="true">
          {under}
        </div>
      )}
      <svg
        viewBox={`0 0 ${PAGE_WIDTH} ${height}`}
        className="relative block w-full"
        role="img"
        aria-label={`Drawn work, ${ink.work.length} strokes${ink.marks.length > 0 ? `, and ${ink.marks.length} marks of the instructor` : ''}`}
      >
        <g data-layer="work">{group(ink.work)}</g>
        <g data-layer="marks">{group(ink.marks)}</g>
      </svg>
    </div>
  );
}
