import { type Diagnostic, setDiagnostics } from '@codemirror/lint';
import { Annotation } from '@codemirror/state';
import type { EditorView } from 'codemirror';
import type { Fault } from './useWorkbench';

/** Marks a change that nobody has typed here. */
export const FROM_ELSEWHERE = Annotation.define<boolean>();

/** Takes over a text that came from elsewhere; what stands there already is left alone, with the cursor in it. */
export function replaceText(view: EditorView | null, text: string) {
  if (view !== null && view.state.doc.toString() !== text) {
    view.dispatch({
      changes: { from: 0, to: view.state.doc.length, insert: text },
      annotations: FROM_ELSEWHERE.of(true),
    });
  }
}

const lineAt = (view: EditorView, line: number) =>
  view.state.doc.line(Math.min(Math.max(line, 1), view.state.doc.lines));

/** Faults as the editor shows them: each under the whole line that it is in. */
export function diagnosticsOf(view: EditorView, faults: Fault[]): Diagnostic[] {
  return faults.map((fault) => {
    const line = lineAt(view, fault.line);
    return { from: line.from, to: line.to, severity: 'error', message: fault.sentence };
  });
}

export function mark(view: EditorView | null, faults: Fault[]) {
  if (view !== null) {
    view.dispatch(setDiagnostics(view.state, diagnosticsOf(view, faults)));
  }
}

/** Puts the cursor at the beginning of a line and shows it. */
export function goTo(view: EditorView | null, line: number) {
  if (view !== null) {
    const at = lineAt(view, line).from;
    view.dispatch({ selection: { anchor: at }, scrollIntoView: true });
    view.focus();
  }
}
