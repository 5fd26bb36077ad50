// @vitest-environment jsdom
import { act, cleanup, render } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { MathField } from './MathField';

/** Stands in for the math field of the library: text, a selection of all or nothing, and its events. */
class FakeField extends HTMLElement {
  static fontsDirectory: string | null = '';
  static soundsDirectory: string | null = '';
  private text = '';
  /** On the page the library leaves out braces that it does not need. */
  connectedCallback() {
    this.text = this.text.replaceAll(/\^{(.)}/g, '^$1');
    this.dispatchEvent(new Event('mount'));
  }
  isAllSelected = false;
  keybindings = [];
  selection = { ranges: [[0, 0]] as [number, number][] };
  get value() {
    return this.text;
  }
  set value(text: string) {
    this.text = text;
    this.isAllSelected = false;
    this.selection = { ranges: [[text.length, text.length]] };
  }
  get lastOffset() {
    return this.text.length;
  }
  getValue() {
    return this.text;
  }
  select() {
    this.isAllSelected = true;
    this.selection = { ranges: [[0, this.text.length]] };
  }
  /** A key whose event is still to come: the library sends it a moment later. */
  press(character: string) {
    this.text = this.isAllSelected ? character : this.text + character;
    this.isAllSelected = false;
    this.selection = { ranges: [[this.text.length, this.text.length]] };
  }
  say() {
    this.dispatchEvent(new InputEvent('input', { bubbles: true }));
  }
  /** As somebody at the keyboard would. */
  key(character: string) {
    this.press(character);
    this.say();
  }
}

const reads = vi.hoisted(() => ({ answers: [] as ((latex: string) => void)[] }));
vi.mock('mathlive', () => ({ MathfieldElement: FakeField }));
vi.mock('mathlive/fonts.css', () => ({}));
vi.mock('../api/client', () => ({
  api: {
    POST: () => new Promise((answer) => reads.answers.push((latex) => answer({ at: -1, latex }))),
  },
  taken: (reply: Promise<unknown>) => reply,
}));

beforeEach(() => {
  if (customElements.get('math-field') === undefined) {
    customElements.define('math-field', FakeField);
  }
  reads.answers.length = 0;
});
afterEach(cleanup);

/** A field that is drawn with a value, and drawn again with the next. */
async function shown(value: string) {
  const typed: string[] = [];
  const drawn = (now: string) => (
    <MathField
      id="field"
      label="Answer"
      kind="expression"
      letters={['x']}
      value={now}
      describedBy="wanted"
      onChange={(text) => typed.push(text)}
      onEnter={() => undefined}
      onReady={() => undefined}
    />
  );
  const page = render(drawn(value));
  const field = await vi.waitFor(() => {
    const found = page.container.querySelector<FakeField>('math-field');
    expect(found).not.toBeNull();
    return found ?? new FakeField();
  });
  const read = (latex: string, which = 0) => act(async () => reads.answers[which]?.(latex));
  return { field, typed, read, draw: (now: string) => page.rerender(drawn(now)), leave: () => page.unmount() };
}

describe('a math field', () => {
  it('hands out the last key when one leaves before it was spoken of', async () => {
    const { field, typed, leave } = await shown('');
    field.key('2');
    field.press('3');
    leave();
    expect(typed).toEqual(['2', '23']);
  });

  it('hands it out once when the window is closed', async () => {
    const { field, typed, leave } = await shown('');
    field.press('3');
    window.dispatchEvent(new Event('pagehide'));
    leave();
    expect(typed).toEqual(['3']);
  });

  it('says nothing when one leaves and nothing was typed', async () => {
    const { typed, leave } = await shown('x^{2}');
    leave();
    expect(typed).toEqual([]);
  });

  it('keeps what was typed when the page is drawn once more with the value of before', async () => {
    const { field, draw } = await shown('x+101');
    field.select();
    field.key('y');
    draw('x+101');
    expect(field.value).toBe('y');
  });

  it('keeps what was typed when an earlier key comes back after a later one', async () => {
    const { field, typed, draw } = await shown('');
    field.key('1');
    field.key('2');
    expect(typed).toEqual(['1', '12']);
    draw('1');
    expect(field.value).toBe('12');
    draw('12');
    expect(field.value).toBe('12');
  });

  it('takes over what another window wrote', async () => {
    const { field, draw } = await shown('1');
    field.key('2');
    draw('12');
    draw('7');
    expect(field.value).toBe('7');
  });

  it('shows text as mathematics when the server has read it', async () => {
    const { field, read } = await shown('1/2');
    await read(String.raw`\frac{1}{2}`);
    expect(field.value).toBe(String.raw`\frac{1}{2}`);
  });

  it('does so, too, where the field writes the text in its own way', async () => {
    const { field, draw, read } = await shown('x^2');
    expect(field.value).toBe('x^2');
    await read('{x^2}');
    expect(field.value).toBe('{x^2}');
    draw('x^3');
    expect(field.value).toBe('x^{3}');
  });

  it('leaves all selected that was selected when the server has read it, so that the next key replaces it', async () => {
    const { field, read } = await shown('1/2');
    field.select();
    await read(String.raw`\frac{1}{2}`);
    field.key('x');
    expect(field.value).toBe('x');
  });

  it('keeps what was typed before the server has read what stood there', async () => {
    const { field, read } = await shown('1/2');
    field.key('3');
    await read(String.raw`\frac{1}{2}`);
    expect(field.value).toBe('1/23');
  });

  it('keeps a key that the field has not spoken of yet when the server has read what stood there', async () => {
    const { field, typed, read } = await shown('x+23');
    field.select();
    field.press('x');
    await read('x+23');
    field.say();
    field.key('+');
    expect(field.value).toBe('x+');
    expect(typed).toEqual(['x', 'x+']);
  });

  it('keeps such a key, too, when another window wrote something', async () => {
    const { field, typed, draw } = await shown('1');
    field.press('2');
    draw('7');
    field.say();
    expect(field.value).toBe('12');
    expect(typed).toEqual(['12']);
  });

  it('leaves all selected, too, when another window wrote something', async () => {
    const { field, draw } = await shown('1');
    field.select();
    draw('7');
    field.key('x');
    expect(field.value).toBe('x');
  });

  it('shows the newer of two values, in whatever order the server has read them', async () => {
    const { field, draw, read } = await shown('1/2');
    draw('3/4');
    await read(String.raw`\frac{3}{4}`, 1);
    await read(String.raw`\frac{1}{2}`, 0);
    expect(field.value).toBe(String.raw`\frac{3}{4}`);
  });
});
