<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import NumberPad from '@/shared/NumberPad.vue'
import { useCall } from '@/stores/call'
import ReadingRow from './ReadingRow.vue'
import MeterTake from './MeterTake.vue'

/** Running amps of compressor and fan against the plate's ratings. */
type Motor = 'COMPRESSOR' | 'FAN'
const store = useCall()
const unit = computed(() => store.call?.unit)
const MOTORS: readonly { motor: Motor; rating: string }[] = [
  { motor: 'COMPRESSOR', rating: 'RLA' },
  { motor: 'FAN', rating: 'FLA' },
]
const ratingText = (amps: number | undefined) => (amps ? String(amps) : '')
const rated = reactive<Record<Motor, string>>({
  COMPRESSOR: ratingText(unit.value?.ratedLoadAmps),
  FAN: ratingText(unit.value?.fanFullLoadAmps),
})
const active = ref<Motor | null>('COMPRESSOR')
const typed = ref('')
const isReady = computed(
  () =>
    Number(typed.value) >= 0 &&
    typed.value !== '' &&
    active.value !== null &&
    Number(rated[active.value]) > 0,
)
const known = (motor: Motor) => store.part?.amps.find((a) => a.subject === motor) ?? null

async function next() {
  const motor = active.value
  if (motor === null) return
  const amps = typed.value
  const json = {
    part: store.part?.id,
    place: motor,
    amps: Number(amps),
    rated: Number(rated[motor].replace(',', '.')),
  }
  typed.value = ''
  active.value = MOTORS.map((m) => m.motor).find((m) => m !== motor && !known(m)) ?? null
  if (!(await store.change('POST', '/amps', `${motor} ${amps} A`, json)) && store.notice === '') {
    active.value = motor
    typed.value = amps
  }
}
</script>

<template>
  <div class="desk" :class="{ reading: active }">
    <div>
      <p class="zb-caution zb-small">
        Power is on: clear of blades and terminals. Amps end the dead reading.
      </p>
      <div v-for="m in MOTORS" :key="m.motor" class="motor">
        <ReadingRow
          :subject="m.motor === 'COMPRESSOR' ? 'COMP' : 'FAN'"
          :judged="active === m.motor && typed ? null : known(m.motor)"
          :typed="typed"
          :is-active="active === m.motor"
          :can-read="store.isWorking"
          unit="A"
          has-no-scale
          @read="active = m.motor"
        />
        <label class="rated">
          <span>{{ m.rating }} of the plate</span>
          <input
            v-model="rated[m.motor]"
            class="zb-figure"
            inputmode="decimal"
            :aria-label="`${m.motor} ${m.rating} in amps`"
          />
          A
        </label>
        <p v-if="known(m.motor)" class="zb-soft">{{ known(m.motor)?.reckoning }}</p>
        <p v-for="f in known(m.motor)?.findings" :key="f.text">
          <b>{{ f.severity === 'INFO' ? '' : f.severity }}</b> {{ f.text }}
        </p>
      </div>
    </div>
    <div v-if="active && store.isWorking">
      <MeterTake :subject="active" unit="A" @take="typed = $event" />
      <NumberPad v-model="typed" unit="A" :is-ready="isReady" @next="next" />
    </div>
  </div>
</template>

<style scoped>
.desk {
  display: grid;
  gap: 12px 20px;
}
.desk.reading {
  grid-template-columns: minmax(0, 1fr) 236px;
  align-items: start;
}
.motor {
  border-bottom: 1px solid var(--zb-hair);
  padding-bottom: 8px;
}
.rated {
  display: flex;
  gap: 8px;
  align-items: center;
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
  .desk.reading {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
