// @vitest-environment jsdom
import { cleanup } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { shown } from '../../testing/screen';
import { NarratorRoom } from '../narration/NarratorContext';
import { Feedback } from './Feedback';

const says = (verdict: string, reason = '', read = false) => {
  const feedback = { fieldId: 'f', verdict, reason, at: 0, message: 'Type the year, too.' };
  shown(
    <NarratorRoom>
      <Feedback feedback={feedback} read={read} />
    </NarratorRoom>,
    {},
  );
  return [...document.querySelectorAll('p')].map((p) => p.textContent);
};

afterEach(cleanup);

describe('what came of a check', () => {
  it.each([
    ['correct', ['Right.']],
    ['form', ['The value is right, but not yet in the form asked for.', 'Type the year, too.']],
    ['incorrect', ['Not yet.', 'Type the year, too.']],
  ])('%s is said in words', (verdict, words) => {
    expect(says(verdict)).toEqual(words);
  });
  it('never claims that nothing was read: an entry may be asked back that was', () => {
    expect(says('unreadable', 'year-wanted')).toEqual(['Not marked yet. This costs no try.', 'Type the year, too.']);
  });
  it('has one sentence for an empty field', () => {
    expect(says('unreadable', 'blank')).toEqual(['Nothing entered yet. This costs no try.']);
  });
  it('marks no words that a person reads', () => {
    expect(says('correct', '', true)).toEqual(['Enough to be handed in. A person reads it.']);
  });
  it('takes a verdict that it does not know for none', () => {
    expect(says('grand')[0]).toBe('Not marked yet. This costs no try.');
  });
});
