import { defineStore } from 'pinia'
import { computed, ref, watch } from 'vue'
import { api, body, newId, NoConnection, send, sendFile, type Change } from '@/api/client'
import type { ChangeMethod, ChangePath, PartPath, Told, ToldOfPart } from '@/api/changes'
import { STEPS, type CallView, type Step } from '@/api/types'
import { useSession } from './session'
import { useTimers } from './timers'
import { useUndo } from './undo'
import { useWaiting } from './waiting'

export type CallStep =
  | 'ASK'
  | 'SAFE'
  | 'PLATE'
  | 'SUPPLY'
  | 'WINDINGS'
  | 'AMPS'
  | 'FOUND'
  | 'PROOF'
  | 'WRITE_UPS'
  | 'OPTIONS'
  | 'LEAVE'
/** The unit as it stands: five sheets under one step. */
export const OF_UNIT: readonly CallStep[] = ['PLATE', 'SUPPLY', 'WINDINGS', 'AMPS', 'FOUND']
/** How the visit ends: four sheets under one step. */
export const OF_LEAVING: readonly CallStep[] = ['PROOF', 'WRITE_UPS', 'OPTIONS', 'LEAVE']
/** What the work surface shows: a step of the call, or a step of one part. */
export type Place = { call: CallStep } | { part: string; step: Step }

/** What a photo shows. */
export type Photographed = { part: string } | { place: number } | { plate: 'OUTDOOR' | 'INDOOR' }

/** The call on the bench: as the server last told it, and where on it the eye is. */
export const useCall = defineStore('call', () => {
  const call = ref<CallView | null>(null)
  const place = ref<Place>({ call: 'ASK' })
  const problem = ref('')
  const notice = ref('')
  const underWay = new Map<string, Promise<boolean>>()
  const waiting = useWaiting()
  const timers = useTimers()
  const session = useSession()
  const undo = useUndo()

  const part = computed(() => {
    const at = place.value
    return 'part' in at ? (call.value?.parts.find((p) => p.id === at.part) ?? null) : null
  })
  const step = computed(() => ('part' in place.value ? place.value.step : null))
  /** The STOP that stands where the eye is: a part's own on its steps, the first there is on those of the call. */
  const stop = computed(() => {
    const at = place.value
    if ('part' in at) return part.value?.stop ?? null
    return (at.call === 'PLATE' ? call.value?.plates.stop : null) ?? call.value?.stop ?? null
  })
  const isAtStop = computed(() => {
    const at = place.value
    return 'part' in at
      ? stop.value?.part === at.part && stop.value.step === at.step
      : stop.value?.callStep === at.call
  })
  const isWorking = computed(() => call.value?.status === 'OPEN' || call.value?.status === 'QUICK_CHECK')

  async function open(id: number) {
    if (call.value?.id !== id) call.value = null
    take(await body(api.GET('/api/calls/{id}', { params: { path: { id } } })))
    goNext()
  }

  async function openQuickCheck() {
    take(await body(api.POST('/api/quick-check', {})))
    const last = call.value?.parts.at(-1)
    place.value = last ? { part: last.id, step: 'JUDGE' } : { call: 'ASK' }
  }

  /** Answers may overtake each other; the one with the longer tape is the later one. */
  function take(view: CallView) {
    if (call.value?.id === view.id && newest(view) < newest(call.value)) return
    call.value = view
    timers.follow(view)
  }

  const newest = (view: CallView) => view.tape[0]?.number ?? 0

  /** To the next thing the call has to do. */
  function goNext() {
    const next = call.value?.next
    if (next?.part && next.step) {
      place.value = { part: next.part, step: next.step }
    } else {
      place.value = { call: next?.callStep ?? 'ASK' }
    }
  }

  /** To where the STOP is seen to. */
  function goStop() {
    const to = stop.value
    if (to?.callStep) go({ call: to.callStep })
    else if (to?.part && to.step) go({ part: to.part, step: to.step })
  }

  function go(to: Place) {
    place.value = to
    problem.value = ''
  }

  function goStep(to: Step) {
    const id = part.value?.id ?? call.value?.parts[0]?.id
    if (id) go({ part: id, step: to })
  }

  /** To the part before or after; wraps around. */
  function goPart(by: 1 | -1) {
    const parts = call.value?.parts ?? []
    if (parts.length === 0) return
    const at = parts.findIndex((p) => p.id === part.value?.id)
    const next = parts[(at < 0 ? (by > 0 ? 0 : parts.length - 1) : at + by + parts.length) % parts.length]
    if (next) go({ part: next.id, step: firstOpen(next.filled) })
  }

  function firstOpen(filled: readonly Step[]): Step {
    return STEPS.find((s) => !filled.includes(s.step))?.step ?? 'PROVE'
  }

  function openPart(id: string) {
    const found = call.value?.parts.find((p) => p.id === id)
    if (found) go({ part: id, step: found.isGood || found.closed ? 'JUDGE' : firstOpen(found.filled) })
  }

  /**
   * Changes the call; true once the server has it. With no connection the change waits on this device. A second tap while
   * the same change is on its way is the first one.
   */
  function change<P extends ChangePath, M extends ChangeMethod>(
    method: M,
    path: P,
    what: string,
    ...[json, at]: Told<P, M>
  ): Promise<boolean> {
    const filled = path.replace(/\{(\w+)\}/g, (_, name: string) =>
      String((at as Record<string, unknown>)[name]),
    )
    const same = JSON.stringify([call.value?.id, method, filled, json])
    const sent =
      underWay.get(same) ?? carryOut(method, filled, what, json).finally(() => underWay.delete(same))
    underWay.set(same, sent)
    return sent
  }

  async function carryOut(
    method: Change['method'],
    path: string,
    what: string,
    json?: unknown,
  ): Promise<boolean> {
    const id = call.value?.id
    if (id === undefined) return false
    const made: Change = {
      id: newId(),
      callId: id,
      method,
      path: `/api/calls/${id}${path}`,
      json,
      what,
      whoId: session.whoId,
      tappedAt: Date.now(),
    }
    problem.value = ''
    notice.value = ''
    if (waiting.isBefore(id)) {
      await waiting.keep(made)
      notice.value = 'Kept on this device, waits its turn.'
      return false
    }
    const before = call.value ? newest(call.value) : 0
    undo.drop()
    try {
      const told = await send<CallView>(made)
      take(told)
      if (told.undo && told.undo.line > before) offerUndo(told.undo)
      if (session.isClockOff)
        notice.value = 'Stamped with the time of the bench: the clock of this device is off.'
      return true
    } catch (failure) {
      if (failure instanceof NoConnection) {
        await waiting.keep(made)
        notice.value = 'No connection: kept on this device, sent when it is back.'
        return false
      }
      problem.value = (failure as Error).message
      return false
    }
  }

  /** What the bench says can be taken back, is, for a while, by a tap. */
  function offerUndo(last: NonNullable<CallView['undo']>) {
    const part = { part: last.part ?? '' }
    const ways = {
      PUT_BACK: () => change('DELETE', '/parts/{part}/choice', 'put back', undefined, part),
      REOPEN_PART: () => change('POST', '/parts/{part}/reopen', 'reopen the part', undefined, part),
      REOPEN_CALL: () => change('POST', '/reopen', 'reopen the call'),
      STRIKE: () =>
        change(
          'POST',
          '/lines/{number}/strike',
          `strike line ${last.line}`,
          { reason: 'taken back' },
          { number: last.line },
        ),
    }
    undo.offer(last.words, ways[last.how])
  }

  /** Changes the part at hand. */
  function changePart<P extends PartPath, M extends ChangeMethod>(
    method: M,
    path: P,
    what: string,
    ...[json]: ToldOfPart<P, M>
  ): Promise<boolean> {
    const told = [json, { part: part.value?.id ?? '' }]
    return change(method, `/parts/{part}${path}`, what, ...(told as Told<`/parts/{part}${P}`, M>))
  }

  /** Keeps a photo of a part, of a place of the unit or of a plate. */
  async function addPhoto(photo: File, of: Photographed) {
    problem.value = ''
    const id = call.value?.id ?? 0
    const sent =
      'part' in of
        ? sendFile('/api/calls/{id}/parts/{part}/photos', { photo }, { id, part: of.part })
        : 'place' in of
          ? sendFile('/api/calls/{id}/places/{place}/photos', { photo }, { id, place: of.place })
          : sendFile('/api/calls/{id}/plates/{which}/photos', { photo }, { id, which: of.plate })
    try {
      take(await sent)
    } catch (failure) {
      problem.value = (failure as Error).message
    }
  }

  watch(
    () => waiting.arrived,
    (view) => {
      if (view && view.id === call.value?.id) take(view)
    },
  )

  return {
    call,
    place,
    part,
    step,
    stop,
    isAtStop,
    problem,
    notice,
    isWorking,
    open,
    openQuickCheck,
    take,
    go,
    goNext,
    goStop,
    goStep,
    goPart,
    openPart,
    change,
    changePart,
    addPhoto,
  }
})
