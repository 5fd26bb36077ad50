import type { Schemas } from '../../api/client';
import { SceneView } from '../../figures/SceneView';
import { useReading } from '../../math/useReading';
import { RichText } from '../../ui/RichText';
import { Tex } from '../../ui/Tex';
import { VerdictMark } from '../../ui/VerdictMark';
import { PartFields } from './fields/PartFields';

type Part = Schemas['PartView'];

/** A part that is done: what was entered, what is right. */
export function ClosedPart({ part }: { part: Part }) {
  const right = part.status === 'RIGHT';
  return (
    <section className="max-w-2xl border-l-2 border-rule pl-4" data-part={part.status}>
      <p>
        <RichText text={part.prompt} />
      </p>
      {isPictured(part) && (
        <div className="my-2">
          <PartFields part={part} entries={part.entries} onChange={ignore} onEnter={ignore} closed />
        </div>
      )}
      {part.fields.map((field) => (
        <div key={field.id} className="mt-1 flex flex-wrap items-center gap-x-6 gap-y-1">
          <span className="flex items-center gap-2">
            {!isInWords(field) && <VerdictMark verdict={right ? 'correct' : 'incorrect'} />}
            <span className="text-soft">
              {part.fields.length > 1 ? `${field.label}, ` : ''}
              {isInWords(field) ? 'in your words:' : right ? 'right:' : 'entered:'}
            </span>
            <Entered field={field} entry={part.entries[field.id] ?? ''} />
          </span>
          {!right && !showsOptions(field) && <RightAnswer field={field} answers={part.answers} />}
          {!right && <Why feedback={part.feedback.find((f) => f.fieldId === field.id)} />}
        </div>
      ))}
    </section>
  );
}

/** Words are read by a person: no machine calls them right or wrong. */
const isInWords = (field: Schemas['FieldView']) => field.answerKind === 'words';

const ignore = () => {};

/** Whether the part was answered in a picture, a sentence, a table or among options, which then stays to be seen. */
function isPictured(part: Part): boolean {
  return (
    part.layout.kind !== 'Stacked' || part.fields.some((field) => field.response.kind !== 'Typed' && !isInWords(field))
  );
}

/** Whether the right options are marked where they stand, or stand below in their order. */
function showsOptions({ response }: Schemas['FieldView']): boolean {
  return response.kind === 'ChooseOne' || response.kind === 'ChooseAll' || response.kind === 'PutInOrder';
}

/** Whether what was entered is seen above and in no other way: it is sent as ticks or as ids. */
function isSeenAbove({ response }: Schemas['FieldView']): boolean {
  return response.kind === 'MarkOnLine' || response.kind === 'RayOnLine' || response.kind === 'PutInOrder';
}

/** What seems to have happened, for a field that was not right. */
function Why({ feedback }: { feedback: Schemas['FeedbackView'] | undefined }) {
  return feedback === undefined || feedback.verdict === 'correct' ? null : (
    <p className="w-full" data-why>
      <RichText text={feedback.message} />
    </p>
  );
}

function optionsOf(field: Schemas['FieldView']): Schemas['ShownOption'][] {
  const { response } = field;
  if (response.kind === 'DropLabel') {
    return response.labels;
  }
  return 'options' in response ? response.options : [];
}

/** An option by its text or its picture; an id alone stands for a lettered shape. */
function Chosen({ field, id }: { field: Schemas['FieldView']; id: string }) {
  const option = optionsOf(field).find((o) => o.id === id);
  if (option?.scene !== undefined) {
    return (
      <span className="inline-block w-48">
        <SceneView scene={option.scene} />
      </span>
    );
  }
  return <RichText text={option?.text ?? id} />;
}

function Entered({ field, entry }: { field: Schemas['FieldView']; entry: string }) {
  if (entry === '') {
    return <span>nothing</span>;
  }
  if (isSeenAbove(field)) {
    return <span>as shown above</span>;
  }
  if (field.answerKind === 'choice') {
    return entry.split(',').map((id) => <Chosen key={id} field={field} id={id} />);
  }
  if (isInWords(field)) {
    return <q className="font-serif text-lg">{entry}</q>;
  }
  if (field.response.kind === 'PlotLine') {
    return <span className="font-serif text-lg">through {entry}</span>;
  }
  return <TypedBack field={field} entry={entry} />;
}

function TypedBack({ field, entry }: { field: Schemas['FieldView']; entry: string }) {
  const reading = useReading(field.answerKind, field.letters, entry);
  return reading.data?.at === -1 ? (
    <Tex latex={reading.data.latex + (field.suffix === '°' ? '°' : '')} />
  ) : (
    <span className="font-serif text-lg">
      {reading.data?.typed.before}
      {reading.data?.typed.at}
      {reading.data?.typed.after}
    </span>
  );
}

function RightAnswer({ field, answers }: { field: Schemas['FieldView']; answers: Schemas['AnswerView'][] }) {
  const answer = answers.find((a) => a.fieldId === field.id);
  if (answer === undefined) {
    return null;
  }
  if (answer.words !== '') {
    return (
      <span data-right-answer>
        <span className="text-soft">for example:</span> <q className="font-serif text-lg">{answer.words}</q>
      </span>
    );
  }
  return (
    <span className="flex items-center gap-2" data-right-answer>
      <span className="text-soft">right is:</span>
      {answer.latex === '' ? (
        answer.options.map((id) => <Chosen key={id} field={field} id={id} />)
      ) : (
        <Tex latex={answer.latex} />
      )}
    </span>
  );
}
