import type { NewAssignment } from './useClass';

export type TargetKind = 'score' | 'run' | 'percent' | 'quiz';

/** An assignment as it is being put together. */
export type Wish = {
  title: string;
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

export const FIRST_WISH: Wish = {
  title: '',
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
  policy: { openTries: 3, choiceTries: 1, allTries: 2, freeForms: 1, hints: true, example: true, similar: true, lineCheck: 'AFTER_MISS', calculator: 'AS_ITEM', work: 'OPTIONAL' },
  students: [],
};

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
    default: {
      const never: never = wish.target;
      return never;
    }
  }
}

/** @param due as an instant */
export function bodyOf(wish: Wish, due: string): NewAssignment {
  const quiz = { items: wish.quizItems, minutes: wish.minutes, rounds: wish.rounds, target: wish.quizPercent, workRequired: wish.quizWork };
  return {
    title: wish.title,
    skills: wish.skills,
    target: targetOf(wish),
    policy: wish.policy,
    due,
    students: wish.students,
    ...((wish.withQuiz || wish.target === 'quiz') && { quiz }),
  };
}
