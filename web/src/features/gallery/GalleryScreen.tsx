import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { api, type Schemas, taken } from '../../api/client';
import { Blocks } from '../../ui/Blocks';
import { Button } from '../../ui/Button';
import { Notice } from '../../ui/Notice';
import { TopBar } from '../../ui/TopBar';
import { itemsAsText, itemsFor } from '../exchange/items';
import { OpenPart } from '../practice/OpenPart';
import { Solution } from '../practice/Slips';

/** Items of every skill and level to look at and to try. Nothing is counted. */
export default function GalleryScreen() {
  const { skillId = '', tier = '1', seed = '1' } = useParams();
  const skills = useQuery({ queryKey: ['gallery'], queryFn: () => taken(api.GET('/api/gallery')) });
  if (skills.isError) {
    return <Notice title="The items cannot be opened.">{skills.error.message}</Notice>;
  }
  return (
    <div className="grid min-h-screen grid-rows-[auto_1fr]">
      <TopBar />
      <div className="grid md:grid-cols-[17rem_1fr]">
        <nav aria-label="Skills" className="border-r border-rule p-4">
          <h1 className="mb-2 font-serif text-xl font-bold">Look at items</h1>
          <ul className="grid gap-0.5">
            {skills.data?.map((skill) => (
              <li key={skill.id}>
                <Link
                  to={`/gallery/${skill.id}/1/1`}
                  aria-current={skill.id === skillId}
                  className="text-ink aria-[current=true]:font-bold"
                >
                  {skill.name}
                </Link>
              </li>
            ))}
          </ul>
        </nav>
        <main className="p-6">
          {skillId === '' ? (
            <p className="text-soft">Choose a skill, and try its items as a student would. Nothing is counted.</p>
          ) : (
            <Shown
              key={`${skillId}/${tier}/${seed}`}
              place={{ skillId, tier: Number(tier), seed: Number(seed) }}
              isLesson={skills.data?.some((skill) => skill.id === skillId && skill.strand === 'Lessons') ?? true}
            />
          )}
        </main>
      </div>
    </div>
  );
}

type Place = { skillId: string; tier: number; seed: number };

function Shown({ place, isLesson }: { place: Place; isLesson: boolean }) {
  const shown = useQuery({
    queryKey: ['gallery', place.skillId, place.tier, place.seed],
    queryFn: () => taken(api.GET('/api/gallery/{skillId}/{tier}/{seed}', { params: { path: place } })),
  });
  const [solution, setSolution] = useState(false);
  const item = shown.data?.item;
  return (
    <div className="grid gap-5">
      <p className="flex flex-wrap items-center gap-4">
        {[1, 2, 3].map((t) => (
          <Link
            key={t}
            to={`/gallery/${place.skillId}/${t}/${place.seed}`}
            aria-current={t === place.tier}
            className="text-ink aria-[current=true]:font-bold"
          >
            level {t}
          </Link>
        ))}
        <Link to={`/gallery/${place.skillId}/${place.tier}/${place.seed + 1}`} className="text-ink">
          other numbers
        </Link>
        {!isLesson && (
          <>
            <a href={itemsFor([place.skillId], place.skillId)} download>
              Take items of this skill along (QTI)
            </a>
            <a href={itemsAsText([place.skillId], place.skillId)} download>
              … as text (Markdown, LaTeX)
            </a>
          </>
        )}
      </p>
      {shown.isError && <p role="alert">{shown.error.message}</p>}
      {item !== undefined && (
        <>
          <Blocks blocks={item.stem} className="max-w-2xl font-serif text-stem leading-relaxed" />
          {item.parts.map((part, i) => (
            <Trial key={part.prompt} part={part} index={i} place={place} />
          ))}
          <Button className="w-fit" onClick={() => setSolution(!solution)}>
            {solution ? 'Hide the solution' : 'Show the solution'}
          </Button>
          {solution && item.solution !== undefined && <Solution solution={item.solution} />}
        </>
      )}
    </div>
  );
}

function Trial({ part, index, place }: { part: Schemas['PartView']; index: number; place: Place }) {
  const [entries, setEntries] = useState<Record<string, string>>({});
  const check = useMutation({
    mutationFn: () =>
      taken(
        api.POST('/api/gallery/{skillId}/{tier}/{seed}', { params: { path: place }, body: { part: index, entries } }),
      ),
  });
  return (
    <section aria-label={`Part ${index + 1}`} className="border-l-2 border-rule pl-4">
      <OpenPart
        part={{ ...part, hints: [] }}
        entries={entries}
        unread={check.data?.feedback ?? []}
        repeated={false}
        conflict={undefined}
        busy={check.isPending}
        onChange={(id, value) => setEntries((now) => ({ ...now, [id]: value }))}
        onCheck={() => check.mutate()}
      />
    </section>
  );
}
