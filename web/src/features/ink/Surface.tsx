import { type ReactNode, useId, useRef } from 'react';
import type { Change } from './history';
import type { Paper } from './InkSheet';
import type { Inks } from './paint';
import { PenKeys } from './PenKeys';
import { SheetLayers } from './SheetLayers';
import { SheetSize } from './SheetSize';
import type { Stroke } from './strokes';
import type { Settings } from './tools';
import { useCanvases } from './useCanvases';
import { useHand } from './useHand';
import { useSheetKeys } from './useSheetKeys';
import { useSheetPointers } from './useSheetPointers';
import { useSheetView } from './useSheetView';
import { onPage, panned, zoomed } from './view';

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

/** The window onto the page, drawn on by pointer or by keys. */
export function Surface(props: Props) {
  const { strokes, settings, chosen, paper, under, onChoose, onChange } = props;
  const keysId = useId();
  const root = useRef<HTMLDivElement>(null);
  const { width, view, setView } = useSheetView(root);
  const { still, live, ...canvases } = useCanvases({ ...props, view, tool: settings.tool });
  const hand = useHand({ ...canvases, strokes, chosen, settings, onChoose, onChange });
  const spot = (event: PointerEvent) => {
    const place = root.current?.getBoundingClientRect();
    const [x, y] = onPage(view, event.clientX - (place?.left ?? 0), event.clientY - (place?.top ?? 0));
    return { x, y, pressure: event.pressure === 0 ? 0.5 : event.pressure, at: event.timeStamp };
  };
  useSheetPointers(root, {
    writes: settings.tool !== 'hand',
    onBegin: (event) => hand.from(spot(event)),
    onFollow: (events) => hand.along(events.map(spot)),
    onEnd: hand.lift,
    onCancel: hand.drop,
    onPan: (dx, dy) => setView((now) => panned(now, dx, dy, width)),
    onZoom: (factor, x, y) => setView((now) => zoomed(now, factor, x, y, width)),
  });
  const keys = useSheetKeys({
    onBegin: hand.from,
    onFollow: (at) => hand.along([at]),
    onEnd: hand.lift,
    onCancel: hand.drop,
  });
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
        <SheetLayers
          {...{ view, width, paper, under, still, live, chosen }}
          height={HEIGHT_PX}
          cursor={keys.cursor}
          isDown={keys.isDown}
        />
      </div>
      <PenKeys id={keysId} isReader={!props.othersAbove} />
      <SheetSize width={width} height={HEIGHT_PX} onView={setView} />
    </div>
  );
}
