import { type ReactNode, useId } from 'react';
import type { Schemas } from '../api/client';

const WIDTH = 600;
const TOP = 34;
const HEIGHT = 52;

/** One bar cut into pieces; shaded ones are hatched, so that no colour is needed to tell them apart. */
export function BarFigure({ figure, slot }: { figure: Schemas['FigureBar']; slot?: (id: string) => ReactNode }) {
  const id = useId();
  const whole = figure.pieces.reduce((sum, piece) => sum + piece.size, 0);
  const starts = figure.pieces.map((_, i) => figure.pieces.slice(0, i).reduce((sum, p) => sum + p.size, 0) / whole);
  return (
    <svg viewBox={`0 -24 ${WIDTH + 4} 146`} className="w-full max-w-xl" role={slot === undefined ? 'img' : 'group'} aria-labelledby={id}>
      <title id={id}>{figure.alt}</title>
      <defs>
        <pattern id={`${id}-hatch`} width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="8" height="8" fill="var(--color-spruce-wash)" />
          <line x1="0" x2="0" y1="0" y2="8" stroke="var(--color-spruce)" strokeWidth="2" strokeOpacity="0.5" />
        </pattern>
      </defs>
      <Label x={WIDTH / 2} y={slot === undefined ? 14 : -2} text={figure.total.startsWith('{{') ? '' : figure.total} slot={slot?.(figure.total.replace(/[{}]/g, ''))} />
      <path d={`M2 ${TOP - 4}v-8H${WIDTH + 2}v8`} fill="none" stroke="var(--color-ink)" />
      {figure.pieces.map((piece, i) => {
        const x = 2 + (starts[i] ?? 0) * WIDTH;
        const width = (piece.size / whole) * WIDTH;
        return (
          <g key={x}>
            <rect x={x} y={TOP} width={width} height={HEIGHT} fill={piece.shaded ? `url(#${id}-hatch)` : 'var(--color-leaf)'} stroke="var(--color-ink)" strokeWidth="1.5" />
            <Label x={x + width / 2} y={TOP + HEIGHT + 20} text={piece.label} slot={undefined} />
            {piece.slot !== '' && <Label x={x + width / 2} y={TOP + 30} text="" slot={slot?.(piece.slot)} />}
          </g>
        );
      })}
    </svg>
  );
}

function Label({ x, y, text, slot }: { x: number; y: number; text: string; slot: ReactNode }) {
  if (text === '' && slot !== undefined) {
    return (
      <foreignObject x={x - 70} y={y - 20} width="140" height="44">
        {slot}
      </foreignObject>
    );
  }
  return (
    <text x={x} y={y} textAnchor="middle" className="fill-ink text-[15px]">
      {text}
    </text>
  );
}
