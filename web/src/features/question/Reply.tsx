import { useQueryClient } from '@tanstack/react-query';
import { letter } from '../../outbox/letter';
import { Stuck } from '../../outbox/Stuck';
import { useDeed } from '../../outbox/useDeed';
import { useJotting } from '../../outbox/useJotting';
import { Button } from '../../ui/Button';

export function Reply({ id, onSent }: { id: string; onSent: () => void }) {
  const [answer, write] = useJotting(`reply/${id}`);
  const queries = useQueryClient();
  const reply = useDeed({
    place: `question/${id}`,
    words: 'Your answer to a question',
    letter: (text: string) => letter('post', '/api/questions/{id}/answer', { id }, { answer: text }),
    copy: (text) => text,
    refresh: [['questions']],
    onDone: () => {
      write('');
      onSent();
      void queries.invalidateQueries({ queryKey: ['questions'] });
    },
  });
  return (
    <form
      className="grid gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        reply.mutate(answer);
      }}
    >
      <label className="grid gap-1">
        <span className="text-sm text-soft">Your answer</span>
        <textarea
          className="min-h-20 rounded-slip border border-edge bg-paper p-2"
          maxLength={2000}
          value={answer}
          onChange={(e) => write(e.target.value)}
        />
      </label>
      <Stuck what="Your answer" done={reply} />
      {reply.isError && (
        <p role="alert" className="text-rust">
          {reply.error.message}
        </p>
      )}
      <Button type="submit" look="main" className="w-fit" disabled={reply.isPending}>
        Answer
      </Button>
    </form>
  );
}
