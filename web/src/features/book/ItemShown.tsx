import type { Schemas } from '../../api/client';
import { Blocks } from '../../ui/Blocks';
import { RichText } from '../../ui/RichText';
import { ClosedPart } from '../practice/PartBlock';
import { Solution } from '../practice/Slips';

/**
 * An item to read again: what was asked, what was entered, what is right once it is closed.
 *
 * @param explained whether the solution lies open
 */
export function ItemShown({ item, explained = false }: { item: Schemas['ItemView']; explained?: boolean }) {
  return (
    <div className="grid content-start gap-4">
      <Blocks blocks={item.stem} className="max-w-2xl font-serif text-stem leading-relaxed" />
      {item.parts.map((part) =>
        part.status === 'OPEN' ? (
          <p key={part.prompt} className="text-lg">
            <RichText text={part.prompt} />
          </p>
        ) : (
          <ClosedPart key={part.prompt} part={part} />
        ),
      )}
      {item.solution !== undefined && (
        <details open={explained}>
          <summary className="cursor-pointer text-glacier">The full solution</summary>
          <Solution solution={item.solution} />
        </details>
      )}
    </div>
  );
}
