import type { Schemas } from '../../api/client';
import { Bar } from '../../ui/Bar';
import { Blocks } from '../../ui/Blocks';
import { Button } from '../../ui/Button';
import { RichText } from '../../ui/RichText';
import type { Draft, Proof } from './useWorkbench';
import { useProof } from './useWorkbench';
import { lineWords } from './words';

type Props = { draft: Draft; isKept: boolean; onLine: (line: number) => void };

/** All items of the draft looked at, with how far it has come, and each thing that does not hold. */
export function ProofPanel({ draft, isKept, onLine }: Props) {
  const { proof, isUnderWay, start } = useProof(draft);
  const isReadable = draft.faults.length === 0;
  return (
    <section aria-label="The proof" className="grid gap-3 border-t border-rule pt-4">
      <div className="flex flex-wrap items-center gap-3">
        <h2 className="font-serif text-xl font-bold">Does everything hold?</h2>
        <Button onClick={() => start.mutate()} disabled={!isReadable || !isKept || isUnderWay || start.isPending}>
          Look at all items
        </Button>
        <p role="status" className="text-soft">
          {isReadable ? said(proof) : 'The document cannot be read yet. Its faults are listed below.'}
        </p>
      </div>
      {isUnderWay && proof !== undefined && <Bar label="Items looked at" max={proof.of} value={proof.seen} />}
      {start.isError && <p role="alert">{start.error.message}</p>}
      <ul className="grid max-w-4xl gap-2">
        {draft.faults.map((fault) => (
          <li key={fault.place + fault.sentence} className="border-l-4 border-rust pl-3">
            <LineLink line={fault.line} onLine={onLine} /> {fault.sentence}
          </li>
        ))}
        {isReadable &&
          proof?.current === true &&
          proof.complaints.map((complaint) => (
            <ComplaintRow key={complaint.place + complaint.sentence} complaint={complaint} onLine={onLine} />
          ))}
      </ul>
    </section>
  );
}

function LineLink({ line, onLine }: { line: number; onLine: (line: number) => void }) {
  return (
    <Button small look="quiet" onClick={() => onLine(line)}>
      {lineWords(line)}
    </Button>
  );
}

function said(proof: Proof | undefined): string {
  if (proof === undefined || proof.state === 'NONE') {
    return 'Every key, mistake, hint and step is looked at, over all numbers.';
  }
  if (proof.state === 'WAITING') {
    return 'Waiting for its turn.';
  }
  if (proof.state === 'RUNNING') {
    return `${proof.seen.toLocaleString('en')} of ${proof.of.toLocaleString('en')} items`;
  }
  if (!proof.current) {
    return 'The document was changed since all items were looked at.';
  }
  return proof.holds
    ? `✓ Everything holds: ${proof.extent}.`
    : `Looked at ${proof.extent}. ${proof.complaints.length === 1 ? 'One thing does' : `${proof.complaints.length} things do`} not hold.`;
}

function ComplaintRow({ complaint, onLine }: { complaint: Schemas['BenchComplaint']; onLine: (line: number) => void }) {
  const { example } = complaint;
  return (
    <li className="border-l-4 border-rust pl-3">
      <LineLink line={complaint.line} onLine={onLine} /> {complaint.sentence}
      <span className="block text-sm text-soft">
        {complaint.place}
        {complaint.of > 0 &&
          `, in ${complaint.times.toLocaleString('en')} of ${complaint.of.toLocaleString('en')} items`}
      </span>
      {example !== undefined && (
        <details className="mt-1">
          <summary className="cursor-pointer">Show such an item, level {complaint.tier}</summary>
          <Blocks blocks={example.stem} className="mt-2 max-w-2xl font-serif text-lg" />
          {example.parts.map((part) => (
            <p key={part.prompt} className="mt-1">
              <RichText text={part.prompt} />
            </p>
          ))}
        </details>
      )}
    </li>
  );
}
