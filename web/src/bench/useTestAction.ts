import { computed, ref } from 'vue'
import { useCall } from '@/stores/call'

/** What follows from how the part at hand tests, as the bench says it; where a tap leads is the screen's. */
export function useTestAction() {
  const store = useCall()
  const closing = ref<'NOT_NEEDED' | 'FIXED_WITHOUT_PART' | 'CONDEMNED' | null>(null)
  const action = computed(() => {
    const test = store.part?.test
    if (!test) return { words: '', go: () => {} }
    const ways = {
      READ_LABEL: () => store.goStep('READ'),
      TEST: () => store.goStep('TEST'),
      READ_ON: store.step === 'TEST' ? null : () => store.goStep('TEST'),
      READ_AGAIN: store.step === 'TEST' ? null : () => store.goStep('TEST'),
      MATCH: () => store.goStep('MATCH'),
      HOOK_UP: () => store.goStep('HOOK_UP'),
      CLOSE_GOOD: () => void (closing.value = 'NOT_NEEDED'),
      GO_ON: () => store.goNext(),
    }
    return { words: test.words, go: ways[test.kind] }
  })
  return { action, closing }
}
