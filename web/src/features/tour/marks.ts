const NAME = 'tour-done';

/** The kinds of answers that were tried out on this device. */
export function triedKinds(): Set<string> {
  const kept: unknown = JSON.parse(localStorage.getItem(NAME) ?? '[]');
  return new Set(Array.isArray(kept) ? kept.filter((id): id is string => typeof id === 'string') : []);
}

export function keepTried(kinds: Set<string>) {
  localStorage.setItem(NAME, JSON.stringify([...kinds]));
}

/** Whether any kind was tried out. */
export const wasHere = () => triedKinds().size > 0;
