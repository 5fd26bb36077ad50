import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../api/client';
import { WorkStanding } from './WorkStanding';

type State = Schemas['Page']['state'];
const said = (state: State, own: boolean, required = true) =>
  renderToStaticMarkup(<WorkStanding state={state} required={required} own={own} onHandIn={() => {}} />);

describe('where the work stands', () => {
  it('tells the student what can still be done, and the one who reads only what is so', () => {
    expect(said({ kind: 'HandedIn' } as State, true)).toContain('you can still add to it');
    expect(said({ kind: 'HandedIn' } as State, false)).not.toContain('you can');
    expect(said({ kind: 'None' } as State, false)).not.toContain('your');
    expect(said({ kind: 'SentBack', by: 'Orla', comment: 'Where is line two?' } as State, false)).not.toContain(
      'Add to it',
    );
  });
  it('says nothing where nobody wants to see work', () => {
    expect(said({ kind: 'None' } as State, true, false)).toBe('');
    expect(said({ kind: 'Kept' } as State, true, false)).toBe('');
  });
  it.each([
    [100, 'full credit'],
    [0, 'no credit'],
    [60, '60% of the credit'],
  ])('puts a credit of %i in words', (credit, words) => {
    expect(said({ kind: 'Read', by: 'Orla', credit, comment: '' } as State, true)).toContain(words);
  });
  it.each([
    ['Kept', true],
    ['SentBack', true],
    ['HandedIn', false],
    ['Read', false],
  ] as const)('%s can be handed in: %s', (kind, can) => {
    expect(said({ kind, by: 'Orla', credit: 50, comment: '' } as State, true).includes('Hand in</button>')).toBe(can);
  });
  it('asks for a picture where that is the answer', () => {
    const asked = (kind: 'None' | 'Kept') =>
      renderToStaticMarkup(<WorkStanding state={{ kind }} required own picture onHandIn={() => {}} />);
    expect(asked('None')).toContain('Draw your picture here');
    expect(asked('Kept')).toContain('with your words');
    expect(asked('None')).not.toContain('when your answer is right');
  });
});
