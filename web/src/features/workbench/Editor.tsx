import { autocompletion, completeAnyWord, completeFromList } from '@codemirror/autocomplete';
import { yaml } from '@codemirror/lang-yaml';
import { lintGutter } from '@codemirror/lint';
import { HighlightStyle, syntaxHighlighting } from '@codemirror/language';
import { EditorState } from '@codemirror/state';
import { tags } from '@lezer/highlight';
import { basicSetup, EditorView } from 'codemirror';
import { type Ref, useEffect, useImperativeHandle, useRef } from 'react';
import { FROM_ELSEWHERE, goTo, mark, replaceText } from './editing';
import type { Fault } from './useWorkbench';

export type EditorHandle = { goTo: (line: number) => void };

type Props = {
  value: string;
  faults: Fault[];
  /** Of the language, to be completed beside those of the text. */
  words: string[];
  onChange: (text: string) => void;
  handle: Ref<EditorHandle>;
};

const LOOK = EditorView.theme({
  '&': { fontSize: '0.9rem', backgroundColor: 'var(--color-leaf)', color: 'var(--color-ink)', height: '100%' },
  '.cm-content': { fontFamily: 'ui-monospace, monospace', caretColor: 'var(--color-ink)' },
  '.cm-gutters': { backgroundColor: 'var(--color-paper)', color: 'var(--color-soft)', border: 'none' },
  '.cm-activeLine, .cm-activeLineGutter': { backgroundColor: 'var(--color-glacier-wash)' },
  '&.cm-focused': { outline: '2px solid var(--color-glacier)' },
});

/** Keys, words and remarks in the colours of the application, light and dark. */
const INK = syntaxHighlighting(
  HighlightStyle.define([
    { tag: tags.definition(tags.propertyName), color: 'var(--color-glacier)', fontWeight: '600' },
    { tag: tags.string, color: 'var(--color-spruce)' },
    { tag: tags.comment, color: 'var(--color-soft)', fontStyle: 'italic' },
    { tag: tags.separator, color: 'var(--color-soft)' },
  ]),
);

/** The document of a skill, with its faults at their lines. Tab leaves it; Ctrl-Space completes a word. */
export function Editor({ value, faults, words, onChange, handle }: Props) {
  const host = useRef<HTMLDivElement>(null);
  const view = useRef<EditorView>(null);
  const latest = useRef(onChange);
  const first = useRef(value);
  const language = useRef(words);
  useEffect(() => {
    latest.current = onChange;
    language.current = words;
  });
  useEffect(() => {
    const made = new EditorView({
      parent: host.current ?? undefined,
      state: EditorState.create({
        doc: first.current,
        extensions: [
          basicSetup,
          INK,
          yaml(),
          lintGutter(),
          autocompletion({
            override: [completeAnyWord, (context) => completeFromList(language.current)(context)],
          }),
          EditorView.lineWrapping,
          EditorView.contentAttributes.of({ 'aria-label': 'The skill as a document' }),
          EditorView.updateListener.of((update) => {
            if (update.docChanged && update.transactions.some((t) => !t.annotation(FROM_ELSEWHERE))) {
              latest.current(update.state.doc.toString());
            }
          }),
          LOOK,
        ],
      }),
    });
    view.current = made;
    return () => made.destroy();
  }, []);
  useEffect(() => replaceText(view.current, value), [value]);
  useEffect(() => mark(view.current, faults), [faults]);
  useImperativeHandle(handle, () => ({ goTo: (line) => goTo(view.current, line) }), []);
  return <div ref={host} className="min-h-80 overflow-auto border border-rule lg:h-[calc(100vh-13rem)]" />;
}
