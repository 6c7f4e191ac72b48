import { useEventListener } from '@vueuse/core'

const CLOSED_MILLIS = 60

/** Whoever closes a dialog is back where it was opened, and not at the top of the page. */
export function useFocusBack() {
  let last: HTMLElement | null = null
  const isInDialog = (e: Event) => (e.target as Element).closest?.('.v-overlay-container') !== null
  const back = (e: Event) => {
    if (!isInDialog(e)) return
    window.setTimeout(() => {
      const isOpen = document.querySelector('.v-dialog.v-overlay--active') !== null
      if (!isOpen && document.activeElement === document.body && last?.isConnected)
        last.focus({ preventScroll: true })
    }, CLOSED_MILLIS)
  }
  useEventListener(document, 'focusin', (e) => {
    if (!isInDialog(e)) last = e.target as HTMLElement
  })
  for (const event of ['focusout', 'click', 'keyup'] as const) useEventListener(document, event, back)
}
