type Props = {
  /** What is measured, for who does not see it. */ label: string;
  /** Of `max`; without it nobody knows how much is done. */ value?: number | undefined;
  max?: number | undefined;
  /** How wide it is, as classes. */ width?: string;
};

/** How much of something is done: empty at 0, full at `max`, and in motion where that is not known. */
export function Bar({ label, value, max = 1, width = 'w-full max-w-md' }: Props) {
  const measure = value === undefined ? {} : { value, max: Math.max(max, 1) };
  return (
    <progress
      className={`h-2.5 appearance-none rounded-full border border-edge bg-leaf ${width} indeterminate:bg-spruce-wash motion-safe:indeterminate:animate-pulse [&::-moz-progress-bar]:rounded-full [&::-moz-progress-bar]:bg-spruce [&::-webkit-progress-bar]:rounded-full [&::-webkit-progress-bar]:bg-transparent [&::-webkit-progress-value]:rounded-full [&::-webkit-progress-value]:bg-spruce`}
      aria-label={label}
      {...measure}
    />
  );
}
