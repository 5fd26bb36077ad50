import { RadioGroup } from 'radix-ui';
import type { KeyboardEvent } from 'react';
import type { Schemas } from '../../../api/client';
import { SceneView } from '../../../figures/SceneView';
import { RichText } from '../../../ui/RichText';
import { VerdictMark } from '../../../ui/VerdictMark';
import { type FieldProps, idsOf, toggled } from './types';

type Props = FieldProps & { options: Schemas['ShownOption'][] };

const CARD =
  'flex min-h-12 cursor-pointer items-center gap-3 rounded-slip border border-edge bg-leaf px-4 py-1.5 text-left text-lg disabled:cursor-default';

function onEnterKey(onEnter: () => void) {
  return (event: KeyboardEvent) => {
    if (event.key === 'Enter') {
      event.preventDefault();
      onEnter();
    }
  };
}

function gridOf(options: Schemas['ShownOption'][]): string {
  return options.some((o) => o.scene !== undefined) ? 'grid max-w-xl gap-2 sm:grid-cols-2' : 'grid max-w-xl gap-2';
}

function Content({ option }: { option: Schemas['ShownOption'] }) {
  return option.scene === undefined ? (
    <span>
      <RichText text={option.text} />
    </span>
  ) : (
    <SceneView scene={option.scene} />
  );
}

function nameOf(field: Schemas['FieldView'], option: Schemas['ShownOption'], right: string[] | undefined): string {
  return `${field.spoken[option.id] ?? option.text}${right?.includes(option.id) === true ? ', right' : ''}`;
}

/** Says of an option that it is right, once that may be said. */
function RightMark({ option, right }: { option: Schemas['ShownOption']; right: string[] | undefined }) {
  return right?.includes(option.id) !== true ? null : (
    <span className="ml-auto flex items-center gap-1.5 text-base font-semibold text-spruce" data-right-answer>
      <VerdictMark verdict="correct" /> right
    </span>
  );
}

export function ChooseOne({ field, value, onChange, onEnter, disabled, right, options }: Props) {
  return (
    <RadioGroup.Root
      value={value}
      onValueChange={onChange}
      disabled={disabled}
      aria-label={field.label}
      className={gridOf(options)}
    >
      {options.map((option) => (
        <RadioGroup.Item
          key={option.id}
          value={option.id}
          aria-label={nameOf(field, option, right)}
          data-answer={disabled ? undefined : ''}
          onKeyDown={onEnterKey(onEnter)}
          className={`${CARD} data-[state=checked]:border-2 data-[state=checked]:border-ink`}
        >
          <span className="flex size-5 shrink-0 items-center justify-center rounded-full border-2 border-ink">
            <RadioGroup.Indicator className="size-2.5 rounded-full bg-ink" />
          </span>
          <Content option={option} />
          <RightMark option={option} right={right} />
        </RadioGroup.Item>
      ))}
    </RadioGroup.Root>
  );
}

export function ChooseAll({ field, value, onChange, onEnter, disabled, right, options }: Props) {
  const chosen = idsOf(value);
  return (
    <div role="group" aria-label={field.label} className={gridOf(options)}>
      {options.map((option) => {
        const on = chosen.has(option.id);
        return (
          <button
            key={option.id}
            type="button"
            role="checkbox"
            aria-checked={on}
            aria-label={nameOf(field, option, right)}
            data-answer={disabled ? undefined : ''}
            data-option={option.id}
            disabled={disabled}
            onClick={() => onChange(toggled(value, option.id))}
            onKeyDown={onEnterKey(onEnter)}
            className={`${CARD} ${on ? 'border-2 border-ink' : ''}`}
          >
            <span
              className="flex size-5 shrink-0 items-center justify-center rounded-sm border-2 border-ink text-sm font-bold"
              aria-hidden="true"
            >
              {on ? '✓' : ''}
            </span>
            <Content option={option} />
            <RightMark option={option} right={right} />
          </button>
        );
      })}
    </div>
  );
}

/** A list inside a sentence. */
export function PickFromList({ field, value, onChange, onEnter, disabled, options }: Props) {
  return (
    <select
      aria-label={field.label}
      data-answer={disabled ? undefined : ''}
      value={value}
      disabled={disabled}
      onChange={(e) => onChange(e.target.value)}
      onKeyDown={(e) => {
        if (e.key === 'Enter' && value !== '') {
          e.preventDefault();
          onEnter();
        }
      }}
      className="mx-1 rounded-slip border-2 border-ink bg-leaf px-2 py-1 text-lg"
    >
      <option value="">choose …</option>
      {options.map((option) => (
        <option key={option.id} value={option.id}>
          {option.text}
        </option>
      ))}
    </select>
  );
}
