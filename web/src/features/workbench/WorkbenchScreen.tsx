import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { Button } from '../../ui/Button';
import { day } from '../../ui/dates';
import { FilePicker } from '../../ui/FilePicker';
import { INPUT, Labelled } from '../../ui/Labelled';
import { Notice } from '../../ui/Notice';
import { Refused } from '../../ui/Refused';
import { TopBar } from '../../ui/TopBar';
import { ExampleForm } from './ExampleForm';
import { FilePlanned } from './FilePlanned';
import { type FilePlan, useBegin, useBench, useFilePlan } from './useWorkbench';
import { STANDING } from './words';

/** Skills that the class has of its own, and how to begin another one. */
export default function WorkbenchScreen() {
  const bench = useBench();
  return (
    <div className="min-h-screen">
      <TopBar />
      <main className="page max-w-5xl gap-5">
        <h1 className="font-serif text-3xl font-bold">Skills of your own</h1>
        <p className="max-w-2xl text-soft">
          Write a skill as a document: what is drawn, asked, hinted and explained. You see an item beside it as you
          write. When everything holds for all its items, put it to use; then it can be assigned like any other.
        </p>
        {bench.isPending && <Notice title="Looking up the skills." />}
        {bench.isError && <Notice title="This could not be loaded.">{bench.error.message}</Notice>}
        {bench.isSuccess && <Begin sources={bench.data.sources} />}
        {bench.isSuccess &&
          (bench.data.skills.length === 0 ? (
            <Notice title="No skills of your own yet.">Begin with the example, and change it to what you need.</Notice>
          ) : (
            <ul className="grid gap-2">
              {bench.data.skills.map((skill) => (
                <li key={skill.id} className="flex flex-wrap items-baseline gap-x-4 border-b border-rule py-2">
                  <Link to={`/workbench/${skill.id}`} className="text-lg font-semibold">
                    {skill.name}
                  </Link>
                  <span>{STANDING[skill.state].word}</span>
                  <span className="text-sm text-soft">changed {day(skill.changedAt)}</span>
                </li>
              ))}
            </ul>
          ))}
      </main>
    </div>
  );
}

function Begin({ sources }: { sources: { id: string; name: string }[] }) {
  const navigate = useNavigate();
  const { sent, begin } = useBegin((draft) => void navigate(`/workbench/${draft.id}`));
  const [source, setSource] = useState(sources[0]?.id ?? '');
  const [typing, setTyping] = useState(false);
  const planned = useFilePlan();
  /** The document of a skill is opened as it is: there is nothing to choose. */
  const open = ({ file, plan }: { file: File; plan: FilePlan }) => {
    if (plan.items.length === 0) {
      begin(file);
    }
  };
  if (typing) {
    return <ExampleForm onLeave={() => setTyping(false)} />;
  }
  return (
    <section aria-label="Begin a skill" className="grid gap-3 rounded-slip border border-rule bg-leaf p-4">
      <div className="flex flex-wrap items-end gap-4">
        <Button look="main" disabled={sent.isPending} onClick={() => begin({})}>
          Begin with an example
        </Button>
        <Button onClick={() => setTyping(true)}>Begin with an item of yours</Button>
        <Labelled name="or with a copy of">
          <select className={INPUT} value={source} onChange={(e) => setSource(e.target.value)}>
            {sources.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </Labelled>
        <Button disabled={sent.isPending || source === ''} onClick={() => begin({ source })}>
          Copy it
        </Button>
        <FilePicker
          label="A skill as a file"
          accept=".yaml,.yml,.json,.xml,.zip"
          disabled={sent.isPending || planned.isPending}
          onFiles={([file]) => file !== undefined && planned.mutate(file, { onSuccess: open })}
        >
          Open a file, or QTI items
        </FilePicker>
      </div>
      <Refused by={[planned, sent]} />
      {planned.isPending && <p role="status">Reading the file …</p>}
      {planned.data !== undefined && planned.data.plan.items.length > 0 && (
        <FilePlanned
          plan={planned.data.plan}
          pending={sent.isPending}
          onBegin={() => begin(planned.data.file)}
          onLeave={() => planned.reset()}
        />
      )}
    </section>
  );
}
