type Props = { name: string; course: number[]; flag: number; most: number };

/** The course of a skill as a small ridge line. @param course after each item; @param flag height of the target; @param most height of the picture */
export function SmallRidge({ name, course, flag, most }: Props) {
  const shown = course.slice(-16);
  const now = shown.at(-1) ?? 0;
  const y = (stands: number) => 44 - (stands * 38) / most;
  const x = (i: number) => 4 + i * Math.min(22, 160 / Math.max(1, shown.length));
  const points = [0, ...shown].map((stands, i) => `${x(i)},${y(stands)}`);
  return (
    <svg viewBox="0 0 190 50" className="h-12 w-48" role="img" aria-label={`${name}: stands at ${now}, target ${flag}`}>
      <line x1="4" x2="176" y1={y(flag)} y2={y(flag)} stroke="var(--color-larch-mark)" strokeDasharray="1.5 5" strokeWidth="1.5" />
      <path d={`M176 ${y(flag)}v-7l11 3.5-11 3.5`} fill="var(--color-larch-mark)" />
      <polygon points={`4,46 ${points.join(' ')} ${x(shown.length)},46`} fill="var(--color-spruce)" opacity="0.14" />
      <polyline points={points.join(' ')} fill="none" stroke="var(--color-spruce)" strokeWidth="2" strokeLinejoin="round" />
      {shown.length > 0 && <path d={`M${x(shown.length)} ${y(now) - 5}l5 8h-10Z`} fill="var(--color-spruce)" />}
    </svg>
  );
}
