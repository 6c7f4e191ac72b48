import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { createPinia, setActivePinia } from 'pinia'
import { effectScope, h, ref, type EffectScope } from 'vue'
import type { LabelPhotoView } from '@/api/types'
import { callWith, onBench, server } from '@/tests/bench'
import PhotoBoxes from './PhotoBoxes.vue'
import PhotoLook from './PhotoLook.vue'
import { useLook } from './useLook'

const BOX = [
  [10, 10],
  [110, 10],
  [110, 30],
  [10, 30],
]
const SEEN: LabelPhotoView = {
  read: {
    kind: 'unit-plate',
    title: 'Unit plate',
    text: 'RLA 17.6 LRA 96\nPORT',
    pieces: [
      {
        what: 'Compressors, RLA',
        text: 'RLA 17.6',
        shown: 'RLA 17.6',
        isPrivate: false,
        start: 0,
        end: 8,
        doubt: { other: 'RLA 11.6', open: 'RLA 1_.6', settled: '' },
      },
      { what: 'Compressors, LRA', text: 'LRA 96', shown: 'LRA 96', isPrivate: false, start: 9, end: 15 },
    ],
    unread: ['PORT'],
    hint: '',
  },
  width: 400,
  height: 300,
  turned: 180,
  boxes: [BOX, BOX],
  lines: [
    { text: 'RLA 17.6 LRA 96', start: 0, box: BOX, isTaken: true },
    { text: 'PORT', start: 16, box: BOX, isTaken: false },
  ],
  codes: [],
  others: [],
}

describe('a photo that is looked at', () => {
  let scope: EffectScope
  beforeEach(() => {
    setActivePinia(createPinia())
    scope = effectScope()
    URL.createObjectURL = vi.fn(() => 'blob:photo')
    URL.revokeObjectURL = vi.fn()
  })
  afterEach(() => scope.stop())

  function look(answer: () => Promise<Response>) {
    vi.stubGlobal('fetch', vi.fn(answer))
    return scope.run(() => useLook(() => 'auto')) as ReturnType<typeof useLook>
  }
  const found = async () => new Response(JSON.stringify(SEEN), { status: 200 })

  it('leaves open what nobody decided, and takes what was tapped or typed', async () => {
    const it = look(found)
    await it.read(new Blob(['x']))
    expect(it.photo.value?.name).toBe('turned-180.jpg')
    expect(it.open.value).toBe(1)
    expect(it.text()).toBe('RLA 1_.6 LRA 96\nPORT')
    it.instead.value = { 0: 'RLA 11.6', 16: 'PORT CALLOWAY' }
    expect(it.open.value).toBe(0)
    expect(it.text()).toBe('RLA 11.6 LRA 96\nPORT CALLOWAY')
    it.instead.value = { 0: 'RLA 17.6' }
    expect(it.text()).toBe('RLA 17.6 LRA 96\nPORT')
  })

  it('says why it was not read, and keeps the photo for another try', async () => {
    const it = look(
      async () =>
        new Response(JSON.stringify({ detail: '4 photos wait to be read' }), {
          status: 503,
          headers: { 'Content-Type': 'application/problem+json' },
        }),
    )
    await it.read(new Blob(['x']))
    expect(it.wrong.value).toContain('again in a moment')
    expect(it.photo.value).not.toBeNull()
    expect(it.isReading.value).toBe(false)
  })

  it('says nothing of an answer that comes after it was stopped', async () => {
    let answer: (r: Response) => void = () => undefined
    const it = look(() => new Promise((done) => (answer = done)))
    const reading = it.read(new Blob(['x']))
    await flushPromises()
    it.stop()
    answer(new Response(JSON.stringify(SEEN), { status: 200 }))
    await reading
    expect(it.seen.value).toBeNull()
    expect(it.wrong.value).toBe('')
  })
})

describe('the boxes over a photo', () => {
  const props = {
    url: 'blob:photo',
    width: 400,
    height: 300,
    boxes: [
      { start: 0, box: BOX, number: 1 },
      { start: 9, box: BOX, isPrivate: true },
    ],
    isCutting: false,
    lit: null,
  }

  it('light what is tapped and hide a serial', async () => {
    const view = mount(PhotoBoxes, { props })
    expect(view.find('.hidden').exists()).toBe(true)
    expect(view.find('.digit').text()).toBe('1')
    await view.findAll('g')[0]?.trigger('click')
    expect(view.emitted('update:lit')).toEqual([[0]])
  })

  it('cut where a frame is drawn, and not at a mere tap', async () => {
    const view = mount(PhotoBoxes, { props: { ...props, isCutting: true } })
    const picture = view.find('svg').element
    picture.getBoundingClientRect = () => new DOMRect(0, 0, 400, 300)
    picture.setPointerCapture = () => undefined
    const drag = async (to: { clientX: number; clientY: number }) => {
      picture.dispatchEvent(new MouseEvent('pointerdown', { clientX: 50, clientY: 60 }))
      picture.dispatchEvent(new MouseEvent('pointermove', to))
      picture.dispatchEvent(new MouseEvent('pointerup'))
      await flushPromises()
    }
    await drag({ clientX: 52, clientY: 62 })
    expect(view.emitted('cut')).toBeUndefined()
    await drag({ clientX: 250, clientY: 160 })
    expect(view.emitted('cut')).toEqual([[{ x: 50, y: 60, width: 200, height: 100 }]])
  })
})

describe('a photo on which nothing was read', () => {
  it('is kept beside the label that is typed for it', async () => {
    URL.createObjectURL = vi.fn(() => 'blob:photo')
    URL.revokeObjectURL = vi.fn()
    const none: LabelPhotoView = {
      ...SEEN,
      read: { kind: '', title: '', text: '', pieces: [], unread: [], hint: 'No text was found.' },
      turned: 0,
      boxes: [],
      lines: [],
    }
    const given = ref<File | null>(null)
    const kept = vi.fn()
    server({ '/api/label-photo': none, '/api/photo-queue': { ahead: 0 } })
    await onBench(
      { render: () => h(PhotoLook, { modelValue: given.value, kind: 'auto', onKeep: kept }) },
      callWith([]),
      { call: 'ASK' },
    )
    given.value = new File(['x'], 'label.jpg')
    await flushPromises()
    const keep = await vi.waitFor(() => {
      const found = [...document.querySelectorAll('button')].find((b) =>
        b.textContent?.includes('type the label'),
      )
      expect(found).toBeDefined()
      return found as HTMLButtonElement
    })
    keep.click()
    expect(kept.mock.calls[0]?.[0]).toBe('')
    expect((kept.mock.calls[0]?.[1] as File).name).toBe('turned-0.jpg')
  })
})
