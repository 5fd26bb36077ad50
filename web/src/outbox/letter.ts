import { shownClassNow } from '../api/client';
import type { paths } from '../api/types';
import type { Letter } from './deed';

type Method = Letter['method'];
type PathWith<M extends Method> = {
  [P in keyof paths]: paths[P] extends Record<M, { responses: unknown }> ? P : never;
}[keyof paths];
type Operation<M extends Method, P extends PathWith<M>> = paths[P] extends Record<M, infer O> ? O : never;
type Params<O> = O extends { parameters: { path: infer P } } ? P : Record<string, never>;
type Sent<O> = O extends { requestBody?: { content: infer C } } ? C : never;
type Body<O> =
  Sent<O> extends { 'application/json': infer B }
    ? B
    : Sent<O> extends { 'multipart/form-data': unknown }
      ? Blob
      : undefined;
type Content<O> = O extends { responses: { 200: { content: infer C } } } ? C[keyof C] : true;

/** A letter that knows what the server answers to it. */
export type Answered<T> = Letter & { readonly answers?: T };

/** Writes a letter, checked against the description of the server. */
export function letter<M extends Method, P extends PathWith<M>>(
  method: M,
  path: P,
  params: Params<Operation<M, P>>,
  body: Body<Operation<M, P>>,
): Answered<Content<Operation<M, P>>> {
  return { method, path, params: Object.assign({}, params), body, forClass: shownClassNow() };
}
