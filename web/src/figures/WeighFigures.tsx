import type { Schemas } from '../api/client';

/** Two pans on a beam, with what stands on them. */
export function BalanceFigure({ figure }: { figure: Schemas['FigureBalance'] }) {
  const tilt = figure.level ? 0 : 8;
  return (
    <svg viewBox="0 0 420 190" className="w-full max-w-lg" role="img" aria-label={figure.alt}>
      <g fill="none" stroke="var(--color-ink)" strokeWidth="2.4" strokeLinejoin="round">
        <path d={`M60 ${70 - tilt}L360 ${70 + tilt}M210 70v90M170 172h80l-40-20Z`} />
        {[60, 360].map((x, i) => (
          <path key={x} d={`M${x} ${70 + (i === 0 ? -tilt : tilt)}l-52 60h104Z`} />
        ))}
      </g>
      {[figure.left, figure.right].map((labels, side) =>
        labels.map((label, i) => (
          <text key={label + String(side)} x={side === 0 ? 60 : 360} y={150 + i * 20} textAnchor="middle" className="fill-ink text-[16px]">
            {label}
          </text>
        )),
      )}
    </svg>
  );
}

/** A dial with a hand. */
export function ScaleFigure({ figure }: { figure: Schemas['FigureScale'] }) {
  const angle = (value: number) => (-210 + (value / figure.max) * 240) * (Math.PI / 180);
  const at = (value: number, r: number) => ({ x: 120 + r * Math.cos(angle(value)), y: 120 + r * Math.sin(angle(value)) });
  const count = Math.round(figure.max / figure.step);
  const named = Math.max(1, Math.ceil(count / 8));
  const hand = at(figure.reading, 74);
  return (
    <svg viewBox="0 0 240 210" className="w-full max-w-72" role="img" aria-label={figure.alt}>
      <circle cx="120" cy="120" r="104" fill="var(--color-leaf)" stroke="var(--color-ink)" strokeWidth="2.4" clipPath="inset(0 0 10px 0)" />
      {Array.from({ length: count + 1 }, (_, i) => {
        const value = i * figure.step;
        const [a, b, t] = [at(value, 96), at(value, i % named === 0 ? 82 : 88), at(value, 66)];
        return (
          <g key={value}>
            <line x1={a.x} y1={a.y} x2={b.x} y2={b.y} stroke="var(--color-ink)" strokeWidth={i % named === 0 ? 2 : 1} />
            {i % named === 0 && (
              <text x={t.x} y={t.y + 4} textAnchor="middle" className="fill-ink text-[12px]">
                {value}
              </text>
            )}
          </g>
        );
      })}
      <line x1="120" y1="120" x2={hand.x} y2={hand.y} stroke="var(--color-rust)" strokeWidth="3.5" strokeLinecap="round" />
      <circle cx="120" cy="120" r="6" fill="var(--color-rust)" />
      <text x="120" y="160" textAnchor="middle" className="fill-ink text-[18px] font-semibold">{figure.unit}</text>
    </svg>
  );
}
