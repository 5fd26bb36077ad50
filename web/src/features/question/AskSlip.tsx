import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { Link } from 'react-router';
import { letter } from '../../outbox/letter';
import { Stuck } from '../../outbox/Stuck';
import { useDeed } from '../../outbox/useDeed';
import { useJotting } from '../../outbox/useJotting';
import { placeOf } from '../practice/useDraft';
import { landed } from '../../ui/Landing';
import { Button } from '../../ui/Button';

const MOST = 1000;

/** Puts this item, with its tries and lines, on the list for the instructor. What is typed is kept until it is sent. */
export function AskSlip({ itemId, onClose }: { itemId: string; onClose: () => void }) {
  const [text, write] = useJotting(`question/${itemId}`);
  const field = useRef<HTMLTextAreaElement>(null);
  useEffect(() => field.current?.focus(), []);
  const queries = useQueryClient();
  const ask = useDeed({
    place: placeOf(itemId),
    words: 'Your question',
    letter: (question: string) => letter('post', '/api/questions', {}, { itemId, question }),
    copy: (question) => question,
    refresh: [['questions']],
    onDone: () => {
      write('');
      void queries.invalidateQueries({ queryKey: ['questions'] });
    },
  });
  if (ask.isSuccess) {
    return (
      <p ref={landed} className="rounded-slip bg-glacier-wash p-4">
        Your question is on the list for your instructor, with the item, your tries and your lines. You will find the
        answer under <Link to="/questions">Questions</Link>.
      </p>
    );
  }
  return (
    <section
      aria-label="Ask about this item"
      className="unfold grid gap-2 rounded-slip border-l-4 border-glacier bg-glacier-wash p-4"
    >
      <label className="grid gap-1">
        <span className="font-semibold">What do you want to ask?</span>
        <textarea
          className="min-h-24 rounded-slip border border-edge bg-leaf p-2"
          maxLength={MOST}
          value={text}
          ref={field}
          onChange={(e) => write(e.target.value)}
        />
      </label>
      <p className="text-sm text-soft">Your instructor sees the item, what you tried, your lines and this.</p>
      <Stuck what="Your question" done={ask} />
      {ask.isError && (
        <p role="alert" className="text-rust">
          {ask.error.message}
        </p>
      )}
      <span className="flex gap-2">
        <Button look="main" onClick={() => ask.mutate(text)} disabled={ask.isPending}>
          Put it on the list
        </Button>
        <Button look="quiet" onClick={onClose}>
          Not now
        </Button>
      </span>
    </section>
  );
}
