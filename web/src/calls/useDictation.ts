import { onBeforeUnmount, ref } from 'vue'

/** What of the browser's own speech recognition is used here. */
interface Recognition {
  lang: string
  interimResults: boolean
  onresult: ((event: { results: ArrayLike<ArrayLike<{ transcript: string }>> }) => void) | null
  onend: (() => void) | null
  onerror: (() => void) | null
  start(): void
  stop(): void
}
type WithSpeech = Window & {
  SpeechRecognition?: new () => Recognition
  webkitSpeechRecognition?: new () => Recognition
}

/** Says a label into a text, where the browser can hear; where it cannot, nothing offers it. */
export function useDictation(said: (text: string) => void) {
  const at = window as WithSpeech
  const Heard = at.SpeechRecognition ?? at.webkitSpeechRecognition
  const isListening = ref(false)
  let recognition: Recognition | null = null

  function toggle() {
    if (!Heard) return
    if (isListening.value) {
      recognition?.stop()
      return
    }
    recognition = new Heard()
    recognition.lang = navigator.language || 'en-US'
    recognition.interimResults = true
    recognition.onresult = (event) =>
      said(
        Array.from(event.results)
          .map((r) => r[0]?.transcript ?? '')
          .join(' ')
          .trim(),
      )
    recognition.onend = () => (isListening.value = false)
    recognition.onerror = () => (isListening.value = false)
    isListening.value = true
    recognition.start()
  }
  onBeforeUnmount(() => recognition?.stop())
  return { canHear: Heard !== undefined, isListening, toggle }
}
