import { computed, onScopeDispose, ref } from 'vue'
import { api, NoConnection, sendFileUntil } from '@/api/client'
import type { LabelPhotoView } from '@/api/types'
import { drawnAnew, type Cut } from './picture'

const AWAY =
  'The bench cannot be reached, or reads other photos: try it again in a moment, or type the label.'

/** A photo that is looked at before it is kept: what was read of it, and what is taken instead. */
export function useLook(kind: () => string) {
  const photo = ref<File | null>(null)
  const url = ref('')
  const seen = ref<LabelPhotoView | null>(null)
  const wrong = ref('')
  const isReading = ref(false)
  /** Photos that the bench reads before this one. */
  const ahead = ref(0)
  /** What stands in the text instead, by where the piece or line begins. */
  const instead = ref<Record<number, string>>({})
  let asked: AbortController | null = null

  function show(file: File) {
    if (url.value) URL.revokeObjectURL(url.value)
    photo.value = file
    url.value = URL.createObjectURL(file)
  }

  async function read(given: Blob, degrees = 0, cut?: Cut) {
    asked?.abort()
    const mine = new AbortController()
    asked = mine
    isReading.value = true
    wrong.value = ''
    seen.value = null
    instead.value = {}
    ahead.value = 0
    void api
      .GET('/api/photo-queue', { signal: mine.signal })
      .then((queue) => (ahead.value = queue.data?.ahead ?? 0))
      .catch(() => undefined)
    try {
      const file = await drawnAnew(given, degrees, cut)
      show(file)
      const answer = await sendFileUntil(mine.signal, '/api/label-photo', { photo: file, kind: kind() })
      if (mine.signal.aborted) return
      // it stands as it was read: a label that lay on its side is upright now
      if (answer.turned) show(await drawnAnew(file, answer.turned))
      seen.value = answer
    } catch (problem) {
      if (!mine.signal.aborted)
        wrong.value = problem instanceof NoConnection ? AWAY : (problem as Error).message
    } finally {
      if (asked === mine) isReading.value = false
    }
  }
  function stop() {
    asked?.abort()
    isReading.value = false
  }

  const pieces = computed(() =>
    (seen.value?.read.pieces ?? []).map((piece, i) => ({ ...piece, box: seen.value?.boxes[i] ?? null })),
  )
  const doubtful = computed(() => pieces.value.filter((p) => p.doubt))
  const open = computed(() => doubtful.value.filter((p) => instead.value[p.start] === undefined).length)
  /** Recognised lines of which nothing was understood. */
  const strange = computed(() => (seen.value?.lines ?? []).filter((l) => !l.isTaken))

  /** The label's text as it is kept: what was not decided stays open in it. */
  function text(): string {
    let out = seen.value?.read.text ?? ''
    const changes = [
      ...pieces.value.map((p) => ({
        start: p.start,
        end: p.end,
        to: instead.value[p.start] ?? p.doubt?.open,
      })),
      ...strange.value.map((l) => ({
        start: l.start,
        end: l.start + l.text.length,
        to: instead.value[l.start],
      })),
    ]
    for (const c of changes.sort((a, b) => b.start - a.start)) {
      if (c.to !== undefined) out = out.slice(0, c.start) + c.to + out.slice(c.end)
    }
    return out
  }

  onScopeDispose(() => {
    stop()
    if (url.value) URL.revokeObjectURL(url.value)
  })
  return {
    photo,
    url,
    seen,
    wrong,
    isReading,
    ahead,
    instead,
    pieces,
    doubtful,
    open,
    strange,
    read,
    stop,
    text,
  }
}
