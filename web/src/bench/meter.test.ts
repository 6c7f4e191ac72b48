import { flushPromises } from '@vue/test-utils'
import { beforeEach, expect, it, vi } from 'vitest'
import { callWith, onBench, part, server } from '@/tests/bench'
import PadDesk from './PadDesk.vue'

/** A stream that the test feeds. */
class Stream extends EventTarget {
  static last: Stream | null = null
  static opened: string[] = []
  onopen: (() => void) | null = null
  onerror: (() => void) | null = null
  onmessage: ((event: MessageEvent) => void) | null = null
  readyState = 1
  constructor(url: string | URL) {
    super()
    Stream.last = this
    Stream.opened.push(String(url))
  }
  say(name: string, data: object) {
    this.dispatchEvent(new MessageEvent(name, { data: JSON.stringify(data) }))
  }
  close() {
    this.readyState = 2
  }
}

beforeEach(() => {
  document.body.innerHTML = ''
  localStorage.clear()
  Stream.opened = []
  vi.stubGlobal('EventSource', Stream)
})

const desk = (place: Parameters<typeof onBench>[2]) =>
  onBench(PadDesk, callWith([part()]), place, {
    modelValue: '',
    isReading: true,
    at: 'HERM',
    unit: 'µF',
    isReady: false,
    hasOverRange: true,
  })

it('the meter stands beside every pad, and one tap takes what is in its window', async () => {
  server({})
  const view = await desk({ part: 'p1', step: 'TEST' })
  expect(Stream.opened).toEqual([])
  await view.find('.corner').trigger('click')
  await flushPromises()
  expect(decodeURIComponent(Stream.opened[0] ?? '')).toBe('/api/calls/7/meter?subject=HERM&sign=µF&part=p1')
  expect(view.find('.take').attributes('disabled')).toBeDefined()
  Stream.last?.say('reading', { value: 57.28, isOverRange: false, sign: 'µF' })
  await flushPromises()
  expect(view.find('.window').text()).toBe('57.28')
  await view.find('.take').trigger('click')
  expect(view.getComponent(PadDesk).emitted('update:modelValue')).toEqual([['57.28']])
  Stream.last?.say('reading', { isOverRange: true, sign: 'µF' })
  await flushPromises()
  expect(view.find('.window').text()).toBe('OL')
  Stream.last?.say('other', { words: 'The meter is on V: turn it to µF.' })
  await flushPromises()
  expect(view.find('.words').text()).toBe('The meter is on V: turn it to µF.')
  expect(view.find('.take').attributes('disabled')).toBeDefined()
  Stream.last?.say('lost', { words: 'The meter is gone: type what its window says.' })
  await flushPromises()
  expect(view.find('.words').text()).toContain('type what its window says')
  await view.find('.off').trigger('click')
  expect(view.find('.meter').exists()).toBe(false)
  expect(view.find('.corner').attributes('aria-label')).toBe('Take from meter')
})

it('asks for what is read: a new part, or a place of the call', async () => {
  localStorage.setItem('zest-meter', 'true')
  server({})
  await desk({ part: 'p1', step: 'PROVE' })
  expect(Stream.opened.at(-1)).toContain('isNew=true')
  await desk({ call: 'PROOF' })
  expect(Stream.opened.at(-1)).toContain('place=PROOF')
})
