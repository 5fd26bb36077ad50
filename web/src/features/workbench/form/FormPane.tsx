import { useState } from 'react';
import { INPUT, Labelled } from '../../../ui/Labelled';
import { Notice } from '../../../ui/Notice';
import { Refused } from '../../../ui/Refused';
import { SectionShown } from './SectionShown';
import { useForm } from './useForm';

type Props = { text: string; onText: (next: string) => void; onLine: (line: number) => void };

/** The document of a skill as a form, one kind of items at a time. */
export function FormPane({ text, onText, onLine }: Props) {
  const { form, isStale, failed, edit, rows } = useForm(text, onText);
  const [chosen, setChosen] = useState(0);
  if (form === undefined) {
    return failed.isError ? <Refused by={[failed]} /> : <p className="text-soft">Reading the document.</p>;
  }
  const at = Math.min(chosen, form.variants.length - 1);
  const variant = form.variants[at];
  if (variant === undefined) {
    return (
      <Notice title="There is no form for this text yet.">
        The text has a fault, or no variants. Mend it in the text; the form is here again then.
      </Notice>
    );
  }
  return (
    <div className="grid content-start gap-4 overflow-auto border border-rule bg-leaf p-4 lg:h-[calc(100vh-16rem)]">
      <Labelled name="Kind of items">
        <select className={INPUT} value={at} onChange={(e) => setChosen(Number(e.target.value))}>
          {form.variants.map((v, i) => (
            <option key={`${i}/${v.id}`} value={i}>
              {v.id}, level {v.tiers}
            </option>
          ))}
        </select>
      </Labelled>
      <Refused by={[rows]} />
      {variant.sections.length === 0 && (
        <p className="text-soft">
          This item is as it came from a file. It has no numbers that vary, and no form; it can be changed in the text.
        </p>
      )}
      {variant.sections.map((section, i) => (
        <SectionShown
          key={`${i}/${section.title}`}
          section={section}
          readOnly={isStale || rows.isPending}
          onChange={edit}
          onRow={(change) => rows.mutate(change)}
          onLine={onLine}
        />
      ))}
    </div>
  );
}
