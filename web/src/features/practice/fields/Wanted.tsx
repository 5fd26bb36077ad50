import type { Schemas } from '../../../api/client';

/** Layouts in which what is typed goes into small boxes. */
const SMALL = ['InFormula', 'InTable', 'InSentence'];

/** The form wanted in small boxes: once where it is the same in all of them, else box by box. */
export function Wanted({ part }: { part: Schemas['PartView'] }) {
  const asked = part.fields.filter((field) => field.wanted !== '' && field.response.kind === 'Typed');
  if (!SMALL.includes(part.layout.kind) || asked.length === 0) {
    return null;
  }
  const same = asked.length === part.fields.length && asked.every((field) => field.wanted === asked[0]?.wanted);
  return (
    <p className="max-w-2xl text-[0.95rem]">
      {same
        ? `Wanted in each: ${asked[0]?.wanted}`
        : `Wanted: ${asked.map((field) => `${field.label}: ${field.wanted}`).join(' · ')}`}
    </p>
  );
}
