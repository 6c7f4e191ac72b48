<script setup lang="ts">
import { computed } from 'vue'
import type { LookView } from '@/api/types'
import ActionBar from '@/shared/ActionBar.vue'
import FindingLines from '@/shared/FindingLines.vue'
import { dayOf } from '@/shared/time'
import { useCall } from '@/stores/call'
import ClosePart from '../ClosePart.vue'
import ReadingRow from '../ReadingRow.vue'
import { useTestAction } from '../useTestAction'

/** The verdicts with their reckoning, and what follows from them. */
const store = useCall()
const part = computed(() => store.part)
const looks = computed(() => part.value?.looks.filter((l) => l.seen !== undefined) ?? [])
const answer = (l: LookView) => l.answers.find((a) => a.key === l.seen)?.words ?? ''
const findings = computed(() => {
  const seen = new Map(part.value?.readings.flatMap((r) => r.findings).map((f) => [f.text, f]))
  return [...(part.value?.history ?? []), ...seen.values()].filter(
    (f) => f.kind !== 'SECTION_UNREAD' || !part.value?.filled.includes('TEST'),
  )
})
const { action, closing } = useTestAction()
const under = computed(() => {
  const since = store.call?.rulesSinceMillis
  return since ? `Shop rules of ${dayOf(since)} are in force` : 'Shop rules: the defaults'
})
</script>

<template>
  <div v-if="part">
    <div tabindex="0" class="zb-scroll">
      <p v-if="part.closed" class="zb-caution">
        <b>{{ part.closed.words }}</b>
        {{ part.closed.asLeft }} {{ part.closed.note }}
      </p>
      <p v-if="part.readings.length === 0 && looks.length === 0" class="zb-note">
        Nothing read yet, so there is nothing to judge.
      </p>
      <p v-for="l in looks" :key="l.key" class="look">
        {{ l.question }}: <b>{{ answer(l) }}</b>
        <span v-if="l.meaning" class="zb-soft">{{ l.meaning }}</span>
      </p>
      <template v-for="r in part.readings" :key="`${r.line} ${r.subject}`">
        <ReadingRow :subject="r.subject" :judged="r" :has-no-scale="!r.scale" />
        <div class="zb-note why">
          <p>{{ r.reckoning }}</p>
          <p class="zb-soft">{{ r.mark.type.toLowerCase() }}: {{ r.mark.source }}</p>
        </div>
      </template>
      <FindingLines :findings="findings" class="findings" />
    </div>
    <ActionBar :words="action.words" :is-off="!action.go" @act="action.go?.()">
      <span class="zb-soft">{{ under }}</span>
      <template v-if="store.isWorking && (part.readings.length || looks.length) && !part.closed">
        <v-btn v-if="part.verdict !== 'FAILED'" variant="text" height="32" @click="store.goStep('MATCH')"
          >replace it anyway</v-btn
        >
        <v-btn variant="text" height="32" @click="closing = 'FIXED_WITHOUT_PART'">fixed without a part</v-btn>
        <v-btn v-if="part.verdict === 'FAILED'" variant="text" height="32" @click="closing = 'CONDEMNED'"
          >condemned</v-btn
        >
      </template>
      <v-btn
        v-if="part.closed && store.isWorking"
        variant="text"
        height="32"
        @click="store.changePart('POST', '/reopen', 'reopen part')"
      >
        open it again
      </v-btn>
    </ActionBar>
    <ClosePart v-model="closing" />
  </div>
</template>

<style scoped>
.look {
  display: grid;
  border-bottom: 1px solid var(--zb-hair);
  padding: 6px 0 8px;
  margin-bottom: 8px;
  font-size: 19px;
}
.why {
  margin: 0 0 14px;
}
.findings {
  margin-top: 10px;
}
</style>
