import type { Schemas } from '../api/client';

const CX = 180;
const CY = 130;
const LENGTH = 118;

const radians = (degrees: number) => (degrees * Math.PI) / 180;
const at = (degrees: number, radius: number) => ({ x: CX + radius * Math.cos(radians(degrees)), y: CY - radius * Math.sin(radians(degrees)) });

/** Lines or rays from one point, with arcs and the square of a right angle. */
export function AnglesFigure({ figure }: { figure: Schemas['FigureAngles'] }) {
  return (
    <svg viewBox="0 0 360 260" className="w-full max-w-sm" role="img" aria-label={figure.alt}>
      {figure.rays.map((ray) => {
        const end = at(ray.degrees, LENGTH);
        const start = ray.bothWays ? at(ray.degrees + 180, LENGTH) : { x: CX, y: CY };
        return <line key={ray.degrees} x1={start.x} y1={start.y} x2={end.x} y2={end.y} stroke="var(--color-ink)" strokeWidth="2.2" strokeLinecap="round" />;
      })}
      {figure.arcs.map((arc) => (
        <ArcMark key={`${arc.from} ${arc.to} ${arc.label}`} arc={arc} />
      ))}
      <circle cx={CX} cy={CY} r="3" fill="var(--color-ink)" />
    </svg>
  );
}

function ArcMark({ arc }: { arc: Schemas['FigureArc'] }) {
  if (arc.square) {
    const a = at(arc.from, 14);
    const b = at((arc.from + arc.to) / 2, 14 * Math.SQRT2);
    const c = at(arc.to, 14);
    return <path d={`M${a.x} ${a.y}L${b.x} ${b.y}L${c.x} ${c.y}`} fill="none" stroke="var(--color-soft)" strokeWidth="1.5" />;
  }
  const radius = arc.to - arc.from > 120 ? 30 : 40;
  const from = at(arc.from, radius);
  const to = at(arc.to, radius);
  const label = at((arc.from + arc.to) / 2, radius + 22);
  const large = arc.to - arc.from > 180 ? 1 : 0;
  return (
    <>
      <path d={`M${from.x} ${from.y}A${radius} ${radius} 0 ${large} 0 ${to.x} ${to.y}`} fill="none" stroke="var(--color-spruce)" strokeWidth="2.5" />
      <text x={label.x} y={label.y + 6} textAnchor="middle" className="fill-ink text-[18px] font-semibold">
        {arc.label}
      </text>
    </>
  );
}
