<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, body } from '@/api/client'
import LabelledField from '@/shared/LabelledField.vue'
import { usePreview } from '@/shared/usePreview'
import { useUi } from '@/stores/ui'

/** Takes a part in by its label, as it is printed. */
const props = defineProps<{ depot: string }>()
const emit = defineEmits<{ added: [] }>()
const ui = useUi()
const text = ref('')
const rest = ref({ bin: '', quantity: '1', minimum: '1', cost: '', price: '' })
const { seen, wrong } = usePreview(
  () => (text.value.trim() === '' ? null : text.value),
  (typed) => body(api.POST('/api/truck/label', { body: { text: typed } })),
  { offline: 'read once it is back.', keeps: true, restMillis: 180 },
)
const isReady = computed(() => seen.value !== null && rest.value.bin.trim() !== '')

watch(
  () => ui.label,
  (label) => {
    if (!label) return
    text.value = label
    ui.label = ''
  },
  { immediate: true },
)
const figure = (typed: string) => Number(typed.replace(',', '.') || 0)
async function add() {
  if (!isReady.value) return
  try {
    await body(
      api.POST('/api/truck', {
        body: {
          text: text.value,
          depot: props.depot,
          bin: rest.value.bin,
          quantity: figure(rest.value.quantity),
          minimum: figure(rest.value.minimum),
          cost: figure(rest.value.cost),
          price: figure(rest.value.price),
        },
      }),
    )
    text.value = ''
    rest.value = { ...rest.value, quantity: '1', minimum: '1', cost: '', price: '' }
    emit('added')
  } catch (problem) {
    wrong.value = (problem as Error).message
  }
}
</script>

<template>
  <form class="add" aria-label="Take a part in" @submit.prevent="add">
    <LabelledField
      v-model="text"
      label="Take in by its label"
      hint="45+5 MFD 440 VAC ±6%"
      has-no-wrong-line
    />
    <p class="zb-wrong" role="status">{{ wrong }}</p>
    <template v-if="seen">
      <p class="seen">
        <b class="zb-plate">{{ seen.rating }}</b> <span class="zb-soft">{{ seen.kind }}</span>
        <span v-if="seen.unread.length" class="zb-soft">kept unread: {{ seen.unread.join(' ') }}</span>
      </p>
      <div class="rest">
        <LabelledField v-model="rest.bin" label="Bin" has-no-wrong-line />
        <LabelledField v-model="rest.quantity" label="Count" kind="number" has-no-wrong-line />
        <LabelledField v-model="rest.minimum" label="Minimum" kind="number" has-no-wrong-line />
        <LabelledField v-model="rest.cost" label="Cost, $" kind="number" has-no-wrong-line />
        <LabelledField v-model="rest.price" label="Price, $" kind="number" has-no-wrong-line />
        <v-btn type="submit" color="primary" variant="flat" height="48" :disabled="!isReady">Take in</v-btn>
      </div>
    </template>
  </form>
</template>

<style scoped>
.add {
  margin-bottom: 8px;
}
.seen {
  display: flex;
  gap: 12px;
  align-items: center;
  flex-wrap: wrap;
  margin-bottom: 8px;
}
.rest {
  display: grid;
  grid-template-columns: repeat(5, minmax(72px, 120px)) auto;
  gap: 10px;
  align-items: end;
  justify-content: start;
}
@media (max-width: 839px) {
  .rest {
    grid-template-columns: repeat(3, minmax(0, 1fr));
  }
}
</style>
