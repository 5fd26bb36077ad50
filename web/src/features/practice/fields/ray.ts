/** A ray as it is sent, such as {@code >,filled,3}; what is not chosen yet is empty. */
export type Ray = { way: '' | '<' | '>'; end: '' | 'open' | 'filled'; tick: string };

const WAYS = ['<', '>'] as const;
const ENDS = ['open', 'filled'] as const;

export function rayOf(value: string): Ray {
  const [way, end, tick] = value.split(',');
  return { way: WAYS.find((w) => w === way) ?? '', end: ENDS.find((e) => e === end) ?? '', tick: tick ?? '' };
}

/** Nothing at all is sent while nothing is chosen. */
export function sentOf({ way, end, tick }: Ray): string {
  return way === '' && end === '' && tick === '' ? '' : `${way},${end},${tick}`;
}

/** @param at where it ends, such as "at 2" or "1 tick after 2" */
export function saidOf({ way, end, tick }: Ray, at: string): string {
  if (tick === '') {
    return 'Mark where the ray ends.';
  }
  if (end === '') {
    return `It ends ${at}. Does that number belong to it?`;
  }
  const ends = `It ends ${at}. That number ${end === 'filled' ? 'belongs' : 'does not belong'} to it.`;
  return way === '' ? `${ends} Which way does it run?` : `${ends} It runs to the ${way === '<' ? 'left' : 'right'}.`;
}
