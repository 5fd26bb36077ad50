/**
 * A request whose body is a form with this file.
 *
 * @param way number by which it can be asked how far it has come
 */
export function formWith(file: File, way: string) {
  const form = new FormData();
  form.append('file', file, file.name);
  return { params: { header: { 'Headway-Id': way } }, body: { file: file.name }, bodySerializer: () => form };
}
