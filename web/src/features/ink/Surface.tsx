import {
  type CSSProperties,
  type ReactNode,
  useCallback,
  useEffect,
  useId,
  useLayoutEffect,
  useRef,
  useState,
} from 'react';
import { Button } from '../../ui/Button';
import { begin, chosenBy, followed, type Gesture, result, type Spot } from './gesture';
import { type Change, difference } from './history';
import type { Paper } from './InkSheet';
import { clear, type Inks, paint } from './paint';
import { type Box, bounds, boxOf, PAGE_WIDTH, type Stroke } from './strokes';
import { draws, type Settings } from './tools';
import type { Cursor } from './cursor';
import { useSheetKeys } from './useSheetKeys';
import { useSheetPointers } from './useSheetPointers';
import { fitted, onPage, panned, type SheetView, zoomed } from './view';

const HEIGHT_PX = 440;

type Props = {
  strokes: Stroke[];
  /** The other layer, which is not changed here. */
  others: Stroke[];
  othersAbove: boolean;
  inks: Inks;
  settings: Settings;
  chosen: Stroke[];
  paper: Paper;
  under: ReactNode;
  onChoose: (ids: string[]) => void;
  onChange: (change: Change) => void;
};

/** The window onto the page: paper, what lies under the ink, the ink, and the stroke being drawn. */
export function Surface(props: Props) {
  const { strokes, others, othersAbove, inks, settings, chosen, paper, under, onChoose, onChange } = props;
  const keysId = useId();
  const root = useRef<HTMLDivElement>(null);
  const still = useRef<HTMLCanvasElement>(null);
  const live = useRef<HTMLCanvasElement>(null);
  const gesture = useRef<Gesture | null>(null);
  const frame = useRef(0);
  const [width, setWidth] = useState(0);
  const [view, setView] = useState<SheetView>(() => fitted(PAGE_WIDTH));
  useEffect(() => {
    const place = root.current;
    if (place === null) {
      return undefined;
    }
    const watch = new ResizeObserver(() => {
      setWidth(place.clientWidth);
      setView((now) => (place.clientWidth > 0 ? { ...fitted(place.clientWidth), y: now.y } : now));
    });
    watch.observe(place);
    return () => watch.disconnect();
  }, []);

  const paintAll = useCallback(() => {
    const canvas = still.current;
    const g = gesture.current;
    if (canvas === null) {
      return;
    }
    const context = clear(canvas);
    const own = g === null || draws(settings.tool) ? strokes : result(g, strokes);
    if (context !== null) {
      (othersAbove ? [own, others] : [others, own]).forEach((layer) => paint(context, layer, view, inks));
    }
  }, [strokes, others, othersAbove, view, inks, settings.tool]);
  useLayoutEffect(() => {
    paintAll();
    if (live.current !== null) {
      clear(live.current);
    }
  }, [paintAll]);

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
      paintAll();
    }
  };
  const show = () => {
    frame.current = frame.current === 0 ? requestAnimationFrame(paintLive) : frame.current;
  };
  const spot = (event: PointerEvent): Spot => {
    const place = root.current?.getBoundingClientRect();
    const [x, y] = onPage(view, event.clientX - (place?.left ?? 0), event.clientY - (place?.top ?? 0));
    return { x, y, pressure: event.pressure === 0 ? 0.5 : event.pressure, at: event.timeStamp };
  };
  const drop = () => {
    gesture.current = null;
    cancelAnimationFrame(frame.current);
    frame.current = 0;
    paintLive();
    paintAll();
  };
  const end = () => {
    const done = gesture.current;
    drop();
    if (done !== null) {
      onChange(difference(strokes, result(done, strokes)));
      onChoose(chosenBy(done, strokes));
    }
  };
  useSheetPointers(root, {
    writes: settings.tool !== 'hand',
    onBegin: (event) => {
      gesture.current = begin(
        spot(event),
        settings,
        strokes,
        chosen.length === 0 ? null : { ids: chosen.map((s) => s.id), box: bounds(chosen) },
      );
      show();
    },
    onFollow: (events) => {
      gesture.current = events.reduce(
        (g: Gesture | null, event) => (g === null ? g : followed(g, spot(event))),
        gesture.current,
      );
      show();
    },
    onEnd: end,
    onCancel: drop,
    onPan: (dx, dy) => setView((now) => panned(now, dx, dy, width)),
    onZoom: (factor, x, y) => setView((now) => zoomed(now, factor, x, y, width)),
  });

  const keys = useSheetKeys({
    onBegin: (at) => {
      gesture.current = begin(
        at,
        settings,
        strokes,
        chosen.length === 0 ? null : { ids: chosen.map((s) => s.id), box: bounds(chosen) },
      );
      show();
    },
    onFollow: (at) => {
      gesture.current = gesture.current === null ? null : followed(gesture.current, at);
      show();
    },
    onEnd: end,
    onCancel: drop,
  });

  const dots = window.devicePixelRatio;
  const size = { width: Math.round(width * dots), height: Math.round(HEIGHT_PX * dots) };
  const whole = { width: '100%', height: HEIGHT_PX } satisfies CSSProperties;
  return (
    <div>
      {/* oxlint-disable-next-line jsx-a11y/no-noninteractive-element-interactions -- arrow keys move the pen */}
      <div
        ref={root}
        role="application"
        // oxlint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- see above
        tabIndex={0}
        aria-label={`Sheet with ${strokes.length === 1 ? 'one stroke' : `${strokes.length} strokes`}`}
        aria-describedby={keysId}
        onKeyDown={keys.onKeyDown}
        onFocus={keys.onFocus}
        data-ink-surface
        className={`sheet relative touch-none overflow-hidden rounded-slip border border-edge ${settings.tool === 'hand' ? 'cursor-grab' : 'cursor-crosshair'}`}
        style={{ height: HEIGHT_PX }}
      >
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
        {keys.cursor !== null && <Crosshair at={keys.cursor} isDown={keys.isDown} view={view} />}
        {chosen.length > 0 && <ChosenBox strokes={chosen} view={view} />}
      </div>
      <p id={keysId} className="mt-1 text-sm text-soft">
        By keys: arrows move the pen, Space puts it down and lifts it. Or write lines instead: they count just the same.
      </p>
      <div className="mt-1 flex items-center gap-1 text-sm text-soft" role="group" aria-label="Size of the sheet">
        <Button small aria-label="Smaller" onClick={() => setView((now) => zoomed(now, 0.8, width / 2, 0, width))}>
          −
        </Button>
        <Button small aria-label="Larger" onClick={() => setView((now) => zoomed(now, 1.25, width / 2, 0, width))}>
          +
        </Button>
        <Button look="quiet" small onClick={() => setView(fitted(width))}>
          Whole width, from the top
        </Button>
        <Button look="quiet" small onClick={() => setView((now) => panned(now, 0, -HEIGHT_PX * 0.7, width))}>
          Further down
        </Button>
      </div>
    </div>
  );
}

function frameBox(context: CanvasRenderingContext2D, box: Box, view: SheetView, inks: Inks) {
  paint(context, [], view, inks);
  context.setLineDash([4, 4]);
  context.strokeRect(box.left, box.top, box.right - box.left, box.bottom - box.top);
  context.setLineDash([]);
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
