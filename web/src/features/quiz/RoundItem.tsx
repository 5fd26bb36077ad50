import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, newKey, type Schemas } from '../../api/client';
import { keptOrGone } from '../../keeping/refusals';
import { type Keeping, useTyped } from '../../keeping/useKept';
import { Blocks } from '../../ui/Blocks';
import { Button } from '../../ui/Button';
import { RichText } from '../../ui/RichText';
import { useKeys } from '../../ui/useKeys';
import { Listen } from '../narration/Listen';
import { ofBlocks, ofPart } from '../narration/lines';
import { PartFields } from '../practice/fields/PartFields';
import { type Entries, isEntries } from '../practice/useDraft';
import { RoundCalculator } from './RoundCalculator';
import { type Quiz, withEntries } from './useQuiz';

const STATES: Record<Keeping, string> = { kept: 'saved', keeping: 'saving …', waiting: 'saved here, sent when the connection is back' };

type Props = {
  assignmentId: string;
  running: Schemas['RunningItem'];
  last: boolean;
  onAnswered: (is: boolean) => void;
  /** The round has moved on elsewhere, or is over. */
  onStale: () => void;
  onNext: () => void;
};

/** What is entered at an item, saved at every change. */
function useEntries({ assignmentId, running, onAnswered, onStale }: Props) {
  const { item } = running;
  const queries = useQueryClient();
  const save = async (now: Entries) => {
    const path = { assignmentId, itemId: item.id };
    const { response } = await api.PUT('/api/quiz/{assignmentId}/items/{itemId}', { params: { path, header: { 'Idempotency-Key': newKey() } }, body: { entries: now } });
    if (!keptOrGone(response)) {
      onStale();
    }
  };
  const { value: entries, change: keep, state } = useTyped(`quiz-${item.id}`, item.parts.map((part) => part.entries), save, isEntries);
  const change = (part: number, id: string, value: string) => {
    const next = entries.with(part, { ...entries[part], [id]: value });
    keep(next);
    queries.setQueryData<Quiz>(['quiz', assignmentId], (view) => view && withEntries(view, item.id, next));
    onAnswered(next.some((p) => Object.values(p).some((v) => v.trim() !== '')));
  };
  return { entries, change, state };
}

/** One item of a running round: to answer, to mark, and nothing that tells. */
export function RoundItem(props: Props) {
  const { assignmentId, running, last, onStale, onNext } = props;
  const { item } = running;
  const { entries, change, state } = useEntries(props);
  const [flagged, setFlagged] = useState(running.flagged);
  const flag = useMutation({
    mutationFn: (on: boolean) => api.PUT('/api/quiz/{assignmentId}/items/{itemId}/flag', { params: { path: { assignmentId, itemId: item.id }, header: { 'Idempotency-Key': newKey() } }, body: { on } }),
    onSuccess: onStale,
  });
  const turn = () => {
    setFlagged(!flagged);
    flag.mutate(!flagged);
  };
  useKeys({ f: turn });
  const read = [...ofBlocks(item.stem), ...item.parts.flatMap(ofPart)];
  return (
    <div className="grid content-start gap-3.5 p-5 md:px-8 md:py-4">
      <p className="flex items-center gap-2 text-soft">
        <span>Item {running.slot + 1}</span>
        <Listen what="the item" lines={read} />
        <label className="ml-auto flex cursor-pointer items-center gap-2 text-ink">
          <input type="checkbox" checked={flagged} onChange={turn} />
          Come back to this <kbd className="rounded border border-current/50 px-1.5 text-xs">F</kbd>
        </label>
      </p>
      <Blocks blocks={item.stem} className="max-w-2xl font-serif text-stem leading-relaxed" />
      {item.parts.map((part, i) => (
        <section key={part.prompt} className="grid gap-3" aria-label={item.parts.length > 1 ? `Part ${i + 1}` : 'Your answer'}>
          <p className="text-lg">
            <RichText text={part.prompt} />
          </p>
          <PartFields part={part} entries={entries[i] ?? {}} onChange={(id, value) => change(i, id, value)} onEnter={onNext} />
        </section>
      ))}
      <div className="flex flex-wrap items-center gap-4">
        <Button look="main" hint="Enter" onClick={onNext}>
          {last ? 'To the end of the round' : 'Next item'}
        </Button>
        <span role="status" className="text-sm text-soft">{STATES[state]}</span>
      </div>
      {item.calculator && <RoundCalculator data={item.data} />}
    </div>
  );
}
