import { useEffect, useRef } from 'react';
import type { Schemas } from '../../api/client';
import { Button } from '../../ui/Button';
import { RichText } from '../../ui/RichText';
import { useSeen } from '../../ui/seen';
import { Tex } from '../../ui/Tex';
import { enterChecks, focusAnswer, PartFields } from './fields/PartFields';
import { Hints } from './Slips';
import { isRead, Told } from './Told';

type Props = {
  part: Schemas['PartView'];
  entries: Record<string, string>;
  unread: Schemas['FeedbackView'][];
  repeated: boolean;
  conflict: Schemas['Conflict'] | undefined;
  busy: boolean;
  /** The first part of its item: the page was just opened, and is not scrolled. */
  isFirst?: boolean;
  onChange: (fieldId: string, value: string) => void;
  onCheck: (confirmed: boolean) => void;
};

/** The part being worked on: its fields, the check, and what came of it. */
export function OpenPart({
  part,
  entries,
  unread,
  repeated,
  conflict,
  busy,
  isFirst = true,
  onChange,
  onCheck,
}: Props) {
  const root = useRef<HTMLDivElement>(null);
  useEffect(() => {
    focusAnswer(root.current, { preventScroll: isFirst });
  }, [isFirst]);
  const told = useSeen<HTMLDivElement>(
    JSON.stringify([unread, part.feedback, part.triesLeft, repeated, conflict !== undefined]),
  );
  const changed = part.fields.some((f) => (part.entries[f.id] ?? '') !== (entries[f.id] ?? ''));
  const said = unread.length > 0 ? unread : changed && !repeated ? [] : part.feedback;
  return (
    // oxlint-disable-next-line jsx-a11y/no-static-element-interactions -- Enter checks
    <div
      ref={root}
      className="grid gap-3"
      onKeyDown={(event) => enterChecks(event, () => onCheck(conflict !== undefined))}
    >
      <p className="text-lg leading-snug">
        <RichText text={part.prompt} />
      </p>
      <div className={`grid gap-x-6 gap-y-3 ${isTall(part) ? 'items-end xl:grid-cols-[minmax(0,1fr)_auto]' : ''}`}>
        <div className="grid min-w-0 gap-3">
          <PartFields
            part={part}
            entries={entries}
            onChange={onChange}
            onEnter={() => onCheck(conflict !== undefined)}
            takesFocus
          />
        </div>
        <div
          ref={told}
          aria-live="polite"
          className={`grid gap-3 ${isTall(part) ? 'xl:col-span-2 xl:row-start-2' : ''}`}
        >
          {conflict !== undefined && <Conflict conflict={conflict} />}
          {repeated && <p className="max-w-2xl">You checked this just before. It was not counted again.</p>}
          <Told part={part} said={said} />
        </div>
        <div className={`flex items-center gap-4 ${isTall(part) ? 'xl:flex-col xl:items-start xl:gap-1' : ''}`}>
          <Button look="main" hint="Enter" onClick={() => onCheck(conflict !== undefined)} aria-disabled={busy}>
            {someRead(part) ? 'Hand in' : conflict === undefined ? 'Check' : 'Check mine anyway'}
          </Button>
          <span className="text-sm text-soft">{someRead(part) ? '' : triesText(part)}</span>
        </div>
      </div>
      <div aria-live="polite" className="grid gap-3">
        <Hints hints={part.hints} inAll={part.hintsInAll} />
      </div>
    </div>
  );
}

/** Whether a person reads it, and no machine says right or wrong. */
const someRead = (part: Schemas['PartView']) => part.fields.some(isRead);

/** Whether the fields are so high that the check stands beside them. */
function isTall(part: Schemas['PartView']): boolean {
  return part.fields.some(
    ({ response }) =>
      response.kind === 'PlotPoint' ||
      response.kind === 'PlotLine' ||
      ('options' in response && response.options.some((o) => o.scene !== undefined)),
  );
}

function triesText(part: Schemas['PartView']): string {
  if (part.triesAllowed === 0) {
    return 'nothing counts here';
  }
  return part.triesAllowed === 1 ? 'one try' : `${part.triesLeft} of ${part.triesAllowed} tries left`;
}

function Conflict({ conflict }: { conflict: Schemas['Conflict'] }) {
  return (
    <p className="max-w-2xl rounded-slip border-l-4 border-larch-mark bg-larch-wash p-4" role="alert">
      Your last line says <Tex latex={conflict.lastLine} />. You are checking <Tex latex={conflict.entry} />. Change one
      of them, or check once more.
    </p>
  );
}
