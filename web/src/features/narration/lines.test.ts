import { describe, expect, it } from 'vitest';
import { sceneOf } from '../../testing/scenes';
import { ofBlocks, ofPart, ofSteps } from './lines';

describe('what is read aloud', () => {
  it('takes texts, formulas, tables and pictures in their order', () => {
    const lines = ofBlocks([
      { kind: 'Text', text: 'Look.' },
      { kind: 'Formula', latex: 'x = 4' },
      { kind: 'Table', head: ['day', 'snow'], rows: [['1', '32']] },
      { kind: 'Picture', scene: sceneOf({ alt: 'A balance, level.' }) },
    ]);
    expect(lines.map((l) => l.show + (l.math ?? ''))).toEqual([
      'Look.',
      'x = 4',
      'day, snow',
      '1, 32',
      'A balance, level.',
    ]);
  });

  it('reads the options of a choice and the form that is wanted', () => {
    const lines = ofPart({
      prompt: 'Choose.',
      layout: { kind: 'Stacked' },
      triesAllowed: 1,
      triesLeft: 1,
      hints: [],
      hintsInAll: 3,
      status: 'OPEN',
      entries: {},
      feedback: [],
      answers: [],
      fields: [
        {
          id: 'a',
          label: 'Place',
          wanted: '',
          answerKind: 'choice',
          letters: [],
          suffix: '',
          spoken: {},
          response: {
            kind: 'ChooseOne',
            options: [
              { id: 'a', text: 'the hut' },
              { id: 'b', text: 'the pass' },
            ],
          },
        },
        {
          id: 'b',
          label: 'Number',
          wanted: 'a whole number',
          answerKind: 'number',
          letters: [],
          suffix: '',
          spoken: {},
          response: { kind: 'Typed', palette: [] },
        },
      ],
    });
    expect(lines.map((l) => l.show)).toEqual([
      'Choose.',
      'Option 1: the hut',
      'Option 2: the pass',
      'Wanted: a whole number.',
    ]);
  });

  it('keeps the mathematics of worked steps beside their words', () => {
    expect(ofSteps([{ say: 'Divide.', math: 'x = 2' }])).toEqual([{ show: 'Divide.', math: 'x = 2' }]);
  });
});
