// @vitest-environment jsdom
import { beforeEach, describe, expect, it } from 'vitest';
import { focusFirst, focusPage } from './focus';

beforeEach(() => {
  Element.prototype.scrollIntoView = () => undefined;
});

const shown = (html: string) => {
  document.body.innerHTML = html;
};
const here = () => document.activeElement?.id;

describe('the key that leads to the page', () => {
  it('leads to the first line where lines lie on top', () => {
    shown('<div data-state="active"><input id="line" data-line /></div>');
    focusPage();
    expect(here()).toBe('line');
  });

  it('leads to the sheet where lines lie under it', () => {
    shown(
      '<div data-state="inactive"><input id="line" data-line /></div>' +
        '<div data-state="active"><div id="sheet" data-ink-surface tabindex="0"></div></div>',
    );
    focusPage();
    expect(here()).toBe('sheet');
  });

  it('leaves the keyboard where it is when there is neither', () => {
    shown('<input id="other" />');
    document.getElementById('other')?.focus();
    focusPage();
    expect(here()).toBe('other');
  });

  it('leads to the first of several', () => {
    shown('<input id="a" data-answer /><input id="b" data-answer />');
    focusFirst('[data-answer]');
    expect(here()).toBe('a');
  });
});
