import type { Schemas } from '../api/client';
import { FigureView } from '../figures/FigureView';
import { RichText } from './RichText';
import { Tex } from './Tex';

/** What is read, in order: text, mathematics, tables, pictures. */
export function Blocks({ blocks, className = '' }: { blocks: Schemas['Block'][]; className?: string }) {
  return (
    <div className={`grid gap-3 ${className}`}>
      {blocks.map((block, i) => (
        // oxlint-disable-next-line react/no-array-index-key -- blocks of an item never change their order
        <BlockView key={i} block={block} />
      ))}
    </div>
  );
}

function BlockView({ block }: { block: Schemas['Block'] }) {
  switch (block.kind) {
    case 'Text':
      return (
        <p>
          <RichText text={block.text} />
        </p>
      );
    case 'Formula':
      return <Tex latex={block.latex} display />;
    case 'Table':
      return <DataTable head={block.head} rows={block.rows} />;
    case 'Picture':
      return <FigureView figure={block.figure} />;
    default: {
      const never: never = block;
      return never;
    }
  }
}

function DataTable({ head, rows }: { head: string[]; rows: string[][] }) {
  return (
    <table className="w-fit border-collapse text-base">
      <thead>
        <tr>
          {head.map((cell) => (
            <th key={cell} scope="col" className="border-b-2 border-edge px-3 py-1 text-left">
              <RichText text={cell} />
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <tr key={row.join('|')}>
            {row.map((cell, i) => (
              // oxlint-disable-next-line react/no-array-index-key -- a cell is known by its column
              <td key={i} className="border-b border-rule px-3 py-1">
                <RichText text={cell} />
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
