<script setup lang="ts">
import { computed, ref, type Component } from 'vue'
import type { Attribute, Fields } from '@/api/types'
import FieldEditor from './FieldEditor.vue'
import { isTable, textOf } from './fieldText'
import type { Label } from './useLabel'

/** What was read, a field a line, each with the piece it came from and what is doubtful about it, corrected by hand. */
const props = defineProps<{
  attributes: readonly Attribute[]
  fields: Fields
  label: Label
  isOff: boolean
  /** attributes about which a doubt is left once the text is kept; all where it is not */
  open?: readonly string[]
  /** fields that are told by a picture */
  views?: Record<string, Component>
}>()
const lit = defineModel<string | null>('lit', { required: true })
const isAll = ref(false)
const read = computed(() => props.label.read.value)
const corrected = computed(() => props.label.corrected.value)
const attributeOf = (field: string) => field.replace(/[[.].*/, '')
/** What was set by hand, or confirmed before, is no longer doubted. */
const doubts = computed(() =>
  (read.value?.doubts ?? [])
    .map((d) => ({ ...d, of: attributeOf(d.field) }))
    .filter((d) => !(d.of in corrected.value))
    .filter((d) => props.fields[d.of] === undefined || (props.open?.includes(d.of) ?? true)),
)
const shown = computed(() =>
  props.attributes.filter(
    (a) =>
      isAll.value ||
      props.fields[a.name] !== undefined ||
      doubts.value.some((d) => d.of === a.name) ||
      (a.decides && props.label.text.value !== ''),
  ),
)
</script>

<template>
  <p v-if="read?.unread.length" class="zb-soft">
    Not understood, kept in the text: <b>{{ read.unread.join('  ') }}</b>
  </p>
  <div v-if="shown.length" class="fields">
    <div
      v-for="a in shown"
      :key="a.name"
      class="line"
      :class="{ wide: isTable(a) && !views?.[a.name] }"
      @pointerenter="lit = a.name"
      @pointerleave="lit = null"
      @focusin="lit = a.name"
      @focusout="lit = null"
    >
      <span class="name">{{ a.label }}</span>
      <component
        :is="views?.[a.name] ?? FieldEditor"
        :fields="views?.[a.name] ? fields : undefined"
        :attribute="a"
        :value="fields[a.name]"
        :is-off="isOff"
        @change="label.correct(a.name, $event)"
      />
      <span class="from zb-small">
        <template v-if="a.name in corrected">by hand</template>
        <template v-else-if="label.piecesOf(a.name).length"
          >from “{{ label.piecesOf(a.name).join('” “') }}”</template
        >
        <template v-else-if="fields[a.name] === undefined">printed {{ a.where }}</template>
      </span>
      <div v-for="d in doubts.filter((x) => x.of === a.name)" :key="d.field" class="doubt">
        <span>{{ d.why }}</span>
        <v-btn
          v-if="fields[a.name] !== undefined && !isOff"
          height="40"
          @click="label.correct(a.name, fields[a.name])"
        >
          as read
        </v-btn>
        <v-btn
          v-if="d.suggest !== undefined && d.field === a.name && !isOff"
          height="40"
          @click="label.correct(d.field, d.suggest)"
        >
          take {{ textOf(a, d.suggest) }} {{ a.unit }}
        </v-btn>
      </div>
    </div>
  </div>
  <v-btn v-if="label.text.value || shown.length" variant="text" @click="isAll = !isAll">{{
    isAll ? 'only what is known' : 'every field'
  }}</v-btn>
</template>

<style scoped>
.fields {
  margin-top: 8px;
  border-top: var(--zb-line);
}
.line {
  display: grid;
  grid-template-columns: 112px minmax(0, 1fr) minmax(110px, 150px);
  gap: 4px 14px;
  align-items: center;
  padding: 4px 0;
  border-bottom: 1px solid var(--zb-hair);
}
.name {
  font-weight: 600;
}
.from {
  color: var(--zb-soft);
  overflow-wrap: anywhere;
}
/* rows take what room there is; where they are from stands below */
.wide > :not(.name) {
  grid-column: 2 / -1;
}
.doubt {
  grid-column: 2 / -1;
  display: flex;
  gap: 8px 12px;
  align-items: center;
  flex-wrap: wrap;
}
@media (max-width: 839px) {
  .line {
    grid-template-columns: minmax(0, 1fr);
  }
  .doubt,
  .wide > :not(.name) {
    grid-column: 1;
  }
}
</style>
