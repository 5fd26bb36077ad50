import type { TargetKind, Wish } from './wish';

type Props = { wish: Wish; onChange: (part: Partial<Wish>) => void };

const KINDS: [TargetKind, string][] = [
  ['score', 'a mastery score'],
  ['run', 'a run of right answers'],
  ['percent', 'a percent of a fixed set'],
  ['quiz', 'a quiz in rounds, and nothing else'],
  ['check', 'the starting check: what is known already'],
];

/** What counts as finished, and a quiz at the end. */
export function Targets({ wish, onChange }: Props) {
  return (
    <fieldset className="grid gap-2">
      <legend className="font-semibold">Target</legend>
      <div className="flex flex-wrap gap-x-5 gap-y-1">
        {KINDS.map(([kind, name]) => (
          <label key={kind} className="flex gap-1.5">
            <input
              type="radio"
              name="target"
              checked={wish.target === kind}
              onChange={() => onChange({ target: kind })}
            />
            {name}
          </label>
        ))}
      </div>
      <div className="flex flex-wrap items-center gap-3">
        {wish.target === 'score' && (
          <Number label="score on each skill" value={wish.score} most={100} onChange={(score) => onChange({ score })} />
        )}
        {wish.target === 'run' && (
          <>
            <Number label="right in a row, or" value={wish.inRow} most={20} onChange={(inRow) => onChange({ inRow })} />
            <Number
              label="steps on each skill"
              value={wish.steps}
              most={50}
              onChange={(steps) => onChange({ steps })}
            />
          </>
        )}
        {wish.target === 'percent' && (
          <>
            <Number label="percent of" value={wish.percent} most={100} onChange={(percent) => onChange({ percent })} />
            <Number
              label="items of each skill"
              value={wish.items}
              most={60}
              onChange={(items) => onChange({ items })}
            />
          </>
        )}
      </div>
      {wish.target !== 'quiz' && wish.target !== 'check' && (
        <label className="flex gap-1.5">
          <input type="checkbox" checked={wish.withQuiz} onChange={(e) => onChange({ withQuiz: e.target.checked })} />
          with a quiz at the end, which opens when the skills are reached
        </label>
      )}
      {((wish.withQuiz && wish.target !== 'check') || wish.target === 'quiz') && (
        <div className="flex flex-wrap items-center gap-3">
          <Number
            label="items in a round,"
            value={wish.quizItems}
            most={40}
            onChange={(quizItems) => onChange({ quizItems })}
          />
          <Number
            label="minutes, at most"
            value={wish.minutes}
            most={240}
            onChange={(minutes) => onChange({ minutes })}
          />
          <Number label="rounds, until" value={wish.rounds} most={9} onChange={(rounds) => onChange({ rounds })} />
          <Number
            label="percent"
            value={wish.quizPercent}
            most={100}
            onChange={(quizPercent) => onChange({ quizPercent })}
          />
          <label className="flex gap-1.5">
            <input type="checkbox" checked={wish.quizWork} onChange={(e) => onChange({ quizWork: e.target.checked })} />
            work must be shown
          </label>
        </div>
      )}
    </fieldset>
  );
}

/** A whole number from 1 up. */
export function Number({
  label,
  value,
  most,
  onChange,
}: {
  label: string;
  value: number;
  most: number;
  onChange: (value: number) => void;
}) {
  return (
    <label className="flex items-center gap-1.5">
      <input
        type="number"
        min={1}
        max={most}
        required
        className="w-20 rounded-slip border border-edge bg-paper px-2 py-1"
        value={value}
        onChange={(e) => onChange(e.target.valueAsNumber || 1)}
      />
      {label}
    </label>
  );
}
