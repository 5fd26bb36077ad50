import type { Schemas } from '../../api/client';

type Try = Schemas['Try'];

const RESULTS: Record<string, string> = {
  CORRECT: 'right',
  FORM: 'right value, other form',
  INCORRECT: 'not right',
  UNREADABLE: 'not readable',
};

/** What was tried at an item, in order. */
export function Tries({ tries }: { tries: Try[] }) {
  return tries.map((t, i) => (
    // oxlint-disable-next-line react/no-array-index-key -- tries stand in their order
    <p key={i}>
      Try {i + 1}:{' '}
      {Object.entries(t.entries)
        .map(([label, entry]) => `${label}: ${entry}`)
        .join('; ')}{' '}
      <span className="text-soft">({RESULTS[t.result]})</span>
    </p>
  ));
}
