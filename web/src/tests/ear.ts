import { ref } from 'vue'
import { vi } from 'vitest'

/** What the browser hears with: jsdom has no ear. Stands in for VueUse's in all tests. */
export const ear = { isSupported: ref(false), isListening: ref(false), result: ref(''), toggle: vi.fn() }
