import type { Schemas } from '../../api/client';

function ofField({ response }: Schemas['FieldView']): Schemas['Figure'][] {
  switch (response.kind) {
    case 'PlotPoint':
    case 'PlotLine':
      return [response.grid];
    case 'SelectShapes':
      return [response.shapes];
    case 'Shade':
      return [response.picture];
    case 'LayUnits':
      return [response.object];
    default:
      return [];
  }
}

/** All pictures of an item, to lay under the ink. */
export function figuresOf(item: Schemas['ItemView']): Schemas['Figure'][] {
  const inStem = item.stem.flatMap((block) => (block.kind === 'Picture' ? [block.figure] : []));
  const inParts = item.parts.flatMap((part) => [...(part.layout.kind === 'OnFigure' ? [part.layout.figure] : []), ...part.fields.flatMap(ofField)]);
  return [...inStem, ...inParts];
}
