import { useEventListener } from '@vueuse/core'
import { useSession } from '@/stores/session'

/** Keys by what they do. Single keys rest while something is being typed; with Alt they always work. */
export function useKeys(keys: Record<string, () => void>) {
  const session = useSession()
  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    const target = event.target as HTMLElement
    const isTyping = target.closest('input:not([type=checkbox]), textarea, select, [data-pad]') !== null
    if (event.key === 'Escape' && isTyping) {
      target.blur()
      return
    }
    if (event.ctrlKey || event.metaKey || document.querySelector('.v-dialog.v-overlay--active')) return
    if (event.key === 'Enter' && target.closest('button, a, label') !== null) return
    const name = event.altKey ? `Alt+${event.key}` : event.key
    const action = keys[name]
    if (action && (event.altKey || (!isTyping && session.hasSingleKeys))) {
      event.preventDefault()
      action()
    }
  })
}
