import type { Schemas } from '../../api/client';
import { Listen } from '../narration/Listen';
import { RichText } from '../../ui/RichText';
import { type Verdict, VerdictMark } from '../../ui/VerdictMark';

const HEADS: Record<Verdict, string> = {
  correct: 'Right.',
  form: 'The value is right, but not yet in the form asked for.',
  incorrect: 'Not yet.',
  unreadable: 'Not marked yet. This costs no try.',
};

const EDGES: Record<Verdict, string> = {
  correct: 'border-spruce',
  form: 'border-larch-mark',
  incorrect: 'border-rust',
  unreadable: 'border-edge border-dashed',
};

export function isVerdict(text: string): text is Verdict {
  return text in HEADS;
}

/**
 * What came of a check, by shape, word and sentence.
 *
 * @param props.read whether a person reads it, and no machine says right or wrong
 */
export function Feedback({
  feedback,
  label = '',
  read = false,
}: {
  feedback: Schemas['FeedbackView'];
  label?: string;
  read?: boolean;
}) {
  const verdict = isVerdict(feedback.verdict) ? feedback.verdict : 'unreadable';
  const blank = feedback.reason === 'blank';
  const head = blank
    ? 'Nothing entered yet. This costs no try.'
    : feedback.reason === 'few-words'
      ? 'That says too little yet. It costs no try.'
      : read && verdict === 'correct'
        ? 'Enough to be handed in. A person reads it.'
        : HEADS[verdict];
  return (
    <div
      className={`unfold flex max-w-2xl gap-3 rounded-slip border-l-4 bg-leaf p-4 ${EDGES[verdict]}`}
      data-verdict={verdict}
    >
      <VerdictMark verdict={verdict} />
      <div>
        <p className="flex items-center gap-2 font-semibold">
          {label === '' ? '' : `${label}: `}
          {head}
          {verdict !== 'correct' && (
            <Listen what="what it says" lines={[{ show: blank ? head : `${head} ${feedback.message}` }]} />
          )}
        </p>
        {verdict !== 'correct' && !blank && (
          <p>
            <RichText text={feedback.message} />
          </p>
        )}
      </div>
    </div>
  );
}
