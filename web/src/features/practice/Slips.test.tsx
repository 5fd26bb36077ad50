// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { NarratorRoom } from '../narration/NarratorContext';
import { Example, Hints } from './Slips';

const EXAMPLE = { stem: [{ kind: 'Text' as const, text: 'Five mornings.' }], worked: [{ say: 'Divide.', math: '' }] };

describe('help in the page', () => {
  const seen = vi.fn();
  beforeEach(() => {
    seen.mockReset();
    Element.prototype.scrollIntoView = function scroll(this: Element) {
      seen(this.getAttribute('aria-label'));
    };
  });
  afterEach(cleanup);
  const hints = (open: number) => (
    <NarratorRoom>
      <Hints hints={['Look at the sum.', 'Add first.', 'Then divide by 5.'].slice(0, open)} inAll={3} />
    </NarratorRoom>
  );

  it('that was open when one came moves nothing', () => {
    render(hints(2));
    render(
      <NarratorRoom>
        <Example example={EXAMPLE} asked={false} />
      </NarratorRoom>,
    );
    expect(screen.getByText('Add first.')).toBeTruthy();
    expect(seen).not.toHaveBeenCalled();
  });
  it('that is asked for comes to be seen, once, and nothing else does', () => {
    const { rerender } = render(hints(1));
    rerender(hints(2));
    rerender(hints(2));
    expect(seen.mock.calls).toEqual([['Hint 2 of 3']]);
  });
  it('an example that is asked for comes to be seen', () => {
    render(
      <NarratorRoom>
        <Example example={EXAMPLE} asked />
      </NarratorRoom>,
    );
    expect(seen.mock.calls).toEqual([['Worked example of a similar item']]);
  });
});
