import createClient from 'openapi-fetch'
import { useSession } from '@/stores/session'
import type { paths } from './schema'

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

const client = createClient<paths>({ baseUrl: window.location.origin, fetch: (request) => fetch(request) })

client.use({
  onRequest({ request }) {
    const who = useSession().whoId
    if (who !== null) {
      request.headers.set('X-Technician', String(who))
    }
    return request
  },
})

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
    useSession().isDoorShut = false
    return got.data as T
  }
  throw refused(got.response.status, got.error)
}

function refused(status: number, given: unknown): Error {
  if (status === 401) {
    useSession().isDoorShut = true
  }
  if (status === 502 || status === 503 || status === 504) {
    return new NoConnection()
  }
  const problem = (typeof given === 'object' && given !== null ? given : {}) as {
    detail?: string
    errors?: WrongField[]
  }
  return new Refused(status, problem.detail ?? `The bench answered ${status}.`, problem.errors ?? [])
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
}

/** Sends a change; the same id is carried out once, however often it is sent. */
export async function send<T>(change: Change): Promise<T> {
  const headers: Record<string, string> = { 'X-Request-Id': change.id }
  const who = useSession().whoId
  if (who !== null) {
    headers['X-Technician'] = String(who)
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

/** Sends a photo; it is too large to wait in line. */
export function sendPhoto<T>(path: string, photo: File): Promise<T> {
  return sendFile(path, { photo })
}

/** Sends a file with what belongs to it. */
export async function sendFile<T>(path: string, fields: Record<string, File | string>): Promise<T> {
  const form = new FormData()
  for (const [name, value] of Object.entries(fields)) form.append(name, value)
  const headers: Record<string, string> = { 'X-Request-Id': newId() }
  const who = useSession().whoId
  if (who !== null) {
    headers['X-Technician'] = String(who)
  }
  let response: Response
  try {
    response = await fetch(path, { method: 'POST', headers, body: form })
  } catch {
    throw new NoConnection()
  }
  return answerOf<T>(response)
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
  return json as T
}

/** Works on plain http too, where crypto.randomUUID does not. */
export function newId(): string {
  return Array.from(crypto.getRandomValues(new Uint8Array(16)), (b) => b.toString(16).padStart(2, '0')).join(
    '',
  )
}

export const api = client
