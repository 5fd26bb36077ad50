import type { Schemas } from '../../api/client';
import { RichText } from '../../ui/RichText';

/** Which lines of an item are there, and how one is turned. */
export type Marking = { earned: string[]; turn: (id: string) => void };

type Props = {
  lines: Schemas['MarkLine'][];
  at: number;
  /** What may be ticked; or that the ticks are only shown; or that the sum alone is known, and no line. */
  marking: Marking | 'shown' | 'sum';
};

/** The solution line by line, each with what it earns; to be ticked where it stands on the paper. */
export function MarkLines({ lines, at, marking }: Props) {
  const most = lines.filter((line) => line.mark > 0).length;
  const hand = typeof marking === 'string' ? undefined : marking;
  const have = hand?.earned ?? lines.filter((line) => line.earned).map((line) => line.id);
  return (
    <section aria-label={`Solution of item ${at + 1}`} className="min-w-0 overflow-x-auto rounded-slip bg-paper p-3">
      <h3 className="flex justify-between gap-4 font-semibold">
        {hand !== undefined
          ? 'Which of these lines do you have?'
          : marking === 'sum'
            ? 'How it goes'
            : 'The lines that are there'}
        {marking !== 'sum' && (
          <span>
            {have.length} of {most}
          </span>
        )}
      </h3>
      <ul className="mt-1">
        {lines.map((line) => (
          <li key={line.id} className="border-t border-rule py-1">
            {line.mark > 0 && hand !== undefined ? (
              <label className="flex items-baseline gap-3">
                <input type="checkbox" checked={have.includes(line.id)} onChange={() => hand.turn(line.id)} />
                <span className="min-w-0 flex-1">
                  <RichText text={line.text} />
                </span>
                <span className="text-sm text-soft">1 mark</span>
              </label>
            ) : (
              <span className="flex items-baseline gap-3">
                <span className="w-4" aria-hidden="true">
                  {marking === 'shown' && line.mark > 0 && have.includes(line.id) ? '✓' : ''}
                </span>
                <span className="min-w-0 flex-1">
                  <RichText text={line.text} />
                  {marking === 'shown' && line.mark > 0 && (
                    <span className="sr-only">{have.includes(line.id) ? ', there' : ', not there'}</span>
                  )}
                </span>
                {line.mark > 0 && <span className="text-sm text-soft">1 mark</span>}
              </span>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
