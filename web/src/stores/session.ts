import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { api, body } from '@/api/client'
import { isClockOff, isDoorShut, whoId } from '@/api/sender'
import type { Person } from '@/api/types'

export type Look = 'DEVICE' | 'DAY' | 'NIGHT'

/** Who works on this device, and how they like the bench. */
export const useSession = defineStore('session', () => {
  /** Colours of day or night, or whichever the device itself is set to. */
  const look = useLocalStorage<Look>(
    'zest-look',
    localStorage.getItem('zest-night') === 'true' ? 'NIGHT' : 'DEVICE',
  )
  /** Whether a verdict is felt. */
  const vibrates = useLocalStorage('zest-vibrates', true)
  /** Whether the end of a timer is heard. */
  const sounds = useLocalStorage('zest-sounds', true)
  /** Whether °C stands beside °F. */
  const hasCelsius = useLocalStorage('zest-celsius', false)
  const isLeftHand = useLocalStorage('zest-left-hand', false)
  const hasSingleKeys = useLocalStorage('zest-single-keys', true)
  const people = ref<Person[]>([])
  const isLoaded = ref(false)

  const who = computed(() => people.value.find((p) => p.id === whoId.value) ?? null)
  /** The bench opens once someone is named and has seen the caution. */
  const isReady = computed(() => who.value?.cautionAccepted === true)

  async function load() {
    people.value = await body(api.GET('/api/people'))
    isLoaded.value = true
  }

  async function add(name: string) {
    const person = await body(api.POST('/api/people', { body: { name } }))
    people.value.push(person)
    whoId.value = person.id
  }

  async function acceptCaution() {
    const id = whoId.value
    if (id === null) return
    const person = await body(api.POST('/api/people/{id}/caution', { params: { path: { id } } }))
    people.value = people.value.map((p) => (p.id === person.id ? person : p))
  }

  return {
    whoId,
    look,
    vibrates,
    sounds,
    hasCelsius,
    isLeftHand,
    hasSingleKeys,
    people,
    isLoaded,
    isDoorShut,
    isClockOff,
    who,
    isReady,
    load,
    add,
    acceptCaution,
  }
})
