import { useState } from 'react';
import { useNavigate } from 'react-router';
import { Button } from '../../ui/Button';
import { INPUT, Labelled } from '../../ui/Labelled';
import { Refused } from '../../ui/Refused';
import { EMPTY, isWhole, levelOf, type Sketch } from './example';
import { ExampleLevel } from './ExampleLevel';
import { useBeginWithItems, useLook } from './useExample';

const LEVELS = 3;

/** A skill begun with items that are typed as they are: one for each level, or one for all. */
export function ExampleForm({ onLeave }: { onLeave: () => void }) {
  const navigate = useNavigate();
  const [name, setName] = useState('');
  const [sketches, setSketches] = useState<Sketch[]>([EMPTY]);
  const begin = useBeginWithItems((draft) => void navigate(`/workbench/${draft.id}`));
  const at = (level: number) => sketches[level] ?? EMPTY;
  const looks = [useSketched(at(0)), useSketched(at(1)), useSketched(at(2))];
  const levels = sketches.map((sketch, i) => levelOf(sketch, looks[i]?.data));
  const change = (level: number, some: Partial<Sketch>) =>
    setSketches((before) => before.with(level, { ...(before[level] ?? EMPTY), ...some }));
  return (
    <section
      aria-label="Begin with items of your own"
      className="grid gap-4 rounded-slip border border-edge bg-leaf p-4"
    >
      <p className="max-w-2xl text-soft">
        Type an item as it is. Its numbers can vary, and a formula works the answer out. You get a document with both,
        and with first hints and messages, which you then put into your own words.
      </p>
      <Labelled name="Name of the skill">
        <input className={`${INPUT} max-w-md`} value={name} maxLength={80} onChange={(e) => setName(e.target.value)} />
      </Labelled>
      {looks.slice(0, sketches.length).map((look, level) => (
        <ExampleLevel
          // oxlint-disable-next-line react/no-array-index-key -- a level has no other name
          key={level}
          level={level + 1}
          sketch={at(level)}
          look={look}
          onChange={(some) => change(level, some)}
        />
      ))}
      <div className="flex flex-wrap gap-3">
        <Button
          look="main"
          disabled={begin.isPending || name.trim() === '' || !levels.every(isWhole)}
          onClick={() => begin.mutate({ name, levels })}
        >
          Make the skill
        </Button>
        {sketches.length < LEVELS && (
          <Button onClick={() => setSketches([...sketches, EMPTY])}>Add an item for level {sketches.length + 1}</Button>
        )}
        <Button look="quiet" onClick={onLeave}>
          Leave it
        </Button>
      </div>
      {sketches.length < LEVELS && (
        <p className="text-sm text-soft">
          A level without an item asks the same as the one below it, with larger numbers. The proof will ask you for
          something new there.
        </p>
      )}
      <Refused by={[begin]} />
    </section>
  );
}

const useSketched = (sketch: Sketch) => useLook(sketch.text, sketch.answer);
