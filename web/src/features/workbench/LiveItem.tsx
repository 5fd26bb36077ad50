import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { Blocks } from '../../ui/Blocks';
import { Button } from '../../ui/Button';
import { Hints, Solution } from '../practice/Slips';
import { TryPart } from './TryPart';
import { type Draft, useLive } from './useWorkbench';

const LEVELS = [1, 2, 3];

/** An item of the draft as a student will see it, to try. */
export function LiveItem({ draft }: { draft: Draft }) {
  const [tier, setTier] = useState(1);
  const [seed, setSeed] = useState(1);
  const live = useLive(draft, tier, seed);
  const item = live.data?.item;
  return (
    <section aria-label="An item as a student sees it" className="grid content-start gap-4">
      <div className="flex flex-wrap items-center gap-2">
        {LEVELS.map((level) => (
          <Button key={level} small aria-pressed={level === tier} onClick={() => setTier(level)}>
            {level === tier ? <strong>Level {level}</strong> : `Level ${level}`}
          </Button>
        ))}
        <Button small onClick={() => setSeed(seed + 1)}>
          Other numbers
        </Button>
      </div>
      {live.isError && <p role="alert">{live.error.message}</p>}
      {item === undefined ? (
        live.data?.faults.map((fault) => (
          <p key={fault.sentence} className="max-w-xl border-l-4 border-larch-mark bg-larch-wash p-3">
            There is no item yet. {fault.line > 0 && `Line ${fault.line}: `}
            {fault.sentence}
          </p>
        ))
      ) : (
        <Item key={`${tier}/${seed}/${draft.tag}`} draft={draft} item={item} tier={tier} seed={seed} />
      )}
    </section>
  );
}

type ItemProps = { draft: Draft; item: Schemas['ItemView']; tier: number; seed: number };

function Item({ draft, item, tier, seed }: ItemProps) {
  const [solution, setSolution] = useState(false);
  return (
    <>
      <Blocks blocks={item.stem} className="max-w-2xl font-serif text-xl leading-relaxed" />
      {item.parts.map((part, i) => (
        <TryPart key={part.prompt + part.fields[0]?.id} part={part} place={{ id: draft.id, tier, seed, part: i }} />
      ))}
      <Button className="w-fit" onClick={() => setSolution(!solution)}>
        {solution ? 'Hide hints and solution' : 'Show hints and solution'}
      </Button>
      {solution && item.solution !== undefined && (
        <>
          {item.parts.map((part) => (
            <Hints key={part.prompt} hints={part.hints} inAll={part.hintsInAll} />
          ))}
          <Solution solution={item.solution} />
        </>
      )}
    </>
  );
}
