import { Tex } from '../../ui/Tex';
import type { Schemas } from '../../api/client';

/** Lines to read, each as mathematics where it is some. */
export function LinesShown({ lines }: { lines: Schemas['ShownLine'][] }) {
  return lines.length === 0 ? null : (
    <ol className="squared grid list-decimal gap-1 bg-leaf p-3 pl-8 font-serif text-lg">
      {lines.map((line, i) => (
        // oxlint-disable-next-line react/no-array-index-key -- lines stand in their order
        <li key={i} className={line.struck ? 'line-through opacity-60' : ''}>
          <LineShown line={line} />
          {line.struck && <span className="sr-only"> (struck through)</span>}
        </li>
      ))}
    </ol>
  );
}

export function LineShown({ line }: { line: Schemas['ShownLine'] }) {
  return line.latex === '' ? <span>{line.text}</span> : <Tex latex={line.latex} />;
}
