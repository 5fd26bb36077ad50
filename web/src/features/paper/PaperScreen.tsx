import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { Button } from '../../ui/Button';
import { INPUT } from '../../ui/Labelled';
import { Notice } from '../../ui/Notice';
import { Refused } from '../../ui/Refused';
import { TopBar } from '../../ui/TopBar';
import { useMe } from '../session/useSession';
import { SheetItem } from './SheetItem';
import { codeOf } from './stages';
import { useSheets, useShelf } from './usePaper';

/** Practice on paper: sheets to print, and the way back with the paper in hand. */
export default function PaperScreen() {
  const shelf = useShelf();
  const hand = useSheets();
  const teaches = useMe().data?.role === 'INSTRUCTOR';
  return (
    <div className="min-h-screen">
      <TopBar />
      <main className="page max-w-5xl gap-5">
        <header className="flex flex-wrap items-end justify-between gap-4">
          <h1 className="font-serif text-3xl font-bold">Practice on paper</h1>
          <Link
            to="/paper/new"
            className="rounded-slip border border-spruce bg-spruce px-4 py-2 font-semibold text-on-spruce no-underline"
          >
            Make a sheet
          </Link>
        </header>
        <p className="max-w-2xl text-soft">
          {teaches
            ? 'Print sheets with room for work, and their solutions with a mark for each line. Students enter the code of their sheet, mark their own work, and you say whether the marks stand.'
            : 'Print a sheet and work on it wherever you like. Then enter its code: type your answers in, or mark your own work with the solutions beside it.'}
        </p>
        {!teaches && <EnterCode />}
        {shelf.isPending && <Notice title="Looking up the sheets." />}
        {shelf.isError && <Notice title="This could not be loaded.">{shelf.error.message}</Notice>}
        {shelf.isSuccess &&
          (shelf.data.sheets.length === 0 ? (
            <Notice title="No sheets yet.">Make one: choose skills, and how the page is laid out.</Notice>
          ) : (
            <ul className="grid gap-3">
              {shelf.data.sheets.map((sheet) => (
                <SheetItem key={sheet.id} sheet={sheet} hand={hand} teaches={teaches} />
              ))}
            </ul>
          ))}
        <Refused by={[hand.remove]} />
      </main>
    </div>
  );
}

function EnterCode() {
  const [typed, setTyped] = useState('');
  const [refused, setRefused] = useState(false);
  const navigate = useNavigate();
  return (
    <form
      className="flex flex-wrap items-center gap-3 rounded-slip border-l-4 border-larch-mark bg-larch-wash p-4"
      onSubmit={(e) => {
        e.preventDefault();
        const code = codeOf(typed);
        setRefused(code === '');
        if (code !== '') {
          void navigate(`/paper/${code}`);
        }
      }}
    >
      <label className="flex items-center gap-3">
        The code on your sheet
        <input
          className={`${INPUT} w-32 tracking-widest uppercase`}
          autoComplete="off"
          spellCheck={false}
          maxLength={12}
          placeholder="abc-234"
          value={typed}
          onChange={(e) => setTyped(e.target.value)}
        />
      </label>
      <Button type="submit">Open it</Button>
      {refused && (
        <p role="alert" className="text-rust">
          A code has six letters and digits, such as K7M-4QX.
        </p>
      )}
    </form>
  );
}
