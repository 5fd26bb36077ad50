import type { MapSkill } from './layout';

export type Status = MapSkill['status'];

export const WORDS: Record<Status, string> = {
  KNOWN: 'known',
  REFRESH: 'due for a refresh',
  IN_PROGRESS: 'in progress',
  READY: 'ready',
  LOCKED: 'not yet ready',
};

export const COLOURS: Record<Status, string> = {
  KNOWN: 'text-spruce',
  REFRESH: 'text-larch-mark',
  IN_PROGRESS: 'text-spruce',
  READY: 'text-spruce',
  LOCKED: 'text-soft',
};

/** A summit by how far it is climbed: full, full with a turn, half, outline, dotted. */
export function StatusMark({ status }: { status: Status }) {
  return (
    <svg viewBox="0 0 24 24" className={`size-5 shrink-0 ${COLOURS[status]}`} aria-hidden="true">
      <Summit status={status} />
    </svg>
  );
}

/** The same within a picture, in a square of 24 units. */
export function Summit({ status }: { status: Status }) {
  return (
    <>
      <path
        d="M12 4 21 20H3Z"
        fill="none"
        stroke="currentColor"
        strokeWidth="2"
        strokeLinejoin="round"
        strokeDasharray={status === 'LOCKED' ? '2 3' : undefined}
      />
      {(status === 'KNOWN' || status === 'REFRESH') && <path d="M12 4 21 20H3Z" fill="currentColor" />}
      {status === 'REFRESH' && (
        <path d="M8.5 17a3.5 3.5 0 1 1 3.5 1.5" fill="none" stroke="var(--color-leaf)" strokeWidth="1.8" />
      )}
      {status === 'IN_PROGRESS' && <path d="M12 4V20H3Z" fill="currentColor" />}
    </>
  );
}
