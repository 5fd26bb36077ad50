import { Tabs } from 'radix-ui';
import { useRef, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { plain, TwoWindows } from '../../outbox/TwoWindows';
import { useWords } from '../../outbox/words';
import { AskFirst } from '../../ui/AskFirst';
import { Button } from '../../ui/Button';
import { Notice } from '../../ui/Notice';
import { Refused } from '../../ui/Refused';
import { TAB } from '../../ui/tab';
import { TopBar } from '../../ui/TopBar';
import { Editor, type EditorHandle } from './Editor';
import { FormPane } from './form/FormPane';
import { HelpPane } from './HelpPane';
import { LiveItem } from './LiveItem';
import { ProofPanel } from './ProofPanel';
import { useLanguage, wordsOf } from './useLanguage';
import { type Draft, useDraft, useStanding, useText } from './useWorkbench';
import { STANDING } from './words';

/** One skill on the bench: its document, an item as a student sees it, and the proof. */
export default function DraftScreen() {
  const { id = '' } = useParams();
  const draft = useDraft(id);
  return (
    <div className="min-h-screen">
      <TopBar />
      <main className="grid gap-4 p-6">
        {draft.isPending && <Notice title="Fetching the skill." />}
        {draft.isError && <Notice title="This skill cannot be opened.">{draft.error.message}</Notice>}
        {draft.isSuccess && <Bench key={id} draft={draft.data} />}
      </main>
    </div>
  );
}

function Bench({ draft }: { draft: Draft }) {
  const editor = useRef<EditorHandle>(null);
  const text = useText(draft);
  const [side, setSide] = useState('text');
  const words = wordsOf(useLanguage().data ?? []);
  const goTo = (line: number) => {
    setSide('text');
    // The text is on top only after this.
    window.setTimeout(() => editor.current?.goTo(line));
  };
  return (
    <>
      <header className="flex flex-wrap items-baseline gap-x-4 gap-y-2">
        <h1 className="font-serif text-2xl font-bold">{draft.name}</h1>
        <span className="text-soft">
          <strong>{STANDING[draft.state].word}</strong>
          {draft.version > 0 && `, version ${draft.version}`}. {STANDING[draft.state].sentence}
        </span>
        <span role="status" className="text-sm text-soft">
          {useWords('document', text.state)}
        </span>
      </header>
      <Standing draft={draft} isKept={text.state === 'kept'} />
      <TwoWindows sides={text.twoSides} show={plain} />
      <div className="grid gap-6 lg:grid-cols-2">
        <Tabs.Root value={side} onValueChange={setSide} className="min-w-0">
          <Tabs.List className="mb-2 flex gap-2 border-b border-rule" aria-label="Ways to write it">
            <Tabs.Trigger value="text" className={TAB}>
              Text
            </Tabs.Trigger>
            <Tabs.Trigger value="form" className={TAB}>
              Form
            </Tabs.Trigger>
            <Tabs.Trigger value="help" className={TAB}>
              Reference
            </Tabs.Trigger>
          </Tabs.List>
          <Tabs.Content value="text" forceMount className="data-[state=inactive]:hidden">
            <Editor
              value={text.value}
              faults={draft.faults}
              words={words}
              onChange={(next) => text.change(() => next)}
              handle={editor}
            />
          </Tabs.Content>
          <Tabs.Content value="form">
            <FormPane text={text.value} onText={(next) => text.change(() => next)} onLine={goTo} />
          </Tabs.Content>
          <Tabs.Content value="help">
            <HelpPane />
          </Tabs.Content>
        </Tabs.Root>
        <LiveItem draft={draft} />
      </div>
      <ProofPanel draft={draft} isKept={text.state === 'kept'} onLine={goTo} />
    </>
  );
}

/** What can be done with the skill as a whole. */
function Standing({ draft, isKept }: { draft: Draft; isKept: boolean }) {
  const navigate = useNavigate();
  const { use, withdraw, remove } = useStanding(draft.id, () => void navigate('/workbench'));
  const isRunning = draft.state === 'IN_USE' || draft.state === 'CHANGED';
  return (
    <div className="flex flex-wrap items-center gap-3">
      {draft.state !== 'IN_USE' && (
        <Button
          look={draft.state === 'DRAFT' ? 'plain' : 'main'}
          disabled={!isKept || use.isPending}
          onClick={() => use.mutate()}
        >
          Put it to use in the class
        </Button>
      )}
      <a href={`/api/workbench/${draft.id}/file`} download>
        Take it along as a file
      </a>
      {isRunning && (
        <AskFirst
          name="Take it out of use"
          words="Who has it assigned goes on with it; nobody else sees it any more."
          yes="Yes, take it out"
          onYes={() => withdraw.mutate()}
        />
      )}
      {draft.version === 0 && (
        <AskFirst
          name="Delete it"
          words="The document is gone for good."
          yes="Yes, delete it"
          onYes={() => remove.mutate()}
        />
      )}
      <Refused by={[use, withdraw, remove]} />
    </div>
  );
}
