import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../api/client';
import { NarratorRoom } from '../narration/NarratorContext';
import { Told } from './Told';

const right = (fieldId: string) => ({ fieldId, verdict: 'correct', reason: '', message: '', at: -1 });

function field(id: string, kind: 'Typed' | 'InkWords'): Schemas['FieldView'] {
  const response: Schemas['FieldView']['response'] = kind === 'Typed' ? { kind, palette: [] } : { kind };
  return {
    id,
    label: `Name of ${id}`,
    wanted: '',
    spoken: {},
    letters: [],
    suffix: '',
    answerKind: 'number',
    response,
  };
}

const told = (fields: Schemas['FieldView'][]) =>
  renderToStaticMarkup(
    <NarratorRoom>
      <Told part={{ fields }} said={fields.map(({ id }) => right(id))} />
    </NarratorRoom>,
  );

describe('what came of a check', () => {
  it('calls nothing right that a person reads', () => {
    expect(told([field('a', 'InkWords')])).toContain('A person reads it.');
    expect(told([field('a', 'InkWords')])).not.toContain('Right.');
    expect(told([field('a', 'Typed')])).toContain('Right.');
  });

  it('names a field where there are several', () => {
    expect(told([field('a', 'Typed'), field('b', 'Typed')])).toMatch(/Name of a: .*Name of b: /s);
    expect(told([field('a', 'Typed')])).not.toContain('Name of a');
  });
});
