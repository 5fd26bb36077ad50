import type { Schemas } from '../api/client';
import { SceneView } from '../figures/SceneView';
import { Cell, ColumnHead } from './Table';
import { RichText } from './RichText';
import { Tex } from './Tex';

/** What is read, in order: text, mathematics, tables, pictures. */
export function Blocks({ blocks, className = '' }: { blocks: Schemas['ShownBlock'][]; className?: string }) {
  return (
    <div className={`grid gap-3 ${className}`}>
      {blocks.map((block, i) => (
        // oxlint-disable-next-line react/no-array-index-key -- blocks of an item never change their order
        <BlockView key={i} block={block} />
      ))}
    </div>
  );
}

function BlockView({ block }: { block: Schemas['ShownBlock'] }) {
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
      return <SceneView scene={block.scene} />;
    default: {
      const never: never = block;
      return never;
    }
  }
}

function DataTable({ head, rows }: { head: string[]; rows: string[][] }) {
  return (
    <div className="max-w-full overflow-x-auto">
      <table className="w-fit border-collapse text-base">
        {head.length > 0 && (
          <thead>
            <tr>
              {head.map((cell) => (
                <ColumnHead key={cell} isEmpty={cell === ''} className="border-b-2 border-edge px-3 py-1 text-left">
                  <RichText text={cell} />
                </ColumnHead>
              ))}
            </tr>
          </thead>
        )}
        <tbody>
          {rows.map((row) => (
            <tr key={row.join('|')}>
              {row.map((cell, i) => (
                // oxlint-disable-next-line react/no-array-index-key -- a cell is known by its column
                <Cell key={i} head={i === 0 && head[0] === ''} className="border-b border-rule px-3 py-1">
                  <RichText text={cell} />
                </Cell>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
