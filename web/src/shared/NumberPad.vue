<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { mdiBackspaceOutline } from '@mdi/js'

/** The large pad: figures, OL, rub out, next. The physical keyboard does the same while it is on screen. */
const props = defineProps<{
  unit: string
  hasOverRange?: boolean
  goesBelowZero?: boolean
  nextWord?: string
  isReady: boolean
}>()
const text = defineModel<string>({ required: true })
const emit = defineEmits<{ next: [] }>()

const LONGEST = 9

function press(key: string) {
  if (key === 'OL') {
    text.value = 'OL'
  } else if (key === '±') {
    text.value = text.value.startsWith('-') ? text.value.slice(1) : `-${text.value}`
  } else if (key === 'back') {
    text.value = text.value === 'OL' ? '' : text.value.slice(0, -1)
  } else if (key === '.') {
    if (text.value === 'OL') text.value = '0.'
    else if (!text.value.includes('.')) text.value = text.value === '' ? '0.' : text.value + '.'
  } else if (text.value.length < LONGEST) {
    text.value = text.value === 'OL' || text.value === '0' ? key : text.value + key
  }
}

useEventListener(
  window,
  'keydown',
  (event: KeyboardEvent) => {
    const target = event.target as HTMLElement
    if (
      target.closest('input:not([type=checkbox]), textarea, select') ||
      event.ctrlKey ||
      event.metaKey ||
      event.altKey
    )
      return
    if (document.querySelector('.v-dialog.v-overlay--active')) return
    if (/^[0-9]$/.test(event.key)) press(event.key)
    else if (event.key === '.' || event.key === ',') press('.')
    else if (event.key === '-' && props.goesBelowZero) press('±')
    else if (event.key === 'Backspace') press('back')
    else if (event.key.toLowerCase() === 'o' && props.hasOverRange) press('OL')
    // with a figure on the pad Enter takes it, whatever was tapped last; with none it is the tapped button's, or the action's
    else if (
      event.key === 'Enter' &&
      (props.isReady || (text.value !== '' && !target.closest('button, a')))
    ) {
      if (props.isReady) emit('next')
    } else return
    event.preventDefault()
    event.stopImmediatePropagation()
  },
  { capture: true },
)
</script>

<template>
  <div class="pad" data-pad role="group" aria-label="Number pad" @mousedown.prevent>
    <button v-for="k in ['7', '8', '9']" :key="k" type="button" class="key" @click="press(k)">{{ k }}</button>
    <button v-if="goesBelowZero" type="button" class="key" aria-label="below zero" @click="press('±')">
      ±
    </button>
    <button
      v-else
      type="button"
      class="key word"
      :disabled="!hasOverRange"
      aria-label="OL, over range"
      @click="press('OL')"
    >
      OL
    </button>
    <button v-for="k in ['4', '5', '6']" :key="k" type="button" class="key" @click="press(k)">{{ k }}</button>
    <button type="button" class="key" aria-label="rub out" @click="press('back')">
      <svg width="26" height="26" viewBox="0 0 24 24" aria-hidden="true">
        <path :d="mdiBackspaceOutline" fill="currentColor" />
      </svg>
    </button>
    <button v-for="k in ['1', '2', '3']" :key="k" type="button" class="key" @click="press(k)">{{ k }}</button>
    <slot name="corner"
      ><span class="key unit" aria-hidden="true">{{ unit }}</span></slot
    >
    <button type="button" class="key" @click="press('0')">0</button>
    <button type="button" class="key" aria-label="point" @click="press('.')">.</button>
    <button type="button" class="key next" :disabled="!isReady" @click="emit('next')">
      {{ nextWord ?? 'next' }}
    </button>
  </div>
</template>

<style scoped>
.pad {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 6px;
}
.key {
  min-height: 56px;
  border: var(--zb-line);
  background: var(--zb-sheet);
  font-family: var(--zb-figures);
  font-size: 25px;
  font-weight: 600;
  display: flex;
  align-items: center;
  justify-content: center;
  cursor: pointer;
  padding: 0;
}
.key:active {
  background: var(--zb-ink);
  color: var(--zb-paper);
}
.word,
.unit,
.next {
  font-family: var(--zb-text);
  font-size: 18px;
  font-weight: 600;
}
.unit {
  border-color: transparent;
  background: none;
  cursor: default;
  color: var(--zb-soft);
}
.next {
  grid-column: span 2;
  background: var(--zb-ink);
  color: var(--zb-paper);
}
.key:disabled {
  color: var(--zb-soft);
  border-color: var(--zb-hair);
  background: none;
  cursor: default;
}
@media (max-height: 700px) {
  .key {
    min-height: 48px;
  }
}
</style>
