import type { Schemas } from '../../api/client';

type Scene = Schemas['ShownScene'];

function ofField({ response }: Schemas['FieldView']): Scene[] {
  return 'scene' in response ? [response.scene] : [];
}

/** All pictures of an item, to lay under the ink. */
export function figuresOf(item: Schemas['ItemView']): Scene[] {
  const inStem = item.stem.flatMap((block) => (block.kind === 'Picture' ? [block.scene] : []));
  const inParts = item.parts.flatMap((part) => [
    ...(part.layout.kind === 'OnFigure' ? [part.layout.scene] : []),
    ...part.fields.flatMap(ofField),
  ]);
  return [...inStem, ...inParts];
}
