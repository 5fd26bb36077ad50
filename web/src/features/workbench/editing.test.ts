// @vitest-environment jsdom
import { forEachDiagnostic } from '@codemirror/lint';
import { EditorState } from '@codemirror/state';
import { EditorView } from 'codemirror';
import { beforeAll, describe, expect, it } from 'vitest';
import { diagnosticsOf, FROM_ELSEWHERE, goTo, mark, replaceText } from './editing';

/** Nothing has a place in a page that is never laid out. */
beforeAll(() => {
  Range.prototype.getClientRects = () => Object.assign([], { item: () => null });
});

const TEXT = 'skill: a\nname: A\nversion: 1';
const fault = (line: number, sentence = 'No.') => ({ line, place: 'name', sentence });

function editor(onTyped: (text: string) => void = () => {}) {
  return new EditorView({
    state: EditorState.create({
      doc: TEXT,
      extensions: EditorView.updateListener.of((update) => {
        if (update.transactions.some((t) => t.docChanged && t.annotation(FROM_ELSEWHERE) !== true)) {
          onTyped(update.state.doc.toString());
        }
      }),
    }),
  });
}

describe('a text from elsewhere', () => {
  it('is taken over and does not count as typed', () => {
    const typed: string[] = [];
    const view = editor((text) => typed.push(text));
    replaceText(view, 'skill: b');
    expect(view.state.doc.toString()).toBe('skill: b');
    expect(typed).toEqual([]);
    view.dispatch({ changes: { from: 8, insert: 'c' } });
    expect(typed).toEqual(['skill: bc']);
  });

  it('leaves the cursor alone where it stands here already', () => {
    const view = editor();
    view.dispatch({ selection: { anchor: 12 } });
    replaceText(view, TEXT);
    expect(view.state.selection.main.anchor).toBe(12);
  });
});

describe('a fault', () => {
  it('marks its whole line', () => {
    const [found] = diagnosticsOf(editor(), [fault(2)]);
    expect(TEXT.slice(found?.from, found?.to)).toBe('name: A');
  });

  it.each([
    [0, 'skill: a'],
    [99, 'version: 1'],
  ])('of line %i, which there is not, marks the nearest one', (line, text) => {
    const [found] = diagnosticsOf(editor(), [fault(line)]);
    expect(TEXT.slice(found?.from, found?.to)).toBe(text);
  });

  it('is gone when it is mended', () => {
    const view = editor();
    const messages = () => {
      const all: string[] = [];
      forEachDiagnostic(view.state, (d) => all.push(d.message));
      return all;
    };
    mark(view, [fault(1, 'First.'), fault(3, 'Third.')]);
    expect(messages()).toEqual(['First.', 'Third.']);
    mark(view, []);
    expect(messages()).toEqual([]);
  });
});

describe('a line to go to', () => {
  it('gets the cursor at its beginning', () => {
    const view = editor();
    goTo(view, 3);
    expect(view.state.doc.lineAt(view.state.selection.main.anchor).number).toBe(3);
    expect(view.state.selection.main.anchor).toBe(TEXT.indexOf('version'));
  });

  it('is nowhere without an editor', () => {
    expect(() => goTo(null, 3)).not.toThrow();
    expect(() => mark(null, [fault(1)])).not.toThrow();
  });
});
