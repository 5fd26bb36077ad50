import {
  BoxSelect,
  BrushCleaning,
  Eraser,
  Hand,
  Highlighter,
  type LucideIcon,
  Pen,
  Redo2,
  Ruler,
  Undo2,
} from 'lucide-react';
import type { Schemas } from '../../api/client';
import { draws, type Settings, type Tool, WIDTHS } from './tools';

const TOOLS: [Tool, string, LucideIcon][] = [
  ['pen', 'Pen', Pen],
  ['highlighter', 'Highlighter', Highlighter],
  ['ruler', 'Straight line', Ruler],
  ['stroke-eraser', 'Erase whole strokes', BrushCleaning],
  ['area-eraser', 'Rub out a part', Eraser],
  ['select', 'Choose and move', BoxSelect],
  ['hand', 'Move the sheet', Hand],
];

type Props = {
  settings: Settings;
  pens: Schemas['Pen'][];
  canUndo: boolean;
  canRedo: boolean;
  onChange: (settings: Settings) => void;
  onUndo: () => void;
  onRedo: () => void;
};

const BUTTON =
  'inline-flex size-9 cursor-pointer items-center justify-center rounded border disabled:cursor-default disabled:opacity-40';

/** What the pointer does: tools, then inks and widths, then back and forth. */
export function Toolbar({ settings, pens, canUndo, canRedo, onChange, onUndo, onRedo }: Props) {
  return (
    <div className="grid gap-1.5">
      <div className="flex flex-wrap gap-1" role="group" aria-label="Tools">
        {TOOLS.map(([tool, name, Icon]) => (
          <button
            key={tool}
            type="button"
            aria-label={name}
            title={name}
            aria-pressed={settings.tool === tool}
            className={`${BUTTON} ${settings.tool === tool ? 'border-2 border-spruce bg-spruce-wash' : 'border-edge bg-leaf'}`}
            onClick={() => onChange({ ...settings, tool })}
          >
            <Icon className="size-5" aria-hidden="true" />
          </button>
        ))}
        <span className="w-2" />
        <button
          type="button"
          className={`${BUTTON} border-edge bg-leaf`}
          aria-label="Undo"
          title="Undo (Ctrl Z)"
          disabled={!canUndo}
          onClick={onUndo}
        >
          <Undo2 className="size-5" aria-hidden="true" />
        </button>
        <button
          type="button"
          className={`${BUTTON} border-edge bg-leaf`}
          aria-label="Redo"
          title="Redo (Ctrl Y)"
          disabled={!canRedo}
          onClick={onRedo}
        >
          <Redo2 className="size-5" aria-hidden="true" />
        </button>
      </div>
      {/* Its place stays when there is nothing to choose, so that the sheet below does not move under the hand. */}
      <div className={`flex flex-wrap items-center gap-x-4 gap-y-1 ${draws(settings.tool) ? '' : 'invisible'}`}>
        <Inks settings={settings} pens={pens} onChange={onChange} />
        <Widths settings={settings} onChange={onChange} />
        <span className="basis-full text-sm text-soft">
          {WIDTHS.find(([, w]) => w === settings.width)?.[0]} {pens.find((p) => p.colour === settings.colour)?.title}
        </span>
      </div>
    </div>
  );
}

function Inks({ settings, pens, onChange }: Pick<Props, 'settings' | 'pens' | 'onChange'>) {
  return (
    <div className="flex gap-1" role="group" aria-label="Inks">
      {pens.map((pen) => (
        <button
          key={pen.colour}
          type="button"
          aria-label={pen.title}
          title={pen.title}
          aria-pressed={settings.colour === pen.colour}
          className={`size-8 cursor-pointer rounded-full border-2 p-1 ${settings.colour === pen.colour ? 'border-ink' : 'border-transparent'}`}
          onClick={() => onChange({ ...settings, colour: pen.colour })}
        >
          <span
            className="block size-full rounded-full border border-edge forced-color-adjust-none"
            style={{ backgroundColor: pen.hex }}
          />
        </button>
      ))}
    </div>
  );
}

function Widths({ settings, onChange }: Pick<Props, 'settings' | 'onChange'>) {
  return (
    <div className="flex gap-1" role="group" aria-label="Widths">
      {WIDTHS.map(([name, width]) => (
        <button
          key={name}
          type="button"
          aria-label={name}
          title={name}
          aria-pressed={settings.width === width}
          className={`flex size-8 cursor-pointer items-center justify-center rounded border ${settings.width === width ? 'border-2 border-ink' : 'border-transparent'}`}
          onClick={() => onChange({ ...settings, width })}
        >
          <span
            className="block w-5 rounded-full bg-ink forced-color-adjust-none forced-colors:bg-[CanvasText]"
            style={{ height: width }}
          />
        </button>
      ))}
    </div>
  );
}
