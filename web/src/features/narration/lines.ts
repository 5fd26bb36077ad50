import type { Schemas } from '../../api/client';
import type { Line } from './narration';

function ofBlock(block: Schemas['ShownBlock']): Line[] {
  switch (block.kind) {
    case 'Text':
      return [{ show: block.text }];
    case 'Formula':
      return [{ show: '', math: block.latex }];
    case 'Table':
      return [block.head, ...block.rows].map((row) => ({ show: row.join(', ') }));
    case 'Picture':
      return [{ show: block.scene.alt }];
    default: {
      const never: never = block;
      return never;
    }
  }
}

/** Blocks as lines to read. */
export function ofBlocks(blocks: Schemas['ShownBlock'][]): Line[] {
  return blocks.flatMap(ofBlock);
}

function options(field: Schemas['FieldView']): Line[] {
  const { response } = field;
  const list = 'options' in response ? response.options : response.kind === 'DropLabel' ? response.labels : [];
  return list.map((o, i) => ({ show: `Option ${i + 1}: ${o.scene?.alt ?? o.text}` }));
}

/** A part with its options and the form wanted. */
export function ofPart(part: Schemas['PartView']): Line[] {
  const sentence = part.layout.kind === 'InSentence' ? [{ show: part.layout.template }] : [];
  return [
    { show: part.prompt },
    ...sentence,
    ...part.fields.flatMap((f) => [...options(f), ...(f.wanted === '' ? [] : [{ show: `Wanted: ${f.wanted}.` }])]),
  ];
}

/** Worked steps: what is done and why, with its mathematics. */
export function ofSteps(steps: Schemas['WorkedStep'][]): Line[] {
  return steps.map((step) => ({ show: step.say, math: step.math }));
}
