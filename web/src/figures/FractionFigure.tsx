import { useId } from 'react';
import type { Schemas } from '../api/client';

type Picture = Schemas['FigureFractionPicture'];
type Props = { figure: Picture; chosen?: Set<number>; onToggle?: ((part: number) => void) | undefined };

const SIZE = 120;
const GAP = 14;

/** Wholes cut into parts. With `onToggle` every part is a checkbox; hatching marks the shaded ones. */
export function FractionFigure({ figure, chosen, onToggle }: Props) {
  const id = useId();
  const bar = figure.shape === 'BAR';
  const width = bar ? 300 : SIZE;
  const height = bar ? 64 : SIZE;
  const perRow = bar ? 1 : 3;
  const columns = Math.min(perRow, figure.wholes);
  const rows = Math.ceil(figure.wholes / perRow);
  const isShaded = (part: number) => (chosen === undefined ? part < figure.shaded : chosen.has(part));
  const interactive = onToggle !== undefined;
  return (
    <svg
      viewBox={`-3 -3 ${columns * (width + GAP)} ${rows * (height + GAP)}`}
      className={`w-full ${bar ? 'max-w-sm' : 'max-w-md'}`}
      style={{ maxHeight: interactive ? 320 : 170 }}
      role={interactive ? 'group' : 'img'}
      aria-label={figure.alt}
    >
      <defs>
        <pattern id={`${id}-hatch`} width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="8" height="8" fill="var(--color-spruce-wash)" />
          <line x1="0" x2="0" y1="0" y2="8" stroke="var(--color-spruce)" strokeWidth="3" />
        </pattern>
      </defs>
      {Array.from({ length: figure.wholes }, (_, whole) => (
        // oxlint-disable-next-line react/no-array-index-key -- wholes stand in a fixed order
        <g key={whole} transform={`translate(${(whole % perRow) * (width + GAP)} ${Math.floor(whole / perRow) * (height + GAP)})`}>
          {figure.cuts.map((_cut, i) => {
            const part = whole * figure.cuts.length + i;
            const label = `part ${i + 1} of whole ${whole + 1}`;
            return (
              <path
                key={label}
                d={bar ? barPart(figure.cuts, i, width, height) : circlePart(figure.cuts, i)}
                fill={isShaded(part) ? `url(#${id}-hatch)` : 'var(--color-leaf)'}
                stroke="var(--color-ink)"
                strokeWidth="1.6"
                {...(interactive && {
                  role: 'checkbox',
                  tabIndex: 0,
                  'data-answer': '',
                  'aria-label': label,
                  'aria-checked': isShaded(part),
                  className: 'cursor-pointer outline-none focus-visible:[stroke-width:4] focus-visible:[stroke:var(--color-glacier)]',
                  onClick: () => onToggle(part),
                  onKeyDown: (e) => {
                    if (e.key === ' ') {
                      e.preventDefault();
                      onToggle(part);
                    }
                  },
                })}
              />
            );
          })}
        </g>
      ))}
    </svg>
  );
}

function share(cuts: number[], until: number): number {
  const sum = (list: number[]) => list.reduce((a, b) => a + b, 0);
  return sum(cuts.slice(0, until)) / sum(cuts);
}

function barPart(cuts: number[], i: number, width: number, height: number): string {
  const from = share(cuts, i) * width;
  const to = share(cuts, i + 1) * width;
  return `M${from} 0H${to}V${height}H${from}Z`;
}

function circlePart(cuts: number[], i: number): string {
  const r = SIZE / 2;
  const point = (part: number) => {
    const angle = share(cuts, part) * 2 * Math.PI - Math.PI / 2;
    return `${r + r * Math.cos(angle)} ${r + r * Math.sin(angle)}`;
  };
  const large = share(cuts, i + 1) - share(cuts, i) > 0.5 ? 1 : 0;
  return `M${r} ${r}L${point(i)}A${r} ${r} 0 ${large} 1 ${point(i + 1)}Z`;
}
