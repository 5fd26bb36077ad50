import { Fragment, type KeyboardEvent, type ReactNode, useState } from 'react';
import type { Schemas } from '../../../api/client';
import { boxOf } from '../../../figures/geometry';
import { type Scene, SceneView } from '../../../figures/SceneView';
import { Cell, ColumnHead } from '../../../ui/Table';
import { RichText } from '../../../ui/RichText';
import { Tex } from '../../../ui/Tex';
import { FieldInput } from './FieldInput';
import { SmallTyped } from './SmallTyped';
import { Wanted } from './Wanted';
import type { FieldProps } from './types';

type Props = {
  part: Schemas['PartView'];
  entries: Record<string, string>;
  onChange: (id: string, value: string) => void;
  onEnter: () => void;
  takesFocus?: boolean;
  /** Closed: to be looked at, not to be changed. */ closed?: boolean;
};

const FIRST = '[data-answer][data-state=checked], input[data-answer], [data-answer]';

/** The keyboard begins with what is chosen, else with the first place to answer. */
export const focusAnswer = (within: HTMLElement | null, options?: FocusOptions) =>
  within?.querySelector<HTMLElement>(FIRST)?.focus(options);

/**
 * Enter checks, wherever in the answer one is; the space bar chooses. Fields that are typed in take care of it
 * themselves.
 */
export function enterChecks(event: KeyboardEvent, onEnter: () => void) {
  const isAnswer = event.target instanceof Element && event.target.closest('[data-answer], [data-slot]') !== null;
  if (event.key === 'Enter' && isAnswer && !event.defaultPrevented) {
    event.preventDefault();
    onEnter();
  }
}

/** The fields of a part where its layout puts them, with the form that is wanted. */
export function PartFields(props: Props) {
  return (
    <>
      <Placed {...props} />
      {props.closed !== true && <Wanted part={props.part} />}
    </>
  );
}

function Placed(props: Props) {
  const { layout } = props.part;
  switch (layout.kind) {
    case 'Stacked':
      return props.part.fields.map((field) => <Labelled key={field.id} {...propsOf(props, field)} part={props.part} />);
    case 'InSentence':
      return (
        <p className="font-serif text-xl leading-loose">
          <Template
            text={layout.template}
            render={(text) => <RichText text={text} />}
            place={(id) => place(props, id, inCell)}
          />
        </p>
      );
    case 'InFormula':
      return (
        <div className="flex flex-wrap items-center gap-2 text-xl">
          <Template
            text={layout.template}
            render={(text) => (text.trim() === '' ? null : <Tex latex={text} />)}
            place={(id) => place(props, id, (p) => <SmallTyped {...p} wide />)}
          />
        </div>
      );
    case 'InTable':
      return <CellTable {...props} layout={layout} />;
    case 'OnFigure':
      return <Labels {...props} scene={layout.scene} />;
    default: {
      const never: never = layout;
      return never;
    }
  }
}

function propsOf(
  { part, entries, onChange, onEnter, takesFocus = false, closed = false }: Props,
  field: Schemas['FieldView'],
): FieldProps {
  const first = takesFocus && field.id === part.fields[0]?.id;
  const right = closed ? part.answers.find((a) => a.fieldId === field.id)?.options : undefined;
  return {
    field,
    value: entries[field.id] ?? '',
    onChange: (value) => onChange(field.id, value),
    onEnter,
    disabled: closed,
    first,
    right,
  };
}

function place(props: Props, id: string, render: (props: FieldProps) => ReactNode): ReactNode {
  const field = props.part.fields.find((f) => f.id === id);
  return field === undefined ? null : render(propsOf(props, field));
}

const OPTIONS = ['ChooseOne', 'ChooseAll', 'PickFromList', 'DropLabel'];

/** Of several choices each says what it is about; a single one is what the part asks. */
function Labelled({ part, ...props }: FieldProps & Pick<Props, 'part'>) {
  const { label, response } = props.field;
  return part.fields.length === 1 || label === '' || !OPTIONS.includes(response.kind) ? (
    <FieldInput {...props} />
  ) : (
    <div className="grid justify-items-start gap-1">
      <p aria-hidden="true" data-label>
        {label}
      </p>
      <FieldInput {...props} />
    </div>
  );
}

/** Text with places `{{id}}`. */
function Template({
  text,
  render,
  place: at,
}: {
  text: string;
  render: (text: string) => ReactNode;
  place: (id: string) => ReactNode;
}) {
  return text.split(/(\{\{\w+\}\})/).map((piece, i) => (
    // oxlint-disable-next-line react/no-array-index-key -- the pieces of a template never move
    <Fragment key={i}>{piece.startsWith('{{') ? at(piece.slice(2, -2)) : render(piece)}</Fragment>
  ));
}

function CellTable({ layout, ...props }: Props & { layout: Schemas['ShownLayoutInTable'] }) {
  const sum = (row: string[]) =>
    row.reduce((total, cell) => total + (Number(props.entries[cell.replace(/[{}]/g, '')]) || 0), 0);
  const head = layout.sums ? [...layout.head, 'sum'] : layout.head;
  return (
    <table className="w-fit border-collapse">
      <thead>
        <tr>
          {head.map((cell, i) => (
            // oxlint-disable-next-line react/no-array-index-key -- two columns may have the same name
            <ColumnHead key={i} className="px-2 py-1 text-left" isEmpty={cell === ''}>
              <RichText text={cell} />
            </ColumnHead>
          ))}
        </tr>
      </thead>
      <tbody>
        {layout.rows.map((row) => (
          <tr key={row.join('|')} className="border-t border-rule">
            {row.map((cell, i) => (
              // oxlint-disable-next-line react/no-array-index-key -- two cells may hold the same
              <Cell key={i} head={i === 0 && head[0] === ''} className="px-2 py-1">
                {cell.startsWith('{{') ? place(props, cell.slice(2, -2), inCell) : <RichText text={cell} />}
              </Cell>
            ))}
            {layout.sums && <td className="px-2 py-1 text-soft">{sum(row).toFixed(2)}</td>}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** What is typed into a sentence or a table has a small box. */
const inCell = (props: FieldProps) =>
  props.field.response.kind === 'Typed' ? <SmallTyped {...props} /> : <FieldInput {...props} />;

/** Labels to drag, or to pick up and put down, onto the places of a bar. */
function Labels({ part, entries, onChange, scene, closed = false }: Props & { scene: Scene }) {
  const [held, setHeld] = useState<string | null>(null);
  const response = part.fields[0]?.response;
  const labels = response?.kind === 'DropLabel' ? response.labels : [];
  const textOf = (id: string) => labels.find((l) => l.id === id)?.text ?? '';
  const put = (fieldId: string, label: string | null) => {
    if (label !== null) {
      part.fields.filter((f) => f.id !== fieldId && entries[f.id] === label).forEach((f) => onChange(f.id, ''));
    }
    onChange(fieldId, label ?? '');
    setHeld(null);
  };
  const slot = (id: string) => {
    const field = part.fields.find((f) => f.id === id);
    const value = entries[id] ?? '';
    if (field !== undefined && closed) {
      return (
        <span className="block min-h-9 w-full rounded border-2 border-edge bg-leaf pt-1 text-center text-[15px]">
          {value === '' ? '–' : textOf(value)}
        </span>
      );
    }
    return field === undefined ? undefined : (
      <button
        type="button"
        data-slot={id}
        aria-label={`${field.label}: ${value === '' ? 'empty' : textOf(value)}${held === null ? '' : `, put ${textOf(held)} here`}`}
        className={`min-h-9 w-full cursor-pointer rounded border-2 bg-leaf text-[15px] ${value === '' ? 'border-dashed border-edge' : 'border-ink'}`}
        onClick={() => put(id, held)}
        onDragOver={(e) => e.preventDefault()}
        onDrop={(e) => {
          e.preventDefault();
          put(id, e.dataTransfer.getData('text/plain'));
        }}
      >
        {value === '' ? 'put here' : textOf(value)}
      </button>
    );
  };
  return (
    <div className="grid gap-3">
      <div role="group" aria-label="Labels" className={`flex-wrap items-center gap-2 ${closed ? 'hidden' : 'flex'}`}>
        {labels.map((label) => (
          <button
            key={label.id}
            type="button"
            draggable
            data-answer={closed ? undefined : ''}
            data-label={label.id}
            aria-pressed={held === label.id}
            onClick={() => setHeld(held === label.id ? null : label.id)}
            onDragStart={(e) => e.dataTransfer.setData('text/plain', label.id)}
            className={`min-h-10 cursor-grab rounded-slip border-2 px-4 ${held === label.id ? 'border-larch-mark bg-larch-wash' : 'border-edge bg-leaf'}`}
          >
            {label.text}
          </button>
        ))}
        <span role="status" className="text-sm text-soft">
          {held === null
            ? 'Drag a label, or choose it and then its place.'
            : `Now choose the place for ${textOf(held)}.`}
        </span>
      </div>
      <SceneView scene={scene} interactive>
        {scene.spots.map((spot) => (
          <foreignObject key={spot.id} {...boxOf(spot)}>
            {slot(spot.id)}
          </foreignObject>
        ))}
      </SceneView>
    </div>
  );
}
