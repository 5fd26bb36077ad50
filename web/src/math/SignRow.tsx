import { buttonName, signName } from './signs';

/** Just the signs that this entry may need. */
export function SignRow({ signs, onSign }: { signs: string[]; onSign: (sign: string) => void }) {
  return signs.length === 0 ? null : (
    <div className="flex gap-1.5" role="group" aria-label="Signs">
      {signs.map((sign) => (
        <button
          key={sign}
          type="button"
          aria-label={buttonName(sign, signName(sign))}
          title={signName(sign)}
          className="min-h-9 min-w-9 cursor-pointer rounded border border-edge bg-leaf px-2 font-serif hover:bg-spruce-wash"
          onMouseDown={(e) => e.preventDefault()}
          onClick={() => onSign(sign)}
        >
          {sign}
        </button>
      ))}
    </div>
  );
}
