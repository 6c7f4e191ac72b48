import { usePreferredDark, useVibrate, useWakeLock } from '@vueuse/core'
import { computed, watch } from 'vue'
import { useCall } from '@/stores/call'
import { useSession } from '@/stores/session'
import { useTimers } from '@/stores/timers'
import { useUi } from '@/stores/ui'

/** One for a verdict, two for FAILED; milliseconds on, off, on. */
const PULSE = { verdict: [60], failed: [60, 90, 60] }
const TONE = { hertz: 880, seconds: 0.5, loudness: 0.2 }

/** Whether it is night by the setting, or by the device where that is left to it. */
export function useNight() {
  const session = useSession()
  const isDark = usePreferredDark()
  return computed(() => (session.look === 'DEVICE' ? isDark.value : session.look === 'NIGHT'))
}

/** What hand and ear notice: a pulse for a verdict, a tone when a timer ends, a screen that stays on while either is awaited. */
export function useFeel() {
  const session = useSession()
  const store = useCall()
  const timers = useTimers()
  const ui = useUi()
  const wake = useWakeLock()
  const pulse = useVibrate({ pattern: PULSE.verdict })

  watch(
    () => [store.call?.id, store.call?.tape[0]?.number] as const,
    ([call, line], [callBefore, lineBefore]) => {
      const verdict = store.call?.tape[0]?.text.verdict
      const isNew = call === callBefore && line !== undefined && line > (lineBefore ?? 0)
      if (isNew && verdict && session.vibrates && pulse.isSupported.value)
        pulse.vibrate(verdict === 'FAILED' ? PULSE.failed : PULSE.verdict)
    },
  )
  watch(
    () => timers.first?.left,
    (left, before) => {
      if (left === 'now' && before !== undefined && before !== 'now' && session.sounds) tone()
    },
  )
  watch(
    () => timers.first !== null || ui.pads > 0,
    (isAwaited) => {
      if (!wake.isSupported.value) return
      void (isAwaited ? wake.request('screen') : wake.release())
    },
    { immediate: true },
  )
}

/** A tone of the device's own making, which dies away. */
function tone() {
  const context = new AudioContext()
  const source = context.createOscillator()
  const volume = context.createGain()
  const end = context.currentTime + TONE.seconds
  source.frequency.value = TONE.hertz
  volume.gain.setValueAtTime(TONE.loudness, context.currentTime)
  volume.gain.exponentialRampToValueAtTime(0.001, end)
  source.connect(volume).connect(context.destination)
  source.onended = () => void context.close()
  source.start()
  source.stop(end)
}
