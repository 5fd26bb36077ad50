/** Where items of some skills are had for other programs, as a content package. */
export function itemsFor(skills: readonly string[], title: string): string {
  return `/api/exchange/items.zip?${asked(skills, title)}`;
}

/** The same to read and to change, as Markdown and LaTeX with pictures. */
export function itemsAsText(skills: readonly string[], title: string): string {
  return `/api/exchange/items-text.zip?${asked(skills, title)}`;
}

function asked(skills: readonly string[], title: string): string {
  return new URLSearchParams([...skills.map((id) => ['skill', id]), ['title', title]]).toString();
}
