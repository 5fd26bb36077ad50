import { renderToStaticMarkup } from 'react-dom/server';
import { MemoryRouter } from 'react-router';
import { describe, expect, it } from 'vitest';
import { ItemMarks } from '../progress/ItemMarks';
import { Students } from './Students';
import { StuckList } from './StuckList';
import type { Glance } from './useClass';

type Row = Glance['students'][number];

const student = (name: string, part: Partial<Row['student']> = {}): Row['student'] => ({
  id: name,
  username: name,
  name,
  family: '',
  extraTime: 0,
  waiting: false,
  ...part,
});
const row = (name: string, part: Partial<Row> = {}): Row => ({
  student: student(name),
  known: 0,
  open: 0,
  late: 0,
  minutesThisWeek: 0,
  stuckOn: [],
  ...part,
});

const table = (rows: Row[]) =>
  renderToStaticMarkup(
    <MemoryRouter>
      <Students rows={rows} skills={28} />
    </MemoryRouter>,
  );

describe('Students', () => {
  it('says where somebody works, in the measure of the target', () => {
    const markup = table([
      row('Isa', {
        where: { assignment: 'Hut stores', skill: 'Reduced prices', stands: 12, flag: 80, reached: false },
        lastAt: '2026-05-04T12:00:00Z',
      }),
    ]);
    expect(markup).toContain('Reduced prices, 12 of 80');
    expect(markup).toContain('in Hut stores');
    expect(markup).toContain('Mon, May 4');
  });
  it('says that a target is reached instead of a number', () => {
    expect(
      table([row('Isa', { where: { assignment: 'A', skill: 'The mean', stands: 5, flag: 5, reached: true } })]),
    ).toContain('The mean, reached');
  });
  it('says who has not come in yet, who has more time, and who is stuck on what', () => {
    const markup = table([
      row('Isa', {
        student: student('Isa', { waiting: true, extraTime: 25 }),
        stuckOn: ['The mean', 'Absolute value'],
      }),
    ]);
    expect(markup).toContain('not signed in yet');
    expect(markup).toContain('25% more time');
    expect(markup).toContain('stuck: The mean, Absolute value');
    expect(markup).toContain('not yet');
  });
  it('tells two of the same name apart by what they sign in with', () => {
    const twins = [
      row('Isa', { student: student('Isa', { id: 'a', username: 'isa' }) }),
      row('Isa', { student: student('Isa', { id: 'b', username: 'isa2' }) }),
    ];
    expect(table(twins)).toContain('signs in as isa2');
    expect(table([row('Isa'), row('Bero')])).not.toContain('signs in as');
  });
  it('can be searched once it is long', () => {
    expect(table([row('Isa')])).not.toContain('Find a student');
    expect(table(Array.from({ length: 12 }, (_, i) => row(`Isa ${i}`)))).toContain('Find a student');
  });
  it('tells a reader of the screen by what it is sorted', () => {
    expect(table([row('Isa')]).match(/aria-sort="ascending"/g)).toHaveLength(1);
  });
});

describe('StuckList', () => {
  const glance = (count: number): Glance => ({
    className: 'C',
    skills: 28,
    students: [],
    closed: [],
    stuck: Array.from({ length: count }, (_, i) => ({
      skillId: `s${i}`,
      skill: `Skill ${i}`,
      students: ['Greta', 'Dario'],
      mistake: i === 0 ? 'The sign is lost.' : '',
      times: i === 0 ? 3 : 0,
    })),
  });
  const shown = (seen: Glance) =>
    renderToStaticMarkup(
      <MemoryRouter>
        <StuckList glance={seen} />
      </MemoryRouter>,
    );
  const list = (count: number) => shown(glance(count));
  it('leads to the items of the skill and to each student who can be told by the name', () => {
    const seen = {
      ...glance(1),
      students: [
        row('Greta', { student: student('Greta', { id: 'g1' }) }),
        row('Dario', { student: student('Dario', { id: 'd1' }) }),
        row('Dario', { student: student('Dario', { id: 'd2' }) }),
      ],
    };
    expect(shown(seen)).toContain('href="/class/students/g1"');
    expect(shown(seen)).not.toContain('href="/class/students/d');
    expect(shown(seen)).toContain('href="/gallery/s0/1/1"');
  });
  it('names the students and the common mistake', () => {
    const markup = list(1);
    expect(markup).toContain('Greta, Dario');
    expect(markup).toContain('(3 times)');
    expect(markup).toContain('The sign is lost.');
  });
  it('says that nobody is stuck', () => {
    expect(list(0)).toContain('Nobody at the moment.');
  });
  it('folds what is beyond four', () => {
    expect(list(4)).not.toContain('Show all');
    expect(list(6)).toContain('Show all 6');
    expect(list(6)).not.toContain('Skill 5');
  });
});

describe('ItemMarks', () => {
  const marks = (outcome: string) =>
    renderToStaticMarkup(
      <MemoryRouter>
        <ItemMarks items={[{ itemId: 'x', at: '2026-05-04T12:00:00Z', outcome }]} name="The mean" />
      </MemoryRouter>,
    );
  it.each([
    ['UNAIDED_FIRST', 'Item 1, right at once, May 4'],
    ['AIDED', 'Item 1, right after a hint, May 4'],
    ['MISSED', 'Item 1, missed, May 4'],
    ['FORM', 'Item 1, right in value, not in form, May 4'],
    ['EMPTY', 'Item 1, not answered, May 4'],
    ['NEW', 'Item 1, new to the student, May 4'],
  ])('%s is said and opens the item', (outcome, words) => {
    expect(marks(outcome)).toContain(`aria-label="${words}"`);
    expect(marks(outcome)).toContain('href="/book/x"');
  });
});
