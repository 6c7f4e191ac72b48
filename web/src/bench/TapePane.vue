<script setup lang="ts">
import { computed, ref } from 'vue'
import { dayOf } from '@/shared/time'
import LabelledField from '@/shared/LabelledField.vue'
import { useCall } from '@/stores/call'
import { useUi } from '@/stores/ui'
import TapeLine from './TapeLine.vue'

/** The running record, newest on top. Tap a line for its reckoning. */
defineProps<{ isSpine?: boolean }>()
const store = useCall()
const ui = useUi()
const openLine = ref<number | null>(null)
const strikes = ref<number | null>(null)
const reason = ref('')

const under = computed(() => {
  const since = store.call?.rulesSinceMillis
  return since ? `Shop rules of ${dayOf(since)}.` : 'Shop rules: the defaults.'
})

function toggle(line: number) {
  openLine.value = openLine.value === line ? null : line
}
async function strike() {
  const line = strikes.value
  if (line === null) return
  if (
    await store.change(
      'POST',
      '/lines/{number}/strike',
      `strike line ${line}`,
      { reason: reason.value.trim() },
      { number: line },
    )
  ) {
    strikes.value = null
    reason.value = ''
  }
}
</script>

<template>
  <section class="tape" :class="{ spine: isSpine }" aria-label="Tape" data-tape>
    <button v-if="isSpine" type="button" class="open zb-bare" @click="ui.isTapeOpen = true">
      <span class="zb-plate" aria-hidden="true">t</span>
      <span class="side"
        >Tape, {{ store.call?.tape.length === 1 ? '1 line' : `${store.call?.tape.length} lines` }}</span
      >
    </button>
    <header class="head">
      <h2>Tape</h2>
      <v-btn v-if="ui.isTapeOpen" class="fold" variant="text" @click="ui.isTapeOpen = false">fold</v-btn>
      <span class="zb-soft">{{
        store.call?.tape.length === 1 ? '1 line' : `${store.call?.tape.length} lines`
      }}</span>
    </header>
    <div class="lines">
      <p v-if="store.call?.tape.length === 0" class="empty">
        Nothing read yet. What you read, judge and choose is kept here.
      </p>
      <TapeLine
        v-for="line in store.call?.tape"
        :key="line.number"
        :line="line"
        :is-open="openLine === line.number"
        :can-strike="line.strikable && store.isWorking"
        @toggle="toggle(line.number)"
        @strike="strikes = line.number"
      />
    </div>
    <footer class="foot zb-small">{{ under }} Tap a line for its reckoning.</footer>
    <v-dialog
      :model-value="strikes !== null"
      max-width="440"
      aria-label="Strike a line"
      @update:model-value="strikes = null"
    >
      <form class="box" @submit.prevent="strike">
        <h2>Strike line {{ strikes }}?</h2>
        <p>It stays on the tape, struck through.</p>
        <LabelledField v-model="reason" label="Why (lead slipped, wrong section)" :wrong="store.problem" />
        <div class="row">
          <v-btn type="submit" color="secondary" variant="flat">Strike it</v-btn>
          <v-btn variant="text" @click="strikes = null">Keep it</v-btn>
        </div>
      </form>
    </v-dialog>
  </section>
</template>

<style scoped>
.tape {
  display: flex;
  flex-direction: column;
  min-height: 0;
}
.head {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  padding: 14px 18px;
  border-bottom: 1px solid var(--zb-hair);
}
h2 {
  font-size: 19px;
}
.open {
  display: none;
}
@media (min-width: 840px) {
  .spine > :not(.open, .v-dialog) {
    display: none;
  }
  .open {
    display: flex;
    flex-direction: column;
    align-items: center;
    gap: 12px;
    width: 100%;
    height: 100%;
    padding-top: 14px;
  }
}
.side {
  writing-mode: vertical-rl;
  font-weight: 600;
}
.lines {
  flex: 1;
  overflow-y: auto;
}
.empty {
  padding: 18px;
}
.foot {
  padding: 10px 18px;
  border-top: 1px solid var(--zb-hair);
  color: var(--zb-soft);
}
.box {
  padding: 20px 24px;
  display: grid;
  gap: 10px;
}
.row {
  display: flex;
  gap: 12px;
}
</style>
