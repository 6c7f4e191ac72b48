<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import FindingLines from '@/shared/FindingLines.vue'
import { useDraft } from '@/shared/useDraft'
import { useCall } from '@/stores/call'
import PadDesk from './PadDesk.vue'
import ReadingRow from './ReadingRow.vue'

/** Running amps of the motors that hang on a part; a rating that is not known can come later. */
const store = useCall()
const motors = computed(() => store.part?.motors ?? [])
type Motor = (typeof motors.value)[number]['place']
const rated = reactive<Partial<Record<Motor, string>>>({})
const ratedOf = (motor: Motor) =>
  rated[motor] ?? String(motors.value.find((m) => m.place === motor)?.rated ?? '')
const known = (motor: Motor) => store.part?.amps.find((a) => a.subject === motor) ?? null
const firstUnread = (but?: Motor) =>
  motors.value.map((m) => m.place).find((m) => m !== but && !known(m)) ?? null
const active = ref<Motor | null>(firstUnread() ?? motors.value[0]?.place ?? null)
const { text: typed, letGo } = useDraft(
  () => `amps ${store.call?.id} ${store.part?.id} ${active.value ?? ''}`,
  () => '',
)
const isReady = computed(() => typed.value !== '' && Number(typed.value) >= 0 && active.value !== null)
const SHORT = { COMPRESSOR: 'COMP', FAN: 'FAN', BLOWER: 'BLOWER' } as const

async function take(amps: string) {
  const motor = active.value
  if (motor === null) return
  const rating = Number(ratedOf(motor).replace(',', '.'))
  const json = {
    part: store.part?.id,
    place: motor,
    amps: Number(amps),
    ...(rating > 0 ? { rated: rating } : {}),
  }
  letGo()
  active.value = firstUnread(motor)
  if (!(await store.change('POST', '/amps', `${motor} ${amps} A`, json)) && store.notice === '') {
    active.value = motor
    typed.value = amps
  }
}
const next = () => (isReady.value ? take(typed.value) : undefined)
defineExpose({ isReady, next })
/** The verdicts, for whoever hears the bench. */
const said = computed(() =>
  motors.value
    .flatMap((m) => {
      const judged = known(m.place)
      return judged ? [`${SHORT[m.place]} ${judged.figure} ${judged.unit} ${judged.word}`] : []
    })
    .join('. '),
)
</script>

<template>
  <div>
    <p class="zb-caution zb-small">Power is on: clear of blades and terminals. Amps end the dead reading.</p>
    <PadDesk
      v-model="typed"
      :is-reading="active !== null && store.isWorking"
      :at="active"
      unit="A"
      :is-ready="isReady"
      @next="next"
    >
      <p class="zb-hidden" role="status">{{ said }}</p>
      <div v-for="m in motors" :key="m.place" class="motor" :class="{ on: active === m.place }">
        <ReadingRow
          :subject="SHORT[m.place]"
          :judged="active === m.place && typed ? null : known(m.place)"
          :typed="typed"
          :is-active="active === m.place"
          :can-read="store.isWorking"
          unit="A"
          :has-no-scale="active !== null || !known(m.place)?.scale"
          @read="active = m.place"
        />
        <div class="line">
          <label class="rated">
            <span>{{ m.ratingName }}</span>
            <input
              class="zb-figure"
              inputmode="decimal"
              :value="ratedOf(m.place)"
              :aria-label="`${m.place} ${m.ratingName} in amps`"
              @input="rated[m.place] = ($event.target as HTMLInputElement).value"
            />
            A
          </label>
          <v-btn v-if="active === m.place && store.isWorking" variant="text" height="48" @click="take('0')"
            >did not start</v-btn
          >
        </div>
        <p v-if="known(m.place)" class="zb-soft">{{ known(m.place)?.reckoning }}</p>
        <FindingLines :findings="known(m.place)?.findings ?? []" />
      </div>
    </PadDesk>
  </div>
</template>

<style scoped>
.motor {
  border-bottom: 1px solid var(--zb-hair);
  padding-bottom: 8px;
}
.line,
.rated {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.line {
  gap: 8px 20px;
}
.rated input {
  width: 96px;
  min-height: 48px;
  border: var(--zb-line);
  background: var(--zb-sheet);
  padding: 0 8px;
  font-size: 19px;
}
@media (max-width: 839px) {
  .motor:not(.on) .line {
    display: none;
  }
}
</style>
