import type { Schemas } from '../../api/client';

type State = Schemas['OwnDraft']['state'];

/** How far a skill has come, in a word and a sentence. */
export const STANDING: Record<State, { word: string; sentence: string }> = {
  DRAFT: { word: 'draft', sentence: 'Only you and your colleagues see it.' },
  PROVED: { word: 'ready', sentence: 'Everything holds. You can put it to use.' },
  IN_USE: { word: 'in use', sentence: 'Your class has it as it stands here.' },
  CHANGED: { word: 'in use, changed here', sentence: 'Your class has an older version until you put this one to use.' },
  WITHDRAWN: { word: 'out of use', sentence: 'Who has it assigned goes on with it; nobody else sees it.' },
};

/** The line of a document as a place to go to. */
export const lineWords = (line: number) => (line > 0 ? `Line ${line}` : 'The whole');
