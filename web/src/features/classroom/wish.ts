import { beginOf, dateOf, endOf, weekday } from '../../ui/dates';
import type { AssignmentRow, NewAssignment } from './useClass';

export type TargetKind = 'score' | 'run' | 'percent' | 'quiz' | 'check';

/** An assignment as it is being put together. */
export type Wish = {
  title: string;
  /** Dates as a date field has them; `opens` is empty for at once. */
  opens: string;
  date: string;
  skills: string[];
  target: TargetKind;
  score: number;
  inRow: number;
  steps: number;
  percent: number;
  items: number;
  quizPercent: number;
  withQuiz: boolean;
  quizItems: number;
  minutes: number;
  rounds: number;
  quizWork: boolean;
  policy: NewAssignment['policy'];
  students: string[];
};

const FIRST: Wish = {
  title: '',
  opens: '',
  date: '',
  skills: [],
  target: 'score',
  score: 80,
  inRow: 3,
  steps: 5,
  percent: 75,
  items: 8,
  quizPercent: 100,
  withQuiz: false,
  quizItems: 10,
  minutes: 45,
  rounds: 5,
  quizWork: true,
  policy: {
    openTries: 3,
    choiceTries: 1,
    allTries: 2,
    freeForms: 1,
    hints: true,
    example: true,
    similar: true,
    lineCheck: 'AFTER_MISS',
    calculator: 'AS_ITEM',
    work: 'OPTIONAL',
  },
  students: [],
};

/** Today and six more days: what a student sees under the next seven. */
const SIX_DAYS_MS = 6 * 86_400_000;

/** An empty one, due within a week. */
export function firstWish(now: Date): Wish {
  return { ...FIRST, date: dateOf(new Date(now.getTime() + SIX_DAYS_MS)) };
}

/** The same as one that was set, due within a week, for the whole class. */
export function wishOf(row: AssignmentRow, now: Date): Wish {
  const [kind = '', first = 0, second = 0] = row.target.split(/[:/]/).map((part, i) => (i === 0 ? part : Number(part)));
  const wish = {
    ...firstWish(now),
    title: `${row.title}, again`,
    skills: row.skillIds,
    policy: row.policy,
    ...quizOf(row),
  };
  switch (kind) {
    case 'run':
      return { ...wish, target: 'run', inRow: Number(first), steps: Number(second) };
    case 'percent':
      return { ...wish, target: 'percent', percent: Number(first), items: Number(second) };
    case 'check':
      return { ...wish, target: 'check' };
    case 'quiz':
      return { ...wish, target: 'quiz', quizPercent: Number(first), withQuiz: false };
    default:
      return { ...wish, target: 'score', score: Number(first) };
  }
}

function quizOf({ quiz }: AssignmentRow): Partial<Wish> {
  return quiz === undefined
    ? {}
    : {
        withQuiz: true,
        quizItems: quiz.shares.reduce((sum, share) => sum + share.items, 0),
        minutes: quiz.minutes,
        rounds: quiz.rounds,
        quizPercent: quiz.target,
        quizWork: quiz.workRequired,
      };
}

function targetOf(wish: Wish): string {
  switch (wish.target) {
    case 'score':
      return `score:${wish.score}`;
    case 'run':
      return `run:${wish.inRow}/${wish.steps}`;
    case 'percent':
      return `percent:${wish.percent}/${wish.items}`;
    case 'quiz':
      return `quiz:${wish.quizPercent}`;
    case 'check':
      return 'check';
    default: {
      const never: never = wish.target;
      return never;
    }
  }
}

/** What the server is asked for. */
export function bodyOf(wish: Wish): NewAssignment {
  const quiz = {
    items: wish.quizItems,
    minutes: wish.minutes,
    rounds: wish.rounds,
    target: wish.quizPercent,
    workRequired: wish.quizWork,
  };
  return {
    title: wish.title,
    skills: wish.skills,
    target: targetOf(wish),
    policy: wish.policy,
    due: endOf(wish.date),
    ...(wish.opens !== '' && { opens: beginOf(wish.opens) }),
    students: wish.students,
    ...((wish.target === 'quiz' || (wish.withQuiz && wish.target !== 'check')) && { quiz }),
  };
}

/** What is still missing before it can be set, in words; empty when nothing is. */
export function missingIn(wish: Wish): string {
  if (wish.title.trim() === '') {
    return 'Give it a title.';
  }
  if (wish.target !== 'check' && wish.skills.length === 0) {
    return 'Choose at least one skill.';
  }
  return wish.date === '' ? 'Choose the day on which it is due.' : '';
}

/** What is about to be set, in one line. */
export function inShort(wish: Wish): string {
  const what =
    wish.target === 'check' ? 'A check' : wish.skills.length === 1 ? 'One skill' : `${wish.skills.length} skills`;
  const quiz = wish.target !== 'check' && wish.target !== 'quiz' && wish.withQuiz ? ' and a quiz' : '';
  const who =
    wish.students.length === 0
      ? 'the whole class'
      : wish.students.length === 1
        ? 'one student'
        : `${wish.students.length} students`;
  return `${what}${quiz}, due ${weekday(wish.date)}, for ${who}.`;
}
