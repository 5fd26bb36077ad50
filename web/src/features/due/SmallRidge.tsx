type Props = {
  name: string;
  /** Where the skill stood after each item. */
  course: number[];
  flag: number;
  /** Height of the picture. */
  most: number;
  /** Where it stands once all pages are read; the last point is hollow while some wait. */
  waiting: boolean;
};

/** The course of a skill as a small ridge line. */
export function SmallRidge({ name, course, flag, most, waiting }: Props) {
  const shown = course.slice(-16);
  const now = shown.at(-1) ?? 0;
  const y = (stands: number) => 44 - (stands * 38) / most;
  const x = (i: number) => 4 + i * Math.min(22, 160 / Math.max(1, shown.length));
  const points = [0, ...shown].map((stands, i) => `${x(i)},${y(stands)}`);
  return (
    <svg
      viewBox="0 0 190 50"
      className="h-7 w-28 shrink-0"
      role="img"
      aria-label={`${name}: stands at ${now}, target ${flag}`}
    >
      <line
        x1="4"
        x2="176"
        y1={y(flag)}
        y2={y(flag)}
        stroke="var(--color-larch-mark)"
        strokeDasharray="1.5 5"
        strokeWidth="1.5"
      />
      <path d={`M176 ${y(flag)}v-7l11 3.5-11 3.5`} fill="var(--color-larch-mark)" />
      <polygon points={`4,46 ${points.join(' ')} ${x(shown.length)},46`} fill="var(--color-spruce)" opacity="0.14" />
      <polyline
        points={points.join(' ')}
        fill="none"
        stroke="var(--color-spruce)"
        strokeWidth="2"
        strokeLinejoin="round"
      />
      {shown.length > 0 && (
        <path
          d={`M${x(shown.length)} ${y(now) - 5}l5 8h-10Z`}
          fill={waiting ? 'var(--color-paper)' : 'var(--color-spruce)'}
          stroke="var(--color-spruce)"
          strokeWidth="2"
        />
      )}
    </svg>
  );
}
