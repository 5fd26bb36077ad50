import { useState } from 'react';
import { AskFirst } from '../../ui/AskFirst';
import { Button } from '../../ui/Button';
import { INPUT, Labelled } from '../../ui/Labelled';
import { Notice } from '../../ui/Notice';
import { Refused } from '../../ui/Refused';
import { TopBar } from '../../ui/TopBar';
import { Arrival } from './Arrival';
import { Colleagues } from './Colleagues';
import { CourseForm } from './CourseForm';
import { EraseClass } from './EraseClass';
import { GoalForm } from './GoalForm';
import { type ClassesHand, type SchoolClass, useClasses } from './useClasses';

/** The classes of an instructor: which is open, making another, and the goal of the open one. */
export default function ClassesScreen() {
  const hand = useClasses();
  const open = hand.all.data?.find((c) => c.isOpen);
  return (
    <div className="min-h-screen">
      <TopBar />
      <main className="page gap-8">
        <h1 className="font-serif text-3xl font-bold">Your classes</h1>
        {hand.all.isPending && <Notice title="Looking up your classes." />}
        {hand.all.isError && <Notice title="This could not be loaded.">{hand.all.error.message}</Notice>}
        <ul className="grid gap-3">
          {hand.all.data?.map((c) => (
            <ClassRow key={c.id} row={c} hand={hand} />
          ))}
        </ul>
        <NewClass hand={hand} />
        <Arrival />
        {open !== undefined && <GoalForm key={`${open.id}${open.goal?.date}`} of={open} hand={hand} />}
        {open !== undefined && <CourseForm key={`course of ${open.id}`} className={open.name} />}
        {open !== undefined && <Colleagues className={open.name} />}
      </main>
    </div>
  );
}

function ClassRow({ row, hand }: { row: SchoolClass; hand: ClassesHand }) {
  const [name, setName] = useState<string | null>(null);
  return (
    <li
      className={`grid gap-2 rounded-slip border bg-leaf p-4 ${row.isOpen ? 'border-2 border-spruce' : 'border-rule'}`}
    >
      <div className="flex flex-wrap items-center justify-between gap-x-6 gap-y-2">
        <div>
          <h2 className={`font-serif text-xl font-semibold ${row.isOver ? 'text-soft' : ''}`}>{row.name}</h2>
          <p className="text-soft">
            {row.students === 1 ? 'One student' : `${row.students} students`}
            {row.isOpen && '. Open now'}
            {row.isOver && '. Over'}
          </p>
        </div>
        <span className="flex flex-wrap gap-2">
          {!row.isOpen && (
            <Button look="main" disabled={hand.open.isPending} onClick={() => hand.open.mutate(row.id)}>
              Open it
            </Button>
          )}
          <Button onClick={() => setName(row.name)}>Rename</Button>
          {row.isOver && <Button onClick={() => hand.over.mutate({ id: row.id, is: false })}>Take it up again</Button>}
          {row.isOver && !row.isOpen && <EraseClass id={row.id} name={row.name} />}
          {!row.isOver && !row.isOpen && (
            <AskFirst
              name="It is over"
              words="It goes to the end of this list. Its students can still sign in and look back, and you can take it up again."
              yes="Yes, it is over"
              onYes={() => hand.over.mutate({ id: row.id, is: true })}
            />
          )}
        </span>
      </div>
      {name !== null && (
        <form
          className="flex flex-wrap items-end gap-3"
          onSubmit={(e) => {
            e.preventDefault();
            hand.rename.mutate({ id: row.id, name }, { onSuccess: () => setName(null) });
          }}
        >
          <Labelled name="Its new name">
            <input className={INPUT} value={name} maxLength={100} required onChange={(e) => setName(e.target.value)} />
          </Labelled>
          <Button type="submit" look="main" disabled={hand.rename.isPending}>
            Save
          </Button>
          <Button onClick={() => setName(null)}>Not now</Button>
        </form>
      )}
      <Refused
        by={[hand.rename, hand.open, hand.over].filter((m) => m.isError && variablesOf(m.variables) === row.id)}
      />
    </li>
  );
}

/** The class that an action was about. */
function variablesOf(about: string | { id: string } | undefined): string | undefined {
  return typeof about === 'string' ? about : about?.id;
}

function NewClass({ hand }: { hand: ClassesHand }) {
  const [name, setName] = useState('');
  return (
    <form
      className="flex flex-wrap items-end gap-3"
      onSubmit={(e) => {
        e.preventDefault();
        hand.make.mutate(name, { onSuccess: () => setName('') });
      }}
    >
      <Labelled name="Another class">
        <input
          className={`${INPUT} w-80 max-w-full`}
          value={name}
          maxLength={100}
          required
          onChange={(e) => setName(e.target.value)}
        />
      </Labelled>
      <Button type="submit" disabled={hand.make.isPending}>
        Make and open it
      </Button>
      <Refused by={[hand.make]} />
    </form>
  );
}
