import type { CSSProperties, ReactNode, RefObject } from 'react';
import type { Cursor } from './cursor';
import type { Paper } from './InkSheet';
import { bounds, PAGE_WIDTH, type Stroke } from './strokes';
import type { SheetView } from './view';

type Props = {
  view: SheetView;
  /** Of the window, in pixels. */
  width: number;
  height: number;
  paper: Paper;
  /** What lies under the ink. */
  under: ReactNode;
  still: RefObject<HTMLCanvasElement | null>;
  live: RefObject<HTMLCanvasElement | null>;
  chosen: Stroke[];
  /** Where the pen of the keyboard is; null while nobody uses it. */
  cursor: Cursor | null;
  isDown: boolean;
};

/** From the bottom to the top: paper, what lies under the ink, the ink, the stroke being drawn, and what is chosen. */
export function SheetLayers({ view, width, height, paper, under, still, live, chosen, cursor, isDown }: Props) {
  const dots = window.devicePixelRatio;
  const size = { width: Math.round(width * dots), height: Math.round(height * dots) };
  const whole = { width: '100%', height } satisfies CSSProperties;
  return (
    <>
      <div className={`absolute inset-0 ${PAPERS[paper]}`} style={lined(view)} aria-hidden="true" />
      {under !== undefined && (
        <div
          className="pointer-events-none absolute top-0 left-0 origin-top-left p-4"
          style={{ width: PAGE_WIDTH * 0.72, transform: `translate(${view.x}px, ${view.y}px) scale(${view.scale})` }}
          aria-hidden="true"
        >
          {under}
        </div>
      )}
      <canvas ref={still} {...size} style={whole} className="absolute inset-0" />
      <canvas ref={live} {...size} style={whole} className="absolute inset-0" />
      {cursor !== null && <Crosshair at={cursor} isDown={isDown} view={view} />}
      {chosen.length > 0 && <ChosenBox strokes={chosen} view={view} />}
    </>
  );
}

const PAPERS: Record<Paper, string> = { PLAIN: '', LINED: 'lines-ruled', GRID: 'lines-squared' };
const RULE = 24;

function lined(view: SheetView): CSSProperties {
  return {
    backgroundSize: `${RULE * view.scale}px ${RULE * view.scale}px`,
    backgroundPosition: `${view.x}px ${view.y}px`,
  };
}

/** Where the pen of the keyboard is; a dot while it is down. */
function Crosshair({ at, isDown, view }: { at: Cursor; isDown: boolean; view: SheetView }) {
  const [x, y] = [at.x * view.scale + view.x, at.y * view.scale + view.y];
  return (
    <svg className="pointer-events-none absolute inset-0 size-full" aria-hidden="true">
      <path d={`M${x - 9} ${y}h18M${x} ${y - 9}v18`} stroke="var(--color-glacier)" strokeWidth="1.5" />
      {isDown && <circle cx={x} cy={y} r="4" fill="var(--color-glacier)" />}
    </svg>
  );
}

function ChosenBox({ strokes, view }: { strokes: Stroke[]; view: SheetView }) {
  const box = bounds(strokes);
  return (
    <div
      className="pointer-events-none absolute border-2 border-dashed border-glacier"
      style={{
        left: box.left * view.scale + view.x - 4,
        top: box.top * view.scale + view.y - 4,
        width: (box.right - box.left) * view.scale + 8,
        height: (box.bottom - box.top) * view.scale + 8,
      }}
    />
  );
}
