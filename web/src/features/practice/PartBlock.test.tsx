// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { renderToStaticMarkup } from 'react-dom/server';
import { beforeAll, describe, expect, it } from 'vitest';
import type { Schemas } from '../../api/client';
import { NarratorRoom } from '../narration/NarratorContext';
import { Feedback } from './Feedback';
import { ClosedPart } from './PartBlock';
import { PLOT, sceneOf } from '../../testing/scenes';
import { fetchTypesetter } from '../../ui/typesetter';

beforeAll(fetchTypesetter);

type Part = Schemas['PartView'];
type Response = Schemas['FieldView']['response'];

function part(response: Response, more: Partial<Part> = {}): Part {
  return {
    prompt: 'What fits?',
    layout: { kind: 'Stacked' },
    triesAllowed: 1,
    triesLeft: 0,
    hints: [],
    hintsInAll: 3,
    status: 'MISSED',
    entries: { f: 'a' },
    feedback: [],
    fields: [
      {
        id: 'f',
        label: 'Your answer',
        wanted: '',
        answerKind: 'choice',
        letters: [],
        suffix: '',
        spoken: {},
        response,
      },
    ],
    answers: [{ fieldId: 'f', latex: '', options: ['b'], words: '' }],
    ...more,
  };
}

const html = (shown: Part) =>
  renderToStaticMarkup(
    <QueryClientProvider client={new QueryClient()}>
      <ClosedPart part={shown} />
    </QueryClientProvider>,
  );
const triangle = (id: string) => ({ id, scene: sceneOf({ alt: `triangle ${id}` }) });

describe('what was on the screen when it was answered stays to be seen', () => {
  it('shapes, with those that fit', () => {
    const shown = html(
      part({ kind: 'SelectShapes', scene: sceneOf({ alt: 'Two shapes.' }), shapes: [triangle('a'), triangle('b')] }),
    );
    expect(shown).toContain('shape a: triangle a');
    expect(shown).toContain('shape b: triangle b, fits');
  });

  it('all options, with the chosen and the right one', () => {
    const options = ['a', 'b', 'c'].map((id) => ({ id, text: `option ${id}` }));
    const shown = html(part({ kind: 'ChooseOne', options }));
    for (const option of options) {
      expect(shown).toContain(option.text);
    }
    expect(shown).toMatch(
      /aria-checked="true"[^>]*value="a"|value="a"[^>]*aria-checked="true"|data-state="checked"[^>]*value="a"/,
    );
    expect(shown.match(/data-right-answer/g)).toHaveLength(1);
  });

  it('a mark and a ray as they were drawn, and never as the ticks that were sent', () => {
    const scene = sceneOf({
      spots: [0, 1, 2].map((i) => ({
        kind: 'TICK' as const,
        id: String(i),
        label: `${i} ticks after 0`,
        outline: [i * 40, 0, i * 40 + 10, 0, i * 40 + 10, 30, i * 40, 30],
        marked: false,
      })),
    });
    const answers = [{ fieldId: 'f', latex: String.raw`\frac{1}{2}`, options: ['1'], words: '' }];
    const mark = html(part({ kind: 'MarkOnLine', scene }, { entries: { f: '2' }, answers }));
    expect(mark).toContain('The mark is 2 ticks after 0.');
    expect(mark).toMatch(/entered:<\/span><span>as shown above/);
    expect(mark).toContain('data-right-answer="1"');
    const ray = html(part({ kind: 'RayOnLine', scene }, { entries: { f: '>,open,2' }, answers }));
    expect(ray).toContain('It ends 2 ticks after 0. That number does not belong to it. It runs to the right.');
    expect(ray).not.toContain('&gt;,open,2');
  });

  it('an order with the right one below it, once', () => {
    const options = ['a', 'b', 'c'].map((id) => ({ id, text: `thing ${id}` }));
    const answers = [{ fieldId: 'f', latex: '', options: ['c', 'a', 'b'], words: '' }];
    const shown = html(part({ kind: 'PutInOrder', options }, { entries: { f: 'a,b,c' }, answers }));
    expect(shown.match(/data-right-answer/g)).toHaveLength(1);
    expect(shown).toContain('The right order: c, a, b');
    expect(shown).not.toContain('right is:');
  });

  it('options that are formulas, each with a name in words', () => {
    const shown = part({
      kind: 'ChooseOne',
      options: [
        { id: 'a', text: '$x = 6$' },
        { id: 'b', text: '$x = 7$' },
      ],
    });
    const named = html({
      ...shown,
      fields: shown.fields.map((field) => ({ ...field, spoken: { a: 'x equals 6', b: 'x equals 7' } })),
    });
    expect(named).toContain('aria-label="x equals 6"');
    expect(named).toContain('aria-label="x equals 7, right"');
  });

  it('a point on its grid, which cannot be moved any more', () => {
    const shown = html(
      part(
        { kind: 'PlotPoint', scene: sceneOf({ alt: 'An empty grid.', plot: PLOT }) },
        { entries: { f: '(1, 2)' }, answers: [{ fieldId: 'f', latex: '(2,1)', options: [], words: '' }] },
      ),
    );
    expect(shown).toContain('An empty grid.');
    expect(shown).toContain('r="7"');
    expect(shown).not.toContain('role="application"');
  });

  it('a sentence with what was picked in it', () => {
    const shown = html(
      part(
        {
          kind: 'PickFromList',
          options: [
            { id: 'a', text: 'the whole' },
            { id: 'b', text: 'a part' },
          ],
        },
        { layout: { kind: 'InSentence', template: 'It is {{f}} of it.' } },
      ),
    );
    expect(shown).toContain('It is ');
    expect(shown).toContain('disabled');
  });

  it('a table with mathematics beside lists to pick from', () => {
    const shown = html(
      part(
        {
          kind: 'PickFromList',
          options: [
            { id: 'a', text: 'crosses' },
            { id: 'b', text: 'touches' },
          ],
        },
        { layout: { kind: 'InTable', head: ['at', 'the graph'], rows: [['$x = 3$', '{{f}}']], sums: false } },
      ),
    );
    expect(shown).toContain('<select');
    expect(shown).toContain('touches');
    expect(shown).toContain('<math');
    expect(shown).not.toContain('$x');
    expect(shown).not.toContain('<input');
  });
});

describe('an answer in words', () => {
  const said = (more: Partial<Part>) =>
    html(part({ kind: 'InkWords' }, { entries: { f: 'I shaded three of five' }, ...more })).replaceAll('&#x27;', "'");
  const inWords = (shown: Part): Part => ({
    ...shown,
    fields: shown.fields.map((field) => ({ ...field, answerKind: 'words' })),
  });

  it('is called neither right nor wrong', () => {
    const shown = html(
      inWords(part({ kind: 'InkWords' }, { status: 'RIGHT', entries: { f: 'I shaded three of five' } })),
    );
    expect(shown).toContain('in your words:');
    expect(shown).not.toContain('M12 3 22 21H2Z');
    expect(shown).toContain('I shaded three of five');
    expect(shown).not.toContain('right:');
  });

  it('that was given up shows one way to put it', () => {
    const shown = said({
      status: 'MISSED',
      answers: [{ fieldId: 'f', latex: '', options: [], words: 'The whole has five equal parts.' }],
    });
    expect(shown).toContain('for example:');
    expect(shown).toContain('The whole has five equal parts.');
  });

  it('that is tried out is not called right either', () => {
    const feedback = { fieldId: 'f', verdict: 'correct', reason: '', message: '', at: -1 };
    const told = (read: boolean) =>
      renderToStaticMarkup(
        <NarratorRoom>
          <Feedback feedback={feedback} read={read} />
        </NarratorRoom>,
      );
    expect(told(true)).toContain('A person reads it.');
    expect(told(true)).not.toContain('Right.');
    expect(told(false)).toContain('Right.');
  });
});
