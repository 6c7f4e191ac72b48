import type { paths } from './schema'

/** What can be done to a call: its path, its body and what its path names, each by the schema of the server. */
type Under = '/api/calls/{id}'
export type ChangeMethod = 'POST' | 'PUT' | 'DELETE'

/** The way under a call, such as `/parts/{part}/label`. */
export type ChangePath = {
  [P in keyof paths]: P extends `${Under}${infer Way}` ? Way : never
}[keyof paths]
/** The way under a part of a call, such as `/label`. */
export type PartPath = ChangePath extends infer P
  ? P extends `/parts/{part}${infer Way}`
    ? Way extends `/${string}`
      ? Way
      : never
    : never
  : never

type Operation<P extends ChangePath, M extends ChangeMethod> = paths[`${Under}${P}`][Lowercase<M> &
  keyof paths[`${Under}${P}`]]
type Body<O> = O extends { requestBody: { content: { 'application/json': infer J } } } ? J : undefined
type NamedInPath<O> = O extends { parameters: { path: infer N } } ? Omit<N, 'id'> : object

/** The body, where there is one, then what else the path names, where it names more than the call. */
export type Told<P extends ChangePath, M extends ChangeMethod> = keyof NamedInPath<
  Operation<P, M>
> extends never
  ? Body<Operation<P, M>> extends undefined
    ? []
    : [json: Body<Operation<P, M>>]
  : [json: Body<Operation<P, M>>, at: NamedInPath<Operation<P, M>>]

/** The same of the part at hand. */
export type ToldOfPart<P extends PartPath, M extends ChangeMethod> =
  Body<Operation<`/parts/{part}${P}`, M>> extends undefined
    ? []
    : [json: Body<Operation<`/parts/{part}${P}`, M>>]
