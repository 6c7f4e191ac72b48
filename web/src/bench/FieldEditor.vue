<script setup lang="ts">
import { computed, ref, useId, watch } from 'vue'
import type { Attribute, Fields } from '@/api/types'
import ChoiceButtons from '@/shared/ChoiceButtons.vue'
import { isTable, textOf, valueOf, wordsOf } from './fieldText'

/** One field of a label in the form its attribute asks for. */
const props = defineProps<{ attribute: Attribute; value: unknown; isOff?: boolean }>()
const emit = defineEmits<{ change: [value: unknown] }>()
const id = useId()
const text = ref('')
const wrong = ref('')

/** Typed and not yet kept: what is read meanwhile does not overwrite it. */
let isTyped = false
watch(
  () => props.value,
  (value) => {
    if (isTyped) return
    text.value = textOf(props.attribute, value)
    wrong.value = ''
  },
  { immediate: true },
)

function keep() {
  const typed = valueOf(props.attribute, text.value)
  if ('wrong' in typed) {
    wrong.value = typed.wrong
    return
  }
  wrong.value = ''
  isTyped = false
  if (textOf(props.attribute, typed.value) !== textOf(props.attribute, props.value))
    emit('change', typed.value)
}

const FLAGS = [
  { value: 'true', words: 'yes' },
  { value: 'false', words: 'no' },
] as const
const isNamed = computed(() => isTable(props.attribute))
/** A name stands beside a choice only where one is printed. */
const columns = (row: Fields) =>
  props.attribute.rows.filter(
    (r) =>
      r.type !== 'TEXT' ||
      row[r.name] !== undefined ||
      !props.attribute.rows.some((o) => o.type === 'CHOICE'),
  )
const rows = () => (Array.isArray(props.value) ? (props.value as Fields[]) : [])
function setRow(at: number, name: string, value: unknown) {
  const next = rows().map((row, i) => (i === at ? { ...row, [name]: value } : row))
  emit(
    'change',
    next.map((row) => Object.fromEntries(Object.entries(row).filter(([, v]) => v !== undefined))),
  )
}
function removeRow(at: number) {
  const next = rows().filter((_, i) => i !== at)
  emit('change', next.length ? next : undefined)
}
</script>

<template>
  <div v-if="attribute.type === 'ROWS'" class="rows">
    <div v-for="(row, i) in rows()" :key="i" class="row">
      <div class="cells" :class="{ named: isNamed }">
        <div v-for="a in columns(row)" :key="a.name" :class="a.type === 'CHOICE' ? '' : 'cell'">
          <span v-if="isNamed" class="zb-small" aria-hidden="true">{{ a.label }}</span>
          <FieldEditor
            :attribute="a"
            :value="row[a.name]"
            :is-off="isOff"
            @change="setRow(i, a.name, $event)"
          />
        </div>
      </div>
      <button
        v-if="!isOff"
        type="button"
        class="zb-bare drop"
        :aria-label="`Remove ${attribute.label.toLowerCase()} ${i + 1}`"
        @click="removeRow(i)"
      >
        ✕
      </button>
    </div>
    <v-btn v-if="!isOff" variant="text" class="add" @click="emit('change', [...rows(), {}])">add one</v-btn>
  </div>
  <ChoiceButtons
    v-else-if="attribute.type === 'CHOICE'"
    is-clearable
    :label="attribute.label"
    is-hidden-label
    :choices="attribute.options.map((o) => ({ value: o, words: wordsOf(o) }))"
    :model-value="(value as string) ?? null"
    @update:model-value="emit('change', $event ?? undefined)"
  />
  <ChoiceButtons
    v-else-if="attribute.type === 'FLAG'"
    :label="attribute.label"
    is-hidden-label
    :choices="FLAGS"
    :model-value="value === undefined ? null : value ? 'true' : 'false'"
    @update:model-value="emit('change', $event === 'true')"
  />
  <div v-else class="one">
    <v-text-field
      :id="id"
      v-model="text"
      :aria-label="attribute.label + (attribute.unit ? ` in ${attribute.unit}` : '')"
      :readonly="isOff"
      :inputmode="attribute.type === 'NUMBER' ? 'decimal' : 'text'"
      :suffix="attribute.unit"
      autocomplete="off"
      @update:model-value="isTyped = true"
      @blur="keep"
      @keydown.enter.prevent="keep"
    />
    <p v-if="wrong" class="zb-wrong" role="alert">{{ wrong }}</p>
  </div>
</template>

<style scoped>
.rows {
  display: grid;
  gap: 6px;
}
.row {
  display: flex;
  gap: 6px;
  align-items: center;
}
.cells {
  display: flex;
  gap: 6px;
  align-items: center;
  flex-wrap: wrap;
  min-width: 0;
}
.cell {
  width: 120px;
}
/* figures that are named go on below where they do not stand side by side */
.named {
  flex: 1;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(100px, 1fr));
}
.named .cell {
  width: auto;
}
.row:has(.named) {
  align-items: end;
  padding-bottom: 6px;
}
.drop {
  min-width: 48px;
  min-height: 48px;
  text-align: center;
}
.add {
  justify-self: start;
}
.one {
  max-width: 240px;
}
</style>
