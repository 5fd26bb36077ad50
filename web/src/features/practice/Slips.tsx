import { type ReactNode, useEffect, useRef, useState } from 'react';
import type { Schemas } from '../../api/client';
import { Blocks } from '../../ui/Blocks';
import { Button } from '../../ui/Button';
import { RichText } from '../../ui/RichText';
import { intoView } from '../../ui/seen';
import { Tex } from '../../ui/Tex';
import { Listen } from '../narration/Listen';
import { ofBlocks, ofSteps } from '../narration/lines';
import type { Line } from '../narration/narration';
import { useNarrate } from '../narration/NarratorContext';

/** A slip of help in the page. @param asked whether somebody has just asked for it, and is shown it */
export function Slip({
  title,
  aside,
  asked = false,
  children,
}: {
  title: string;
  aside?: ReactNode;
  asked?: boolean;
  children: ReactNode;
}) {
  const place = useRef<HTMLDivElement>(null);
  useEffect(() => (asked ? intoView(place.current) : undefined), [asked]);
  return (
    <div
      ref={place}
      role="group"
      className="unfold max-w-2xl rounded-slip border-l-4 border-glacier bg-glacier-wash p-4"
      aria-label={title}
    >
      <div className="flex flex-wrap items-center justify-between gap-2">
        <h2 className="font-semibold">{title}</h2>
        {aside}
      </div>
      {children}
    </div>
  );
}

/** The hints that are open. Those that were when one came here move nothing; one that is asked for comes to be seen. */
export function Hints({ hints, inAll }: { hints: string[]; inAll: number }) {
  const [atFirst] = useState(hints.length);
  return hints.map((hint, i) => (
    <Slip
      key={hint}
      asked={i >= atFirst}
      title={`Hint ${i + 1} of ${inAll}`}
      aside={<Listen what={`hint ${i + 1}`} lines={[{ show: hint }]} />}
    >
      <RichText text={hint} />
    </Slip>
  ));
}

export function WorkedSteps({ steps }: { steps: Schemas['WorkedStep'][] }) {
  return (
    <ol className="mt-2 grid list-decimal gap-2 pl-6">
      {steps.map((step) => (
        <li key={step.say + step.math}>
          <RichText text={step.say} />
          {step.math !== '' && (
            <span className="block py-1 text-lg">
              <Tex latex={step.math} />
            </span>
          )}
        </li>
      ))}
    </ol>
  );
}

/** The steps played one after another, with captions. */
function WalkThrough({ title, lines }: { title: string; lines: Line[] }) {
  const narrate = useNarrate();
  return <Button onClick={() => narrate({ title, lines })}>Walk me through</Button>;
}

/** Another way of explaining the example, behind one action. */
function SecondWay({ second }: { second: Schemas['ShownSecondView'] }) {
  return (
    <details className="mt-3">
      <summary className="cursor-pointer font-semibold text-glacier">
        Another way to see it: {second.title.toLowerCase()}
      </summary>
      <Blocks blocks={second.blocks} className="mt-2" />
    </details>
  );
}

/** @param props.asked whether somebody has just asked for it */
export function Example({ example, asked }: { example: Schemas['ExampleView']; asked: boolean }) {
  return (
    <Slip
      asked={asked}
      title="Worked example of a similar item"
      aside={<WalkThrough title="worked example" lines={[...ofBlocks(example.stem), ...ofSteps(example.worked)]} />}
    >
      <Blocks blocks={example.stem} className="mt-1 font-serif" />
      <WorkedSteps steps={example.worked} />
      {example.second !== undefined && <SecondWay second={example.second} />}
    </Slip>
  );
}

export function Solution({ solution }: { solution: Schemas['SolutionView'] }) {
  return (
    <>
      <Slip title="How it goes, step by step" aside={<WalkThrough title="solution" lines={ofSteps(solution.worked)} />}>
        <WorkedSteps steps={solution.worked} />
      </Slip>
      {solution.second !== undefined && (
        <Slip title={`Another way to see it: ${solution.second.title.toLowerCase()}`}>
          <Blocks blocks={solution.second.blocks} className="mt-1" />
        </Slip>
      )}
    </>
  );
}
