import { enableAutoUnmount } from '@vue/test-utils'
import { afterEach } from 'vitest'

class NoResizeObserver implements ResizeObserver {
  observe() {}
  unobserve() {}
  disconnect() {}
}
globalThis.ResizeObserver = NoResizeObserver

// a view left standing would still listen to the keyboard
enableAutoUnmount(afterEach)

Element.prototype.scrollIntoView = () => {}

// the document of these tests has no viewport that zooms; dialogs listen to it
globalThis.visualViewport ??= new EventTarget() as VisualViewport

// the plots ask how many pixels a dot has
globalThis.matchMedia ??= () => new EventTarget() as MediaQueryList
