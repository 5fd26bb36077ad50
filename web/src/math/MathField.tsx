import { type MathfieldElement as Field } from 'mathlive';
import { useEffect, useLayoutEffect, useRef, useState } from 'react';
import { Echo } from './echo';
import { fill, heard, isAheadOfItsEvent, know } from './fill';
import { attachTyping, settle, type Typing } from './typing';

type Props = {
  id: string;
  label: string;
  kind: string;
  letters: string[];
  value: string;
  describedBy: string;
  onChange: (latex: string) => void;
  onEnter: () => void;
  /** A line of work, not an answer. */
  line?: boolean;
  /** Takes the keyboard as soon as it is there. */
  takesFocus?: boolean;
  /** Hands out what types for somebody: the signs beside the field. */
  onReady: (typing: Typing) => void;
};

/** The field's own LaTeX leaves out braces that plain typing needs: x^23 there is x squared times 3. */
function braced(latex: string): string {
  return latex.replace(/\^([0-9a-zA-Z])/g, '^{$1}');
}

async function load() {
  const [{ MathfieldElement }] = await Promise.all([import('mathlive'), import('mathlive/fonts.css')]);
  MathfieldElement.fontsDirectory = null;
  MathfieldElement.soundsDirectory = null;
  return MathfieldElement;
}

/** A field in which mathematics looks as it is written; loaded when first needed. */
export function MathField(props: Props) {
  const place = useRef<HTMLDivElement>(null);
  const latest = useRef(props);
  const made = useRef<Field | null>(null);
  const [echo] = useState(() => new Echo(props.value));
  const [ready, setReady] = useState(false);
  useLayoutEffect(() => {
    latest.current = props;
    if (echo.isNews(props.value) && made.current !== null) {
      fill(made.current, props);
    }
  }, [echo, props]);
  useEffect(() => {
    let field: Field | null = null;
    let gone = false;
    void load().then((MathfieldElement) => {
      if (!gone && place.current !== null) {
        field = new MathfieldElement();
        prepare(field, latest, (latex) => {
          echo.typed(latex);
          latest.current.onChange(latex);
        });
        place.current.append(field);
        made.current = field;
        setReady(true);
        if (latest.current.takesFocus === true) {
          focusInPlace(field);
        }
      }
    });
    return () => {
      gone = true;
      made.current = null;
      field?.remove();
    };
  }, [echo]);
  /** Whoever leaves with the last key takes it along: the field would speak of it only after it is gone. */
  useLayoutEffect(() => {
    const take = () => {
      const field = made.current;
      if (field !== null && isAheadOfItsEvent(field)) {
        heard(field);
        latest.current.onChange(braced(field.getValue('latex')));
      }
    };
    window.addEventListener('pagehide', take, { capture: true });
    return () => {
      window.removeEventListener('pagehide', take, { capture: true });
      take();
    };
  }, []);
  return (
    <div className="min-h-14 w-full max-w-md">
      {!ready && <span className="text-soft">Opening the field.</span>}
      <div ref={place} />
    </div>
  );
}

/** A field that loads late neither moves the page nor takes the keyboard from one who went elsewhere meanwhile. */
function focusInPlace(field: Field) {
  if (document.activeElement === null || document.activeElement === document.body) {
    const { scrollX, scrollY } = window;
    field.focus();
    window.scrollTo(scrollX, scrollY);
  }
}

function prepare(field: Field, latest: { current: Props }, onChange: (latex: string) => void) {
  const { id, label, describedBy, line = false } = latest.current;
  field.id = id;
  field.dataset[line ? 'line' : 'answer'] = '';
  field.setAttribute('aria-label', label);
  field.setAttribute('aria-describedby', describedBy);
  field.mathVirtualKeyboardPolicy = 'manual';
  fill(field, latest.current);
  field.className = line
    ? 'block w-full border-b border-rule bg-leaf px-1 text-lg text-ink'
    : 'block w-full rounded-slip border-2 border-ink bg-leaf px-3 py-1 text-2xl text-ink';
  field.addEventListener('mount', () => {
    settle(field);
    know(field);
  });
  field.addEventListener('input', () => {
    heard(field);
    onChange(braced(field.getValue('latex')));
  });
  field.addEventListener(
    'keydown',
    (event) => {
      if (event.key === 'Enter' && !event.altKey) {
        event.preventDefault();
        event.stopPropagation();
        latest.current.onEnter();
      }
    },
    { capture: true },
  );
  const typing = attachTyping(field);
  field.addEventListener('paste', (event) => paste(event, field, typing), { capture: true });
  latest.current.onReady(typing);
}

/** Plain text is typed, character by character; LaTeX, copied from elsewhere, stands for itself. */
function paste(event: ClipboardEvent, field: Field, typing: Typing) {
  const text = (event.clipboardData?.getData('text/plain') ?? '').trim().replace(/^\${1,2}([^$]+)\${1,2}$/, '$1');
  event.preventDefault();
  event.stopPropagation();
  if (text.includes('\\')) {
    typing.insert(text);
  } else {
    typing.type(text);
  }
  field.dispatchEvent(new InputEvent('input', { bubbles: true }));
}
