import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';
import { FixedSet } from './FixedSet';
import { Ridge } from './Ridge';
import { RunSteps } from './RunSteps';
import type { View } from './usePractice';

const ITEM: View['item'] = {
  id: 'i',
  number: 3,
  level: 'first',
  similar: false,
  stem: [],
  parts: [],
  currentPart: 0,
  needsWork: false,
  toRead: false,
  picture: false,
  calculator: false,
  hintsAllowed: true,
  exampleAllowed: true,
  offersSimilar: false,
  draft: [],
  draftTag: '',
  letters: [],
  data: [],
  checksLines: false,
};

function view(target: Partial<View['target']>, more: Partial<View> = {}): View {
  return {
    assignmentId: 'a',
    assignment: 'Stores',
    late: false,
    skillId: 's',
    skill: 'Skill',
    history: [],
    policy: [],
    checksOwnLines: true,
    workRequired: false,
    secondsWorked: 0,
    item: ITEM,
    target: {
      kind: 'SCORE',
      says: 'score 80',
      stands: 28,
      hoped: target.stands ?? 28,
      pagesWaiting: 0,
      reachedWaiting: false,
      flag: 80,
      reached: false,
      inRow: 0,
      rowWanted: 0,
      slots: [],
      slot: -1,
      steps: [],
      ...target,
    },
    forecast: { ifRight: 49, ifMissed: 22, atLeast: 4 },
    around: { missing: [] },
    ...more,
  };
}

describe('the ridge line', () => {
  it('says in words what it shows', () => {
    const html = renderToStaticMarkup(<Ridge view={view({})} />);
    expect(html).toContain('Score 28, of target 80 after 0 items. Right now leads to 49, missed to 22.');
    expect(html).toContain('right 49');
    expect(html).toContain('missed 22');
  });
  it('marks right, aided and missed by shape', () => {
    const point = (outcome: string) => ({
      stands: 28,
      change: 10,
      outcome,
      waiting: false,
      regained: false,
      why: 'so.',
    });
    const html = renderToStaticMarkup(
      <Ridge view={view({}, { history: [point('UNAIDED_FIRST'), point('AIDED'), point('MISSED')] })} />,
    );
    expect(html.match(/<circle/g)).toHaveLength(1);
    expect(html.match(/<rect/g)).toHaveLength(1);
  });
  it('shows no way ahead of a closed item', () => {
    expect(renderToStaticMarkup(<Ridge view={view({}, { item: { ...ITEM, outcome: 'MISSED' } })} />)).not.toContain(
      'missed 22',
    );
  });
});

describe('work that waits to be read', () => {
  const waits = view(
    { stands: 74, hoped: 81, pagesWaiting: 2 },
    {
      history: [
        { stands: 78, change: 4, outcome: 'UNAIDED_FIRST', waiting: false, regained: false, why: '' },
        { stands: 81, change: 3, outcome: 'UNAIDED_FIRST', waiting: true, regained: false, why: '' },
      ],
    },
  );
  it('is a hollow point and a second number', () => {
    const html = renderToStaticMarkup(<Ridge view={waits} />);
    expect(html.match(/data-point="waiting"/g)).toHaveLength(1);
    expect(html).toContain('Score 74, and 81 once 2 pages are read, of target 80');
  });
});

describe('a run', () => {
  const target = { kind: 'RUN' as const, stands: 3, flag: 5, inRow: 2, rowWanted: 3 };
  it('says where right and missed lead', () => {
    const html = renderToStaticMarkup(
      <RunSteps view={view(target, { forecast: { ifRight: 5, ifMissed: 2, atLeast: 1 } })} />,
    );
    expect(html).toContain('>If right: step 5; if missed: step 2.<');
    expect(html).toContain('2 right in a row; 3 in a row reach the target at once');
  });
  it('offers no way ahead once it is reached', () => {
    expect(renderToStaticMarkup(<RunSteps view={view({ ...target, stands: 5, reached: true })} />)).not.toContain(
      'right leads to',
    );
  });
});

describe('a fixed set', () => {
  const target = {
    kind: 'SET' as const,
    stands: 2,
    flag: 3,
    slots: ['RIGHT', 'MISSED', 'RIGHT', 'OPEN'] as View['target']['slots'],
    slot: 3,
  };
  it('names every place for those who do not see it', () => {
    const html = renderToStaticMarkup(
      <FixedSet view={view(target, { forecast: { ifRight: 3, ifMissed: 2, atLeast: 1 } })} />,
    );
    expect(html).toContain('Item 2: missed, to be redone');
    expect(html).toContain('Item 4: to do, here now');
    expect(html).toContain(
      '2 right of 4; 3 are wanted. This one right makes it 3; missed takes nothing away. One comes back',
    );
  });
  it('says nothing of coming back when nothing was missed', () => {
    expect(renderToStaticMarkup(<FixedSet view={view({ ...target, slots: ['RIGHT', 'OPEN'] })} />)).not.toContain(
      'back with other',
    );
  });

  const lesson = {
    ...target,
    stands: 1,
    slots: ['RIGHT', 'OPEN', 'OPEN', 'OPEN'] as View['target']['slots'],
    slot: 1,
    steps: ['First situation', 'Second situation', 'Quiz, 1 of 2', 'Quiz, 2 of 2'].map((name, i) => ({
      name,
      begins: i === 1 || i === 2,
    })),
  };
  it('names the steps of a lesson and sets its stages apart', () => {
    const html = renderToStaticMarkup(<FixedSet view={view(lesson)} />);
    expect(html).toContain('Second situation: to do, here now');
    expect(html).toContain('1 of 4 steps');
    expect(html.match(/ml-3/g)).toHaveLength(2);
  });
  it('says nothing of how many are wanted in a lesson: all are', () => {
    expect(renderToStaticMarkup(<FixedSet view={view(lesson)} />)).not.toContain('are wanted');
  });
});
