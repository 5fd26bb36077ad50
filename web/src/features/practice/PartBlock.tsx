import type { Schemas } from '../../api/client';
import { RichText } from '../../ui/RichText';
import { Tex } from '../../ui/Tex';
import { VerdictMark } from '../../ui/VerdictMark';

type Part = Schemas['PartView'];

/** A part that is done: what was entered, what is right. */
export function ClosedPart({ part }: { part: Part }) {
  const right = part.status === 'RIGHT';
  return (
    <section className="max-w-2xl border-l-2 border-rule pl-4" data-part={part.status}>
      <p>
        <RichText text={part.prompt} />
      </p>
      {part.fields.map((field) => (
        <div key={field.id} className="mt-1 flex flex-wrap items-center gap-x-6 gap-y-1">
          <span className="flex items-center gap-2">
            <VerdictMark verdict={right ? 'correct' : 'incorrect'} />
            <span className="text-soft">{right ? 'Right:' : 'Yours:'}</span>
            <Entered field={field} entry={part.entries[field.id] ?? ''} />
          </span>
          {!right && <RightAnswer field={field} answers={part.answers} />}
        </div>
      ))}
    </section>
  );
}

function optionText(field: Schemas['FieldView'], id: string): string {
  const { response } = field;
  const options = 'options' in response ? response.options : [];
  return options.find((o) => o.id === id)?.text ?? id;
}

function Entered({ field, entry }: { field: Schemas['FieldView']; entry: string }) {
  if (entry === '') {
    return <span>nothing entered</span>;
  }
  return field.answerKind === 'choice' ? <RichText text={optionText(field, entry)} /> : <span className="font-serif text-lg">{entry}</span>;
}

function RightAnswer({ field, answers }: { field: Schemas['FieldView']; answers: Schemas['AnswerView'][] }) {
  const answer = answers.find((a) => a.fieldId === field.id);
  if (answer === undefined) {
    return null;
  }
  return (
    <span className="flex items-center gap-2" data-right-answer>
      <span className="text-soft">Right is:</span>
      {answer.latex === '' ? answer.options.map((id) => <RichText key={id} text={optionText(field, id)} />) : <Tex latex={answer.latex} />}
    </span>
  );
}
