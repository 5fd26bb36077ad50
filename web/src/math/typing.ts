import type { MathfieldElement as Field } from 'mathlive';
import { isProduct } from './operand';
import { type Boxes, rooted, stepBack, stroke } from './boxes';

/** What becomes one sign as it is typed. Words stay words: the server reads them. */
const SHORTCUTS = {
  '<=': String.raw`\le`,
  '>=': String.raw`\ge`,
  '!=': String.raw`\ne`,
  '*': String.raw`\cdot`,
  sqrt: String.raw`\sqrt{#?}`,
  pi: String.raw`\pi`,
  inf: String.raw`\infty`,
  infinity: String.raw`\infty`,
};

/** Signs that keyboards and documents write in several ways. */
const SAME: Record<string, string> = {
  '−': '-',
  '–': '-',
  '‐': '-',
  '×': '*',
  '·': '*',
  '÷': '/',
  '\u00A0': ' ',
  '\n': ' ',
  '\t': ' ',
};

export type Typing = {
  /** As if these characters had been typed. */
  type: (text: string) => void;
  /** A sign of the palette: where the caret is, with empty places to fill. */
  insert: (latex: string) => void;
  /** One command of the field, such as deleteBackward. */
  command: (name: 'deleteBackward' | 'moveToPreviousChar' | 'moveToNextChar') => void;
};

/** No conversion but ours, so that what is typed is what is read; once the field stands on the page. */
export function settle(field: Field) {
  field.menuItems = [];
  field.inlineShortcuts = SHORTCUTS;
  field.smartFence = false;
  field.smartSuperscript = false;
  field.smartMode = false;
  field.keybindings = field.keybindings.filter(({ command }) => !String(command).startsWith('switchMode'));
  field.mathModeSpace = String.raw`\:`;
  field.removeExtraneousParentheses = false;
}

/** Where the product begins that ends at the caret, −1 when none does: that is what a slash divides. */
function productStart(field: Field): number {
  const end = field.position;
  return Array.from({ length: end }, (_, at) => field.getValue(at, end, 'latex')).findIndex(isProduct);
}

/** Makes a math field read keys as a plain field would. */
export function attachTyping(field: Field): Typing {
  let boxes: Boxes = [];
  let word = '';
  const forget = () => {
    boxes = [];
    word = '';
  };

  /** The product before the caret becomes the upper part of a fraction. @returns whether there was one */
  const divided = (): boolean => {
    const start = productStart(field);
    if (start >= 0) {
      field.selection = { ranges: [[start, field.position]] };
      field.insert(String.raw`\frac{#0}{#?}`, { selectionMode: 'placeholder' });
    }
    return start >= 0;
  };

  /** Plain typing may leave a space before a sign that joins. */
  const removeSpace = () => {
    while (field.position > 0 && field.getValue(field.position - 1, field.position, 'latex') === String.raw`\:`) {
      field.executeCommand('deleteBackward');
    }
  };

  /** What has to happen before the field itself takes the key. @returns whether it may still take it */
  const before = (key: string): boolean => {
    // The empty place of a box that has just opened counts as selected; anything else selected is about to be replaced.
    if (!field.selectionIsCollapsed && boxes.at(-1)?.typed !== '') {
      forget();
      if ('([{'.includes(key)) {
        // The field would put brackets around what is selected.
        field.executeCommand('deleteBackward');
      }
    }
    const { leave, boxes: open } = stroke(boxes, key);
    for (let i = 0; i < leave; i++) {
      field.executeCommand('moveAfterParent');
    }
    word = /[a-z]/i.test(key) ? word + key : '';
    boxes = word.endsWith('sqrt') ? rooted(open) : open;
    if ((key === '/' || key === '^') && field.selectionIsCollapsed) {
      removeSpace();
    }
    return !(key === '/' && field.selectionIsCollapsed && divided());
  };
  const press = (key: string) => {
    if (before(key)) {
      field.executeCommand(['typedText', key, { focus: true, simulateKeystroke: key !== '|' }]);
    }
  };

  field.addEventListener(
    'keydown',
    (event) => {
      if (event.key === 'Backspace') {
        boxes = field.selectionIsCollapsed ? stepBack(boxes) : [];
        word = '';
      } else if (event.key === '\\') {
        event.preventDefault();
        event.stopPropagation();
      } else if (event.key.length === 1 && !event.ctrlKey && !event.metaKey && !event.altKey) {
        const mayType = before(event.key);
        if (event.key === '|') {
          field.executeCommand(['typedText', '|', { simulateKeystroke: false }]);
        }
        if (!mayType || event.key === '|') {
          event.preventDefault();
          event.stopPropagation();
        }
      } else if (!['Shift', 'AltGraph', 'CapsLock', 'Dead', 'Process'].includes(event.key)) {
        forget();
      }
    },
    { capture: true },
  );
  field.addEventListener('pointerdown', forget);
  field.addEventListener('undo-state-change', () => {
    if (field.value === '') {
      forget();
    }
  });
  return {
    type: (text) => [...text].forEach((c) => press(SAME[c] ?? c)),
    insert: (latex) => {
      forget();
      field.insert(latex, { focus: true, selectionMode: 'placeholder' });
    },
    command: (name) => {
      boxes = name === 'deleteBackward' ? stepBack(boxes) : [];
      word = '';
      field.executeCommand(name);
      field.focus();
    },
  };
}
