import { useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { Button } from '../../ui/Button';
import { INPUT, Labelled } from '../../ui/Labelled';
import { Refused } from '../../ui/Refused';
import { TopBar } from '../../ui/TopBar';
import { useMe } from '../session/useSession';
import { SkillShares } from './SkillShares';
import { StyleFields } from './StyleFields';
import { type NewSheet, useSheets } from './usePaper';
import { itemsOf, missing, MOST_ITEMS, wantedFrom } from './wanted';

/** A sheet is put together: skills, how many of each, how it is laid out, and for whom. */
export default function NewSheetScreen() {
  const [address] = useSearchParams();
  const [wanted, setWanted] = useState(() => wantedFrom(address));
  const { make } = useSheets();
  const navigate = useNavigate();
  const teaches = useMe().data?.role === 'INSTRUCTOR';
  const lack = missing(wanted);
  const title = wanted.title.trim() === '' ? 'Practice on paper' : wanted.title;
  return (
    <div className="min-h-screen">
      <TopBar />
      <main className="page max-w-6xl gap-5">
        <h1 className="font-serif text-3xl font-bold">A new sheet</h1>
        <div className="grid items-start gap-x-10 gap-y-5 lg:grid-cols-[1fr_23rem]">
          <SkillShares wanted={wanted} onChange={setWanted} />
          <div className="grid gap-5 rounded-slip border border-rule bg-leaf p-4 lg:sticky lg:top-4">
            <Labelled name="Title on the sheet">
              <input
                className={INPUT}
                maxLength={100}
                placeholder="Practice on paper"
                value={wanted.title}
                onChange={(e) => setWanted({ ...wanted, title: e.target.value })}
              />
            </Labelled>
            <StyleFields style={wanted.style} onChange={(style) => setWanted({ ...wanted, style })} />
            {teaches && <ForWhom wanted={wanted} onChange={setWanted} />}
            <span role="status" className="text-soft">
              {lack === '' ? `${itemsOf(wanted)} of at most ${MOST_ITEMS} items` : lack}
            </span>
            <Button
              look="main"
              className="justify-self-start"
              disabled={lack !== '' || make.isPending}
              onClick={() => make.mutate({ ...wanted, title }, { onSuccess: () => void navigate('/paper') })}
            >
              {make.isPending ? 'Making it …' : 'Make the sheet'}
            </Button>
            <Refused by={[make]} />
          </div>
        </div>
      </main>
    </div>
  );
}

type Props = { wanted: NewSheet; onChange: (wanted: NewSheet) => void };

function ForWhom({ wanted, onChange }: Props) {
  const choices: [boolean, string][] = [
    [false, 'One sheet for all'],
    [true, 'Another one for each student, with the name on it'],
  ];
  return (
    <fieldset>
      <legend className="font-semibold">For whom</legend>
      {choices.map(([each, words]) => (
        <label key={words} className="flex items-baseline gap-2">
          <input
            type="radio"
            name="each"
            checked={wanted.each === each}
            onChange={() => onChange({ ...wanted, each })}
          />
          {words}
        </label>
      ))}
    </fieldset>
  );
}
