import { lazy, Suspense, useState } from 'react';
import { Stuck } from '../../outbox/Stuck';
import { Button } from '../../ui/Button';
import { Refused } from '../../ui/Refused';
import { useKeys } from '../../ui/useKeys';
import { AskSlip } from '../question/AskSlip';
import type { Practice, View } from './usePractice';

const CalculatorSlip = lazy(() => import('../calculator/CalculatorSlip'));

type Open = 'none' | 'hint' | 'solution' | 'ask' | 'calculator';

/** In the order of help: hints, the example, the full solution; and beside them asking and the calculator. */
export function Help({ view, practice }: { view: View; practice: Practice }) {
  const { item } = view;
  const part = item.parts[item.currentPart];
  const [open, setOpen] = useState<Open>('none');
  const toggle = (what: Open) => setOpen(open === what ? 'none' : what);
  const more = part !== undefined && part.hints.length < part.hintsInAll;
  const isOpen = item.outcome === undefined;
  const hint = () => isOpen && item.hintsAllowed && more && !practice.hint.isPending && practice.hint.mutate(undefined);
  const example = () =>
    isOpen &&
    item.exampleAllowed &&
    item.example === undefined &&
    !practice.example.isPending &&
    practice.example.mutate(undefined);
  /** One key alone takes nothing away: it asks, and the second time it does. */
  const hintByKey = () => {
    if (isOpen && item.hintsAllowed && more) {
      if (open === 'hint') {
        hint();
      }
      setOpen(open === 'hint' ? 'none' : 'hint');
    }
  };
  useKeys({ h: hintByKey, e: example, c: () => item.calculator && toggle('calculator'), q: () => toggle('ask') });
  return (
    <div className="grid max-w-2xl gap-3">
      <div className="flex flex-wrap gap-2">
        {isOpen && item.hintsAllowed && (
          <Button hint="H" onClick={hint} disabled={!more}>
            {part === undefined || part.hints.length === 0 ? 'Hint' : more ? 'Next hint' : 'All hints are open'}
          </Button>
        )}
        {isOpen && item.exampleAllowed && (
          <Button hint="E" onClick={example} disabled={item.example !== undefined}>
            Worked example
          </Button>
        )}
        {item.calculator && (
          <Button hint="C" onClick={() => toggle('calculator')} aria-expanded={open === 'calculator'}>
            Calculator
          </Button>
        )}
        <Button look="quiet" hint="Q" onClick={() => toggle('ask')} aria-expanded={open === 'ask'}>
          Ask
        </Button>
        {isOpen && (
          <Button look="quiet" onClick={() => toggle('solution')} aria-expanded={open === 'solution'}>
            Full solution
          </Button>
        )}
      </div>
      <Stuck what="The hint" done={practice.hint} />
      <Stuck what="The worked example" done={practice.example} />
      <Stuck what="The full solution" done={practice.solution} />
      <Refused by={[practice.hint, practice.example, practice.solution]} />
      {open === 'hint' && isOpen && more && <HintCosts onOpen={hintByKey} onLeave={() => setOpen('none')} />}
      {open === 'solution' && isOpen && (
        <SolutionCosts
          onOpen={() => !practice.solution.isPending && practice.solution.mutate(undefined)}
          onLeave={() => setOpen('none')}
        />
      )}
      {open === 'ask' && <AskSlip itemId={item.id} onClose={() => setOpen('none')} />}
      {open === 'calculator' && (
        <Suspense>
          <CalculatorSlip data={item.data} onClose={() => setOpen('none')} />
        </Suspense>
      )}
    </div>
  );
}

type Choice = { onOpen: () => void; onLeave: () => void };

function HintCosts({ onOpen, onLeave }: Choice) {
  return (
    <p role="status" className="unfold flex flex-wrap items-center gap-3 rounded-slip bg-glacier-wash px-3 py-2">
      With a hint this item does not count toward your target. Press H once more to open it.
      <Button small onClick={onOpen}>
        Open the hint
      </Button>
      <Button small look="quiet" onClick={onLeave}>
        Not now
      </Button>
    </p>
  );
}

function SolutionCosts({ onOpen, onLeave }: Choice) {
  return (
    <p className="unfold flex flex-wrap items-center gap-3 rounded-slip bg-larch-wash px-3 py-2">
      With the solution open, this item counts as missed.
      <Button onClick={onOpen}>Show it</Button>
      <Button look="quiet" onClick={onLeave}>
        Keep trying
      </Button>
    </p>
  );
}
