import { INPUT, Labelled } from '../../ui/Labelled';
import { Refused } from '../../ui/Refused';
import { formulaOf, type Sketch } from './example';
import type { Look, useLook } from './useExample';

type Props = {
  level: number;
  sketch: Sketch;
  look: ReturnType<typeof useLook>;
  onChange: (some: Partial<Sketch>) => void;
};

/** An item for one level, with what varies in it and how its answer is worked out. */
export function ExampleLevel({ level, sketch, look, onChange }: Props) {
  return (
    <fieldset className="grid gap-3 border-t border-rule pt-3">
      <legend className="font-semibold">Level {level}</legend>
      <Labelled name="The item, as a student will read it. It ends with the question.">
        <textarea
          className={`${INPUT} min-h-20`}
          value={sketch.text}
          maxLength={1000}
          placeholder="A stall sells 6 jars of honey for $42. What does one jar cost, in dollars?"
          onChange={(e) => onChange({ text: e.target.value })}
        />
      </Labelled>
      <div className="flex flex-wrap gap-4">
        <Labelled name="Its answer">
          <input
            className={`${INPUT} w-32`}
            value={sketch.answer}
            maxLength={40}
            onChange={(e) => onChange({ answer: e.target.value })}
          />
        </Labelled>
        <Labelled name="Word before the answer">
          <input
            className={`${INPUT} w-48`}
            value={sketch.label}
            maxLength={40}
            onChange={(e) => onChange({ label: e.target.value })}
          />
        </Labelled>
      </div>
      <Refused by={[look]} />
      {look.data !== undefined && (
        <>
          <Numbers sketch={sketch} look={look.data} onChange={onChange} />
          <Ways sketch={sketch} look={look.data} onChange={onChange} />
        </>
      )}
    </fieldset>
  );
}

type SeenProps = { sketch: Sketch; look: Look; onChange: (some: Partial<Sketch>) => void };

function Numbers({ sketch, look, onChange }: SeenProps) {
  return (
    <fieldset className="grid gap-1">
      <legend>Which numbers vary, and from where to where?</legend>
      {look.numbers.map((number) => {
        const varies = !sketch.fixed.includes(number.letter);
        const range = sketch.ranges[number.letter] ?? { low: number.low, high: number.high };
        const set = (some: Partial<typeof range>) =>
          onChange({ ranges: { ...sketch.ranges, [number.letter]: { ...range, ...some } } });
        return (
          <div key={number.letter} className="flex flex-wrap items-center gap-3">
            <label className="flex min-w-36 items-center gap-2">
              <input
                type="checkbox"
                checked={varies}
                onChange={(e) =>
                  onChange({
                    fixed: e.target.checked
                      ? sketch.fixed.filter((letter) => letter !== number.letter)
                      : [...sketch.fixed, number.letter],
                  })
                }
              />
              <span className="font-serif text-lg italic">{number.letter}</span> = {number.value}
            </label>
            {varies && (
              <>
                <Bound name={`Smallest ${number.letter}`} value={range.low} onChange={(low) => set({ low })} />
                to
                <Bound name={`Largest ${number.letter}`} value={range.high} onChange={(high) => set({ high })} />
              </>
            )}
          </div>
        );
      })}
    </fieldset>
  );
}

function Bound({ name, value, onChange }: { name: string; value: string; onChange: (value: string) => void }) {
  return (
    <input
      aria-label={name}
      className={`${INPUT} w-24`}
      value={value}
      maxLength={20}
      onChange={(e) => onChange(e.target.value)}
    />
  );
}

function Ways({ sketch, look, onChange }: SeenProps) {
  const formula = formulaOf(sketch, look);
  return (
    <fieldset className="grid gap-1">
      <legend>How is the answer worked out?</legend>
      {look.ways.map((way) => (
        <label key={way.formula} className="flex items-baseline gap-3">
          <input
            type="radio"
            name={`way-${sketch.text}`}
            checked={formula === way.formula}
            onChange={() => onChange({ formula: way.formula })}
          />
          <span className="font-serif text-lg">{way.formula}</span>
          <span className="text-soft">{way.shown}</span>
        </label>
      ))}
      {look.ways.length === 0 && <p className="text-soft">Nothing simple leads to this answer. Type the formula.</p>}
      <Labelled name={look.ways.length === 0 ? 'Formula' : 'or another formula, with the letters from above'}>
        <input
          className={`${INPUT} w-72`}
          value={look.ways.some((way) => way.formula === sketch.formula) ? '' : sketch.formula}
          maxLength={200}
          onChange={(e) => onChange({ formula: e.target.value })}
        />
      </Labelled>
    </fieldset>
  );
}
