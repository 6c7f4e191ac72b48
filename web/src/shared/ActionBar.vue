<script setup lang="ts">
import { computed, inject } from 'vue'
import { BENCH } from '@/shared/bench'
import { useSession } from '@/stores/session'

/**
 * The one next action of a step, with what else could be done as plain words beside it. Where a STOP stands, what it asks
 * for is the action, unless the step's own keeps what is typed.
 */
const props = defineProps<{ words: string; isOff?: boolean; why?: string; keeps?: boolean }>()
const emit = defineEmits<{ act: [] }>()
const bench = inject(BENCH, null)
const stop = computed(() => (props.keeps ? null : (bench?.stop ?? null)))
const done = computed(() => (stop.value ? (bench?.done ?? '') : ''))
const isDisabled = computed(() => (stop.value ? bench?.isAtStop && !done.value : props.isOff))
function act() {
  if (done.value) bench?.settleStop()
  else if (stop.value) bench?.goStop()
  else emit('act')
}
const session = useSession()
</script>

<template>
  <div class="bar zb-noprint" :class="{ left: session.isLeftHand }">
    <div class="beside">
      <slot /> <span v-if="why" class="zb-soft">{{ why }}</span>
    </div>
    <button type="button" class="act" :disabled="isDisabled" data-action @click="act">
      <span>{{ done || (stop ? stop.action : words) }}</span>
      <span v-if="!isDisabled" class="enter" aria-hidden="true">Enter</span>
    </button>
  </div>
</template>

<style scoped>
.bar {
  padding: 8px 20px 16px;
}
.beside:not(:has(*)) {
  min-height: 8px;
}
.beside {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 16px;
  padding-bottom: 6px;
}
.act {
  width: 100%;
  min-height: 56px;
  display: flex;
  justify-content: space-between;
  align-items: center;
  padding: 8px 22px;
  border: var(--zb-line);
  background: var(--zb-lemon);
  color: var(--zb-on-lemon);
  font-size: 19px;
  font-weight: 700;
  cursor: pointer;
  text-align: left;
}
.act:disabled {
  background: none;
  color: var(--zb-soft);
  border-color: var(--zb-hair);
  cursor: default;
}
@media (max-width: 839px) and (max-height: 700px) {
  :global(.step-view:has([data-pad]) .bar .act) {
    display: none;
  }
}
@media (max-height: 500px) {
  :global(.step-view:has([data-pad]) .bar) {
    display: none;
  }
}
/* on its side a phone has width to give and no height */
@media (max-height: 500px) and (min-width: 600px) {
  .bar {
    display: flex;
    align-items: center;
    gap: 16px;
  }
  .beside {
    flex: none;
    max-width: 50%;
    padding: 0;
  }
  .beside:not(:has(*)) {
    display: none;
  }
  .act {
    min-height: 48px;
  }
}
@media (max-width: 839px) {
  /* while the pad is on, its own "next" is the action */
  :global(.step-view:has([data-pad]) .bar .act:disabled) {
    display: none;
  }
  .bar {
    padding: 4px 12px 10px;
  }
  .enter {
    display: none;
  }
  .act {
    justify-content: center;
    text-align: center;
  }
  .left .act {
    justify-content: flex-start;
  }
}
</style>
