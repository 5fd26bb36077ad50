/** A request whose body is a form with this file. */
export function formWith(file: File) {
  const form = new FormData();
  form.append('file', file, file.name);
  return { body: { file: file.name }, bodySerializer: () => form };
}
