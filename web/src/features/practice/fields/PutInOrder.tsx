import type { DragEvent, KeyboardEvent, ReactNode } from 'react';
import type { Schemas } from '../../../api/client';
import { announce } from '../../../ui/announce';
import { OrderCard, RightOrder } from './OrderCard';
import { listOf, moved, placed, taken } from './order';
import type { FieldProps } from './types';

type Option = Schemas['ShownOption'];
type Props = FieldProps & { options: Option[] };

/** What can be done to an order, each thing told to those who listen. */
function useOrder({ field, value, onChange, onEnter, options }: Props) {
  const order = listOf(value);
  const named = (id: string) => field.spoken[id] ?? options.find((o) => o.id === id)?.text ?? id;
  const send = (next: string[], id: string) => {
    onChange(next.join(','));
    announce(next.includes(id) ? `${named(id)} is in place ${next.indexOf(id) + 1}.` : `${named(id)} was taken back.`);
  };
  return {
    order,
    nameOf: (id: string) =>
      order.includes(id)
        ? `Place ${order.indexOf(id) + 1}: ${named(id)}. Press to take it back.`
        : `${named(id)}. Press to put it in place ${order.length + 1}.`,
    press: (id: string) => send(order.includes(id) ? taken(order, id) : [...order, id], id),
    key: (event: KeyboardEvent, id: string) => {
      const step = event.key === 'ArrowLeft' ? -1 : event.key === 'ArrowRight' ? 1 : 0;
      if (event.key === 'Enter') {
        event.preventDefault();
        onEnter();
      } else if (step !== 0 && order.includes(id)) {
        event.preventDefault();
        send(moved(order, id, step), id);
      }
    },
    drop: (event: DragEvent, place: number) => {
      event.preventDefault();
      const id = event.dataTransfer.getData('text/plain');
      if (options.some((option) => option.id === id)) {
        send(placed(order, id, place), id);
      }
    },
  };
}

/** Things to put in order: pressed one after the other, or dragged to their places. Sends their ids in that order. */
export function PutInOrder(props: Props) {
  const { field, disabled, right, options } = props;
  const { order, nameOf, press, key, drop } = useOrder(props);
  const rest = options.filter((option) => !order.includes(option.id));
  const card = (option: Option) => (
    <OrderCard
      option={option}
      name={nameOf(option.id)}
      disabled={disabled}
      onPress={() => press(option.id)}
      onKey={(event) => key(event, option.id)}
    />
  );
  return (
    <div className="grid gap-3">
      <ol aria-label={field.label} className="flex flex-wrap gap-2">
        {options.map((option, place) => (
          // oxlint-disable-next-line jsx-a11y/no-noninteractive-element-interactions -- dragging is one way of three
          <li
            key={option.id}
            className="grid min-w-24 gap-1 text-center"
            onDragOver={(event) => event.preventDefault()}
            onDrop={(event) => drop(event, place)}
          >
            <span className="text-sm text-soft">{place + 1}.</span>
            <Placed option={options.find((o) => o.id === order[place])} card={card} />
          </li>
        ))}
      </ol>
      {!disabled && (
        <>
          <div role="group" aria-label="Still to be placed" className="flex flex-wrap gap-2">
            {rest.map((option) => (
              <span key={option.id} className="min-w-24">
                {card(option)}
              </span>
            ))}
          </div>
          <p className="text-sm text-soft">
            {rest.length === 0
              ? 'All are in place. The arrow keys move one to the left or right; pressing one takes it back.'
              : `${field.label}: press what comes ${order.length === 0 ? 'first' : 'next'}, or drag it to its place.`}
          </p>
        </>
      )}
      {right !== undefined && <RightOrder ids={right} options={options} spoken={field.spoken} />}
    </div>
  );
}

function Placed({ option, card }: { option: Option | undefined; card: (option: Option) => ReactNode }) {
  return option === undefined ? (
    <span className="min-h-11 rounded-slip border-2 border-dashed border-edge">
      <span className="sr-only">empty</span>
    </span>
  ) : (
    card(option)
  );
}
