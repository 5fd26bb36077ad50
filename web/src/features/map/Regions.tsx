import { layout, type MapSkill } from './layout';
import { type Region, readyFirst, regionsOf } from './regions';
import { COLOURS, StatusMark, Summit, WORDS } from './StatusMark';
import { trails } from './trails';

/** So many that can be begun at once are named above the regions. */
const NAMED = 8;

type Props = {
  skills: MapSkill[];
  chosen: string;
  onChoose: (id: string) => void;
  onEnter: (strand: string) => void;
};

/** The map from afar: what can be gone on with now, and each strand as a region with its own small map. */
export function Regions({ skills, chosen, onChoose, onEnter }: Props) {
  const now = readyFirst(skills);
  return (
    <div className="grid gap-3">
      {now.length > 0 && (
        <section aria-label="What you can go on with" className="grid gap-1">
          <h2 className="font-semibold">Now</h2>
          <ul className="flex flex-wrap gap-2">
            {now.slice(0, NAMED).map((skill) => (
              <li key={skill.id}>
                <button
                  type="button"
                  aria-pressed={skill.id === chosen}
                  className={`flex min-h-9 cursor-pointer items-center gap-2 rounded-slip border px-2 text-sm ${skill.id === chosen ? 'border-2 border-ink bg-larch-wash' : 'border-edge bg-leaf'}`}
                  onClick={() => onChoose(skill.id)}
                >
                  <StatusMark status={skill.status} /> {skill.name}
                  <span className="sr-only">, {WORDS[skill.status]}</span>
                </button>
              </li>
            ))}
            {now.length > NAMED && <li className="self-center text-sm text-soft">and {now.length - NAMED} more</li>}
          </ul>
        </section>
      )}
      <ul aria-label="Regions" className="grid grid-cols-1 gap-3 md:grid-cols-2 xl:grid-cols-3">
        {regionsOf(skills).map((region) => (
          <li key={region.strand}>
            <RegionCard region={region} onEnter={() => onEnter(region.strand)} />
          </li>
        ))}
      </ul>
    </div>
  );
}

function RegionCard({ region, onEnter }: { region: Region; onEnter: () => void }) {
  const { strand, skills, known, ready } = region;
  return (
    <button
      type="button"
      data-region={strand}
      onClick={onEnter}
      className="grid h-full w-full cursor-pointer content-start gap-1 rounded-slip border border-edge bg-leaf px-3 py-2 text-left hover:bg-spruce-wash"
    >
      <span className="flex flex-wrap items-baseline justify-between gap-x-4">
        <span className="font-serif text-lg font-semibold">{strand}</span>
        <span className="text-sm text-soft">
          {known} of {skills.length} known{ready > 0 ? `, ${ready} to go on with` : ''}
        </span>
      </span>
      <SmallMap skills={skills} />
    </button>
  );
}

const SCALE = { x: 0.2, y: 0.4 };
const MARK = 13;

/** The region's skills as summits, with the ways between them. */
function SmallMap({ skills }: { skills: MapSkill[] }) {
  const { placed } = layout(skills);
  const x = (value: number) => (value - Math.min(...placed.map((p) => p.x))) * SCALE.x + MARK;
  const y = (value: number) => value * SCALE.y + MARK / 2;
  const width = Math.max(...placed.map((p) => x(p.x))) + MARK * 2;
  const height = Math.max(...placed.map((p) => y(p.y))) + MARK * 2;
  const middle = (id: string) => placed.find((p) => p.skill.id === id);
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      width={width * 1.2}
      height={height * 1.2}
      className="max-w-full"
      aria-hidden="true"
    >
      {trails(placed).map(({ from, to }) => {
        const [a, b] = [middle(from), middle(to)];
        return (
          a !== undefined &&
          b !== undefined && (
            <line
              key={`${from}-${to}`}
              x1={x(a.x) + MARK / 2}
              y1={y(a.y) + MARK / 2}
              x2={x(b.x) + MARK / 2}
              y2={y(b.y) + MARK / 2}
              stroke="var(--color-edge)"
              strokeWidth="0.8"
            />
          )
        );
      })}
      {placed.map(({ skill, x: left, y: top }) => (
        <g
          key={skill.id}
          transform={`translate(${x(left)} ${y(top)}) scale(${MARK / 24})`}
          className={COLOURS[skill.status]}
        >
          <path d="M12 4 21 20H3Z" fill="var(--color-leaf)" />
          <Summit status={skill.status} />
        </g>
      ))}
    </svg>
  );
}
