import { Number } from './Targets';
import type { Wish } from './wish';

type Policy = Wish['policy'];

/** What students may do on the way. */
export function Policies({ wish, onChange }: { wish: Wish; onChange: (part: Partial<Wish>) => void }) {
  const { policy } = wish;
  const set = (part: Partial<Policy>) => onChange({ policy: { ...policy, ...part } });
  return (
    <details>
      <summary className="cursor-pointer font-semibold">
        Rules: {policy.openTries === 1 ? '1 try' : `${policy.openTries} tries`}, {policy.hints ? 'hints' : 'no hints'},
        work {policy.work === 'REQUIRED' ? 'must be shown' : 'if they like'}
      </summary>
      <div className="mt-2 grid gap-2">
        <span className="flex flex-wrap gap-4">
          <Number
            label="tries on typed answers"
            value={policy.openTries}
            most={9}
            onChange={(openTries) => set({ openTries })}
          />
          <Number
            label="on a choice of one"
            value={policy.choiceTries}
            most={9}
            onChange={(choiceTries) => set({ choiceTries })}
          />
          <Number
            label="on a choice of several"
            value={policy.allTries}
            most={9}
            onChange={(allTries) => set({ allTries })}
          />
        </span>
        <span className="flex flex-wrap gap-4">
          <Check label="hints" on={policy.hints} onChange={(hints) => set({ hints })} />
          <Check label="worked examples" on={policy.example} onChange={(example) => set({ example })} />
          <Check label="a similar item after a miss" on={policy.similar} onChange={(similar) => set({ similar })} />
          <Check
            label="the first answer in the wrong form costs no try"
            on={policy.freeForms > 0}
            onChange={(on) => set({ freeForms: on ? 1 : 0 })}
          />
        </span>
        <span className="flex flex-wrap gap-4">
          <Choose
            label="Students may check their own lines"
            value={policy.lineCheck}
            options={[
              ['NEVER', 'never'],
              ['AFTER_MISS', 'after a first miss'],
              ['ALWAYS', 'at any time'],
            ]}
            onChange={(lineCheck) => set({ lineCheck })}
          />
          <Choose
            label="Calculator"
            value={policy.calculator}
            options={[
              ['NEVER', 'never'],
              ['AS_ITEM', 'as the item says'],
              ['ALWAYS', 'always'],
            ]}
            onChange={(calculator) => set({ calculator })}
          />
          <Choose
            label="Work"
            value={policy.work}
            options={[
              ['NONE', 'not asked for'],
              ['OPTIONAL', 'if they like'],
              ['REQUIRED', 'must be shown, and is read'],
            ]}
            onChange={(work) => set({ work })}
          />
        </span>
      </div>
    </details>
  );
}

function Check({ label, on, onChange }: { label: string; on: boolean; onChange: (on: boolean) => void }) {
  return (
    <label className="flex gap-1.5">
      <input type="checkbox" checked={on} onChange={(e) => onChange(e.target.checked)} />
      {label}
    </label>
  );
}

function Choose<T extends string>({
  label,
  value,
  options,
  onChange,
}: {
  label: string;
  value: T;
  options: [T, string][];
  onChange: (value: T) => void;
}) {
  return (
    <label className="grid gap-1">
      <span className="text-sm text-soft">{label}</span>
      <select
        className="rounded-slip border border-edge bg-paper px-2 py-1.5"
        value={value}
        onChange={(e) => {
          const chosen = options.find(([v]) => v === e.target.value);
          if (chosen !== undefined) {
            onChange(chosen[0]);
          }
        }}
      >
        {options.map(([v, name]) => (
          <option key={v} value={v}>
            {name}
          </option>
        ))}
      </select>
    </label>
  );
}
