/** Where items of some skills are had for other programs, as a content package. */
export function itemsFor(skills: readonly string[], title: string): string {
  const query = new URLSearchParams([...skills.map((id) => ['skill', id]), ['title', title]]);
  return `/api/exchange/items.zip?${query.toString()}`;
}
