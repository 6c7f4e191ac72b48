import createClient from 'openapi-fetch'
import { fieldWords } from './fieldWords'
import type { paths } from './schema'
import { forgetLastSeen, isClockOff, isDoorShut, noteAge, whoId } from './sender'
import type { Upload, Uploaded, UploadPath } from './uploads'

/** One field of a refused request. */
export interface WrongField {
  field: string
  value?: string
  problem: string
}

/** What the bench refused, in words that can be shown as they are. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    detail: string,
    readonly errors: readonly WrongField[],
    /** what stands, where somebody else has changed it meanwhile */
    readonly now?: unknown,
  ) {
    super(detail)
  }
}

/** Nothing came back: no signal, or the bench is not running. */
export class NoConnection extends Error {
  constructor() {
    super('No connection to the bench.')
  }
}

const client = createClient<paths>({ baseUrl: window.location.origin, fetch: twice })

/** A connection that breaks is tried once more; a change bears a name, by which it is carried out once all the same. */
async function twice(request: Request): Promise<Response> {
  const again = request.clone()
  try {
    return await fetch(request)
  } catch {
    return fetch(again)
  }
}

client.use({
  onRequest({ request }) {
    const isChange = request.method !== 'GET'
    for (const [name, value] of Object.entries(signed(isChange ? newId() : undefined, Date.now()))) {
      request.headers.set(name, value)
    }
    return request
  },
})

/** Who sends it, and of a change its name and when it was tapped. */
function signed(request: string | undefined, tappedAt: number): Record<string, string> {
  const who = whoId.value
  return {
    ...(who === null ? {} : { 'X-Technician': String(who) }),
    ...(request === undefined ? {} : { 'X-Request-Id': request, 'X-Tapped-At': String(tappedAt) }),
  }
}

interface Answer<T> {
  data?: T
  error?: unknown
  response: Response
}

/** The body of an answer; throws {@link Refused} or {@link NoConnection}. */
export async function body<T>(answer: Promise<Answer<T>>): Promise<T> {
  let got: Answer<T>
  try {
    got = await answer
  } catch {
    throw new NoConnection()
  }
  if (got.response.ok) {
    isDoorShut.value = false
    void noteAge(got.response.headers.get('Date'))
    return got.data as T
  }
  throw refused(got.response.status, got.error)
}

function refused(status: number, given: unknown): Error {
  if (status === 401) {
    forgetLastSeen()
    isDoorShut.value = true
  }
  if (status === 502 || status === 503 || status === 504) {
    return new NoConnection()
  }
  const problem = (typeof given === 'object' && given !== null ? given : {}) as {
    detail?: string
    errors?: WrongField[]
    now?: unknown
  }
  return new Refused(
    status,
    problem.errors?.length ? fieldWords(problem.errors) : (problem.detail ?? `The bench answered ${status}.`),
    problem.errors ?? [],
    problem.now,
  )
}

/** A change as plain data, so that it can wait for a connection and be sent again. */
export interface Change {
  id: string
  callId: number
  method: 'POST' | 'PUT' | 'DELETE'
  path: string
  json?: unknown
  /** what it is, for the list of what waits */
  what: string
  /** by whom and when, as it stood at the tap */
  whoId: number | null
  tappedAt: number
}

/** Sends a change; the same id is carried out once, however often it is sent. */
export async function send<T>(change: Change): Promise<T> {
  const headers: Record<string, string> = {
    ...signed(change.id, change.tappedAt),
    ...(change.whoId === null ? {} : { 'X-Technician': String(change.whoId) }),
  }
  if (change.json !== undefined) {
    headers['Content-Type'] = 'application/json'
  }
  let response: Response
  try {
    response = await fetch(change.path, {
      method: change.method,
      headers,
      body: change.json === undefined ? undefined : JSON.stringify(change.json),
    })
  } catch {
    throw new NoConnection()
  }
  return answerOf<T>(response)
}

/** Sends files with what belongs to them; they are too large to wait in line. */
export function sendFile<P extends UploadPath>(path: P, ...upload: Upload<P>): Promise<Uploaded<P>> {
  return sendFileUntil(undefined, path, ...upload)
}

/** The same, unless it is called off. */
export async function sendFileUntil<P extends UploadPath>(
  signal: AbortSignal | undefined,
  path: P,
  ...[fields, at]: Upload<P>
): Promise<Uploaded<P>> {
  const form = new FormData()
  for (const [name, value] of Object.entries<File | string>(fields)) form.append(name, value)
  const named: Record<string, unknown> = { ...at }
  const way = path.replace(/\{(\w+)\}/g, (_, name: string) => encodeURIComponent(String(named[name])))
  const headers = signed(newId(), Date.now())
  let response: Response
  try {
    response = await fetch(way, { method: 'POST', headers, body: form, ...(signal ? { signal } : {}) })
  } catch {
    throw new NoConnection()
  }
  return answerOf<Uploaded<P>>(response)
}

async function answerOf<T>(response: Response): Promise<T> {
  const text = await response.text()
  let json: unknown
  try {
    json = text === '' ? undefined : JSON.parse(text)
  } catch {
    json = undefined
  }
  if (!response.ok) {
    throw refused(response.status, json)
  }
  isClockOff.value = response.headers.get('X-Stamped') === 'bench'
  return json as T
}

/** Works on plain http too, where crypto.randomUUID does not. */
export function newId(): string {
  return Array.from(crypto.getRandomValues(new Uint8Array(16)), (b) => b.toString(16).padStart(2, '0')).join(
    '',
  )
}

export const api = client
