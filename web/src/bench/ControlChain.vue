<script setup lang="ts">
import type { ChainPointView, ChainView } from '@/api/types'

/** The control circuit drawn in series from R to C: where the volts stand, where they are gone, what to read next. */
defineProps<{
  chain: ChainView
  active: string | null
  isOff: boolean
  figureOf: (name: string) => string
}>()
const emit = defineEmits<{ read: [name: string]; link: [name: string, isThere: boolean] }>()
const WORDS: Record<ChainPointView['state'], string> = {
  LIVE: 'there',
  WEAK: 'weak',
  DEAD: 'gone',
  UNREAD: '',
}
</script>

<template>
  <ol class="chain zb-bare" aria-label="Control circuit from R to C">
    <li
      v-for="p in chain.points"
      :key="p.name"
      :class="[p.state.toLowerCase(), { gap: p.isGap, fed: p.isFed }]"
    >
      <p class="link">
        <span class="word">{{ p.link }}</span>
        <b v-if="p.isGap">{{ p.state === 'WEAK' ? 'drops volts' : 'open' }}</b>
        <button
          v-if="p.canBeAbsent && p.state === 'UNREAD'"
          type="button"
          class="zb-bare none"
          :disabled="isOff"
          :aria-label="`This unit has no ${p.link}`"
          @click="emit('link', p.link, false)"
        >
          not in this unit
        </button>
      </p>
      <button
        type="button"
        class="pair point zb-bare"
        :class="{ on: p.name === active, next: p.name === chain.next }"
        :disabled="isOff"
        @click="emit('read', p.name)"
      >
        <span class="name">{{ p.name }}</span>
        <span class="volts"
          ><span class="zb-figure">{{ figureOf(p.name) || '–' }}</span> V</span
        >
        <span class="state">{{ WORDS[p.state] }}</span>
      </button>
    </li>
  </ol>
  <p v-if="chain.absent.length" class="zb-soft">
    Left out:
    <button
      v-for="link in chain.absent"
      :key="link"
      type="button"
      class="zb-bare none"
      :disabled="isOff"
      @click="emit('link', link, true)"
    >
      {{ link }}
    </button>
  </p>
</template>

<style scoped>
.chain {
  --at: 15px;
  list-style: none;
  margin: 0;
  padding: 0;
}
.link {
  position: relative;
  min-height: 34px;
  margin: 0;
  padding-left: calc(var(--at) + 24px);
  display: flex;
  align-items: center;
  gap: 14px;
}
.link .word {
  color: var(--zb-soft);
}
.link::before {
  content: '';
  position: absolute;
  left: calc(var(--at) - 1px);
  top: -15px;
  bottom: -15px;
  border-left: 2px dotted var(--zb-ink);
}
li:first-child .link::before {
  top: 50%;
}
.gap > .link::before,
.point::before {
  z-index: 1;
}
.fed > .link::before {
  left: calc(var(--at) - 3px);
  border-left: 6px solid var(--zb-ink);
}
.gap > .link::before {
  top: 34%;
  bottom: 34%;
  border: 0;
  left: calc(var(--at) - 11px);
  width: 22px;
  border-top: 3px solid var(--zb-ink);
  border-bottom: 3px solid var(--zb-ink);
  transform: rotate(-24deg);
}
.gap > .link .word {
  color: inherit;
  font-weight: 700;
}
.none {
  text-decoration: underline;
  text-underline-offset: 3px;
  margin-left: auto;
  min-height: 44px;
  padding: 0 6px;
}
.point {
  position: relative;
  scroll-margin: 8px 0 345px;
  width: 100%;
  min-height: 48px;
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto 56px;
  gap: 12px;
  align-items: center;
  padding: 0 8px 0 calc(var(--at) + 24px);
  text-align: left;
}
.point::before {
  content: '';
  position: absolute;
  left: calc(var(--at) - 9px);
  width: 18px;
  height: 18px;
  border: 2px solid var(--zb-ink);
  border-radius: 50%;
  background: var(--zb-paper);
}
.live > .point::before {
  background: var(--zb-ink);
}
.dead > .point::before {
  background: linear-gradient(
    45deg,
    var(--zb-paper) 44%,
    var(--zb-ink) 44%,
    var(--zb-ink) 56%,
    var(--zb-paper) 56%
  );
}
.weak > .point::before {
  background: linear-gradient(90deg, var(--zb-ink) 50%, var(--zb-paper) 50%);
}
.point.next::before,
.point.on::before {
  background: var(--zb-lemon);
}
.point.on {
  background: var(--zb-sheet);
  box-shadow: inset 0 0 0 2px var(--zb-ink);
}
.name {
  font-size: 17px;
  font-weight: 600;
}
.volts {
  font-size: 22px;
  white-space: nowrap;
}
.dead > .point .state,
.weak > .point .state {
  font-weight: 700;
}
</style>
