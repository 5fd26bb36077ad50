import type { Schemas } from '../api/client';

const UNIT = 34;

/** An object over a strip with numbered marks; units that were laid lie between the two. @param laid how many lie there */
export function MeasuredFigure({ figure, laid = 0 }: { figure: Schemas['FigureMeasured']; laid?: number }) {
  const marks = Math.ceil(figure.start + figure.length) + 3;
  const x = (mark: number) => 14 + mark * UNIT;
  return (
    <svg viewBox={`0 0 ${x(marks) + 14} 122`} className="w-full max-w-2xl" role="img" aria-label={laid === 0 ? figure.alt : `${figure.alt} ${laid} laid along it.`}>
      <rect x={x(figure.start)} y="14" width={figure.length * UNIT} height="24" rx="6" fill="var(--color-larch-wash)" stroke="var(--color-larch-mark)" strokeWidth="2.4" />
      <text x={x(figure.start + figure.length / 2)} y="31" textAnchor="middle" className="fill-ink text-[14px]">{figure.object}</text>
      {Array.from({ length: laid }, (_, i) => (
        <rect key={`u${x(i)}`} x={x(figure.start + i) + 1} y="46" width={UNIT - 2} height="22" fill="var(--color-spruce-wash)" stroke="var(--color-spruce)" strokeWidth="2" />
      ))}
      <path d={`M${x(0)} 84H${x(marks)}`} stroke="var(--color-ink)" strokeWidth="2" />
      {Array.from({ length: marks + 1 }, (_, i) => (
        <g key={`m${x(i)}`}>
          <line x1={x(i)} x2={x(i)} y1="77" y2="91" stroke="var(--color-ink)" strokeWidth="1.6" />
          <text x={x(i)} y="110" textAnchor="middle" className="fill-ink text-[14px]">{i}</text>
        </g>
      ))}
    </svg>
  );
}
