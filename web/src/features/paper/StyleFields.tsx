import type { NewSheet } from './usePaper';

type Style = NewSheet['style'];
type Props = { style: Style; onChange: (style: Style) => void };

const ROOMS: [Style['room'], string][] = [
  ['SQUARES', 'squared'],
  ['LINES', 'lined'],
  ['BLANK', 'blank'],
  ['NONE', 'none'],
];
const SIZES: [Style['size'], string][] = [
  ['A4', 'A4'],
  ['LETTER', 'Letter'],
];

/** How a sheet is laid out, with a small picture of it. */
export function StyleFields({ style, onChange }: Props) {
  return (
    <div className="grid grid-cols-2 items-start gap-x-6 gap-y-3">
      <Choice name="Room for work" all={ROOMS} value={style.room} onChange={(room) => onChange({ ...style, room })} />
      <Choice name="Paper" all={SIZES} value={style.size} onChange={(size) => onChange({ ...style, size })} />
      <fieldset>
        <legend className="font-semibold">Layout</legend>
        <label className="flex items-baseline gap-2">
          <input
            type="checkbox"
            checked={style.twoColumns}
            onChange={(e) => onChange({ ...style, twoColumns: e.target.checked })}
          />
          two columns
        </label>
        <label className="flex items-baseline gap-2">
          <input
            type="checkbox"
            checked={style.large}
            onChange={(e) => onChange({ ...style, large: e.target.checked })}
          />
          large print
        </label>
      </fieldset>
      <SmallPage style={style} />
    </div>
  );
}

function Choice<T extends string>({
  name,
  all,
  value,
  onChange,
}: {
  name: string;
  all: [T, string][];
  value: T;
  onChange: (value: T) => void;
}) {
  return (
    <fieldset>
      <legend className="font-semibold">{name}</legend>
      {all.map(([id, words]) => (
        <label key={id} className="flex items-baseline gap-2">
          <input type="radio" name={name} checked={value === id} onChange={() => onChange(id)} />
          {words}
        </label>
      ))}
    </fieldset>
  );
}

/** Widths and heights of a small page, and of what stands on it, in its own units. */
const PAGE = { A4: [105, 148], LETTER: [108, 140] } as const;
const EDGE = 9;
const HEAD = 20;

/** The page as it will be, small: lines of text, and the room below them. */
function SmallPage({ style }: { style: Style }) {
  const [width, height] = PAGE[style.size];
  const columns = style.twoColumns ? 2 : 1;
  const room = style.room === 'NONE' ? 0 : style.large ? 26 : 20;
  const letter = style.large ? 4 : 2.6;
  const step = 2 * letter + room + 9;
  const column = (width - 2 * EDGE - (columns - 1) * 5) / columns;
  const rows = Math.floor((height - EDGE - HEAD) / step);
  const boxes = Array.from({ length: columns * rows }, (_, i) => ({
    x: EDGE + Math.floor(i / rows) * (column + 5),
    y: HEAD + (i % rows) * step,
  }));
  return (
    <svg viewBox={`0 0 ${width} ${height}`} className="h-44 w-auto border border-edge bg-white" aria-hidden="true">
      <rect x={EDGE} y={8} width={40} height={4} className="fill-ink" />
      {boxes.map(({ x, y }) => (
        <g key={`${x} ${y}`}>
          <rect x={x} y={y} width={column * 0.9} height={letter / 2} className="fill-soft" />
          <rect x={x} y={y + letter} width={column * 0.6} height={letter / 2} className="fill-soft" />
          <Room x={x} y={y + 2 * letter} width={column} height={room} kind={style.room} />
        </g>
      ))}
    </svg>
  );
}

type RoomProps = { x: number; y: number; width: number; height: number; kind: Style['room'] };

function Room({ x, y, width, height, kind }: RoomProps) {
  const gap = kind === 'SQUARES' ? 4 : 6;
  const lines = kind === 'LINES' || kind === 'SQUARES' ? count(height, gap) : [];
  const posts = kind === 'SQUARES' ? count(width, gap) : [];
  return (
    <g className="fill-none stroke-edge" strokeWidth={0.5}>
      {height > 0 && <rect x={x} y={y} width={width} height={height} />}
      {lines.map((d) => (
        <line key={`h${d}`} x1={x} x2={x + width} y1={y + d} y2={y + d} />
      ))}
      {posts.map((d) => (
        <line key={`v${d}`} x1={x + d} x2={x + d} y1={y} y2={y + height} />
      ))}
    </g>
  );
}

const count = (length: number, gap: number) =>
  Array.from({ length: Math.floor((length - 1) / gap) }, (_, i) => (i + 1) * gap);
