import type { ReactNode } from 'react';
import type { Schemas } from '../../api/client';
import { Blocks } from '../../ui/Blocks';
import { RichText } from '../../ui/RichText';
import { Tex } from '../../ui/Tex';

/** A slip of help in the page. */
export function Slip({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="unfold max-w-2xl rounded-slip border-l-4 border-glacier bg-glacier-wash p-4" aria-label={title}>
      <p className="font-semibold">{title}</p>
      {children}
    </section>
  );
}

export function Hints({ hints, inAll }: { hints: string[]; inAll: number }) {
  return hints.map((hint, i) => (
    <Slip key={hint} title={`Hint ${i + 1} of ${inAll}`}>
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

export function Example({ example }: { example: Schemas['ExampleView'] }) {
  return (
    <Slip title="Worked example of another one">
      <Blocks blocks={example.stem} className="mt-1 font-serif" />
      <WorkedSteps steps={example.worked} />
    </Slip>
  );
}

export function Solution({ solution }: { solution: Schemas['SolutionView'] }) {
  return (
    <>
      <Slip title="How it goes, step by step">
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
