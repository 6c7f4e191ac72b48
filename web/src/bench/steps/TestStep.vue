<script setup lang="ts">
import { computed, ref } from 'vue'
import { FAMILIES } from '@/families'
import ActionBar from '@/shared/ActionBar.vue'
import FindingLines from '@/shared/FindingLines.vue'
import { useCall } from '@/stores/call'
import ClosePart from '../ClosePart.vue'
import LookButtons from '../LookButtons.vue'
import ReadingDesk from '../ReadingDesk.vue'
import { useTestAction } from '../useTestAction'

/** Readings against the label. */
const store = useCall()
const isOther = ref(false)
const part = computed(() => store.part)
const other = computed(() => FAMILIES[part.value?.kind ?? '']?.otherTest)
const reckonings = computed(() => part.value?.readings ?? [])
const { action, closing } = useTestAction()
/** What was said with the last reading; that another one is missing holds only until it is read. */
const findings = computed(() =>
  (reckonings.value.at(-1)?.findings ?? []).filter(
    (f) => part.value?.test.kind === 'READ_ON' || f.kind !== 'SECTION_UNREAD',
  ),
)
const name = (subject: string) => (subject === 'CAPACITOR' ? '' : subject)
</script>

<template>
  <component :is="FAMILIES[part.kind]!.test" v-if="part && FAMILIES[part.kind]?.test" />
  <div v-else-if="part">
    <div tabindex="0" class="zb-scroll">
      <p v-if="part.sections.length === 0" class="zb-note">
        The rating is not known yet. It is the largest print on the label; a reading means nothing without it.
      </p>
      <component :is="other.view" v-else-if="isOther && other" />
      <ReadingDesk v-else :sections="part.sections" :units="part.units" :known="part.readings">
        <div v-if="reckonings.length" class="zb-note reckoning">
          <p v-for="r in reckonings" :key="r.line">
            <b>{{ name(r.subject) }}</b> {{ r.reckoning }}
          </p>
          <FindingLines :findings="findings" />
        </div>
        <p v-else-if="part.lastTime" class="zb-soft">Last time: {{ part.lastTime.readings.join(', ') }}</p>
      </ReadingDesk>
      <LookButtons v-if="part.looks.length && part.sections.length" class="looked" />
    </div>
    <ActionBar :words="action.words" :is-off="!action.go" @act="action.go?.()">
      <template v-if="part.sections.length">
        <span v-if="other" class="zb-soft">{{
          isOther ? 'Measured running, start device off' : 'Measured with leads off'
        }}</span>
        <v-btn v-if="other && store.isWorking" variant="text" height="32" @click="isOther = !isOther">
          {{ isOther ? 'on the bench instead' : `${other.words} instead` }}
        </v-btn>
      </template>
      <v-btn v-if="part.readings.length" variant="text" @click="store.goStep('JUDGE')"
        >the whole reckoning</v-btn
      >
    </ActionBar>
    <ClosePart v-model="closing" />
  </div>
</template>

<style scoped>
.looked {
  margin-top: 18px;
  border-top: 1px solid var(--zb-hair);
  padding-top: 12px;
}
.reckoning {
  display: grid;
  gap: 4px;
}
</style>
