import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';
import { SetMarks } from './SetMarks';

describe('SetMarks', () => {
  const markup = renderToStaticMarkup(
    <SetMarks
      set={{
        places: [
          { skillId: 'a', skill: 'The mean', outcome: 'UNAIDED_LATER' },
          { skillId: 'b', skill: 'Absolute value', outcome: 'MISSED' },
          { skillId: 'c', skill: 'Prime factors', outcome: 'AIDED' },
          { skillId: 'd', skill: 'Factoring' },
        ],
        current: 3,
      }}
    />,
  );
  it.each([
    'The mean: right',
    'Absolute value: missed',
    'Prime factors: right with a hint',
    'Factoring: to come, here now',
  ])('says %s in words', (words) => {
    expect(markup).toContain(words);
  });
  it('shows each outcome by a shape of its own', () => {
    expect(markup.match(/<path d="M12 4/g)).toHaveLength(1);
    expect(markup.match(/<rect/g)).toHaveLength(1);
    expect(markup.match(/<circle cx="12" cy="12" r="7.5"/g)).toHaveLength(1);
  });
});
