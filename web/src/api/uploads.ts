import type { paths } from './schema'

/** What takes files: its path, what is sent and what comes back, each by the schema of the server. */
type Post<P extends keyof paths> = paths[P]['post']
type Files<O> = O extends { requestBody?: { content: { 'multipart/form-data': infer F } } } ? F : never
export type UploadPath = {
  [P in keyof paths]: [Files<Post<P>>] extends [never] ? never : P
}[keyof paths]

type InPath<O> = O extends { parameters: { path: infer N } } ? N : undefined
type Beside<O> = O extends { parameters: { query?: infer Q } }
  ? [NonNullable<Q>] extends [never]
    ? object
    : { [K in keyof NonNullable<Q>]?: string }
  : object

/** The files and what is sent with them, then what the path names, where it names something. */
export type Upload<P extends UploadPath> =
  InPath<Post<P>> extends undefined
    ? [fields: { [K in keyof Files<Post<P>>]: File | string } & Beside<Post<P>>]
    : [fields: { [K in keyof Files<Post<P>>]: File | string } & Beside<Post<P>>, at: InPath<Post<P>>]

/** What comes back. */
export type Uploaded<P extends UploadPath> =
  Post<P> extends { responses: { 200: { content: { '*/*': infer A } } } } ? A : unknown
