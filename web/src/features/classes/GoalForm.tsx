import { useState } from 'react';
import { Button } from '../../ui/Button';
import { INPUT, Labelled } from '../../ui/Labelled';
import { Refused } from '../../ui/Refused';
import { day } from '../../ui/dates';
import type { ClassesHand, SchoolClass } from './useClasses';

/** What the class wants to know by when: it draws the pace line of every student. */
export function GoalForm({ of, hand }: { of: SchoolClass; hand: ClassesHand }) {
  const [skills, setSkills] = useState(of.goal?.skills ?? 20);
  const [date, setDate] = useState(of.goal?.date ?? '');
  return (
    <section aria-label="Goal" className="grid gap-2 rounded-slip border border-rule bg-leaf p-5">
      <h2 className="font-serif text-xl font-semibold">Goal of {of.name}</h2>
      <p className="text-soft">
        {of.goal === undefined
          ? 'With a goal, students see a line from today to that day in their progress. Without one they see only what is due.'
          : `${of.goal.skills} skills by ${day(of.goal.date)}, counted from ${day(of.goal.start)}. Every student sees the line to it in their progress.`}
      </p>
      <form
        className="flex flex-wrap items-end gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          hand.aim.mutate({ skills, date });
        }}
      >
        <Labelled name="Skills known">
          <input
            type="number"
            min={1}
            required
            className={`${INPUT} w-24`}
            value={skills}
            onChange={(e) => setSkills(e.target.valueAsNumber || 1)}
          />
        </Labelled>
        <Labelled name="By the end of">
          <input type="date" required className={INPUT} value={date} onChange={(e) => setDate(e.target.value)} />
        </Labelled>
        <Button type="submit" disabled={hand.aim.isPending || date === ''}>
          Set the goal
        </Button>
        {of.goal !== undefined && (
          <Button look="quiet" disabled={hand.aim.isPending} onClick={() => hand.aim.mutate(undefined)}>
            Take it away
          </Button>
        )}
      </form>
      <Refused by={[hand.aim]} />
    </section>
  );
}
