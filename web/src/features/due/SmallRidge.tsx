/** The scores of a skill as a small ridge line. @param scores 0 to 100, in order; @param target height of the flag */
export function SmallRidge({ name, scores, target }: { name: string; scores: number[]; target: number }) {
  const shown = scores.slice(-16);
  const now = shown.at(-1) ?? 0;
  const y = (score: number) => 44 - score * 0.38;
  const x = (i: number) => 4 + i * Math.min(22, 160 / Math.max(1, shown.length));
  const points = [0, ...shown].map((score, i) => `${x(i)},${y(score)}`);
  return (
    <svg viewBox="0 0 190 50" className="h-12 w-48" role="img" aria-label={`${name}: score ${now}, target ${target}`}>
      <line x1="4" x2="176" y1={y(target)} y2={y(target)} stroke="var(--color-larch-mark)" strokeDasharray="1.5 5" strokeWidth="1.5" />
      <path d={`M176 ${y(target)}v-7l11 3.5-11 3.5`} fill="var(--color-larch-mark)" />
      <polygon points={`4,46 ${points.join(' ')} ${x(shown.length)},46`} fill="var(--color-spruce)" opacity="0.14" />
      <polyline points={points.join(' ')} fill="none" stroke="var(--color-spruce)" strokeWidth="2" strokeLinejoin="round" />
      {shown.length > 0 && <path d={`M${x(shown.length)} ${y(now) - 5}l5 8h-10Z`} fill="var(--color-spruce)" />}
    </svg>
  );
}
