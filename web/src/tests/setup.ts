import { disableAutoUnmount, enableAutoUnmount } from '@vue/test-utils'
import { afterEach, beforeEach, vi } from 'vitest'
import { kept } from './kept'

// the files share what is loaded, so what stands in for the device is the same in all of them
vi.mock('idb-keyval', () => import('./kept'))
vi.mock('@vueuse/core', async (original) => {
  const { ear } = await import('./ear')
  return { ...(await original<typeof import('@vueuse/core')>()), useSpeechRecognition: () => ear }
})
vi.mock('@/photo/picture', () => ({
  drawnAnew: async (photo: Blob, degrees = 0) => new File([photo], `turned-${degrees}.jpg`),
}))
beforeEach(() => kept.clear())

class NoResizeObserver implements ResizeObserver {
  observe() {}
  unobserve() {}
  disconnect() {}
}
globalThis.ResizeObserver = NoResizeObserver

// a view left standing would still listen to the keyboard
disableAutoUnmount()
enableAutoUnmount(afterEach)

Element.prototype.scrollIntoView = () => {}

// the document of these tests has no viewport that zooms; dialogs listen to it
globalThis.visualViewport ??= new EventTarget() as VisualViewport

// the plots ask how many pixels a dot has
globalThis.matchMedia ??= () => new EventTarget() as MediaQueryList
