import { useState } from 'react';
import { Button } from '../../ui/Button';
import { Refused } from '../../ui/Refused';
import { CourseMaker } from './CourseMaker';
import { type CourseView, useCourses } from './useCourses';

/** What the open class works through: it sets what is on the map, and what the starting check asks. */
export function CourseForm({ className }: { className: string }) {
  const { all, take, put, withdraw } = useCourses();
  const [picked, setPicked] = useState<string | null>(null);
  const [making, setMaking] = useState(false);
  const rows = all.data ?? [];
  const chosen = rows.find((c) => c.isChosen);
  const [whole] = rows;
  if (chosen === undefined || whole === undefined) {
    return <Refused by={[all]} />;
  }
  const shown = rows.find((c) => c.id === picked) ?? chosen;
  return (
    <div className="grid gap-3">
      <form
        aria-label="Course"
        className="grid gap-3 rounded-slip border border-rule bg-leaf p-5"
        onSubmit={(e) => {
          e.preventDefault();
          take.mutate(picked ?? chosen.id, { onSuccess: () => setPicked(null) });
        }}
      >
        <h2 className="font-serif text-xl font-semibold">Course of {className}</h2>
        <p className="text-soft">
          The map of your students shows the skills of the course, and the starting check asks about them. You can still
          set any other skill, and nothing that was practised is lost.
        </p>
        <fieldset className="grid gap-1">
          <legend className="sr-only">Courses</legend>
          {rows.map((course) => (
            <CourseChoice
              key={course.id}
              course={course}
              isPicked={course.id === shown.id}
              onPick={() => setPicked(course.id)}
            />
          ))}
        </fieldset>
        <div className="flex flex-wrap items-center gap-4">
          <Button type="submit" disabled={take.isPending || shown.id === chosen.id}>
            Take this course
          </Button>
          {!making && (
            <Button onClick={() => setMaking(true)}>
              {shown.isOwn ? 'Change this course' : 'Put a course of your own together'}
            </Button>
          )}
          {shown.isOwn && !making && (
            <Button
              look="quiet"
              disabled={withdraw.isPending}
              onClick={() => withdraw.mutate(shown.id, { onSuccess: () => setPicked(null) })}
            >
              Take it off the list
            </Button>
          )}
          <span role="status" className="text-soft">
            {(take.isSuccess || put.isSuccess) && picked === null && !making
              ? `The class works through “${chosen.title}” now.`
              : ''}
          </span>
        </div>
        <Refused by={[take, withdraw]} />
      </form>
      {making && (
        <CourseMaker
          key={shown.id}
          from={shown}
          whole={whole}
          put={put}
          onDone={() => {
            setMaking(false);
            setPicked(null);
          }}
        />
      )}
    </div>
  );
}

/** So many names can be taken in at a glance; the map shows longer courses better. */
const LISTED = 24;

interface ChoiceProps {
  course: CourseView;
  isPicked: boolean;
  onPick: () => void;
}

function CourseChoice({ course, isPicked, onPick }: ChoiceProps) {
  return (
    <div>
      <label className="flex items-baseline gap-3 py-0.5">
        <input type="radio" name="course" checked={isPicked} onChange={onPick} />
        <span>
          {course.title} <span className="text-soft">({course.skills.length} skills)</span>
        </span>
      </label>
      {isPicked && course.skills.length <= LISTED && (
        <p className="ml-7 max-w-[46rem] text-sm text-soft">{course.skills.map((s) => s.name).join(' · ')}</p>
      )}
    </div>
  );
}
