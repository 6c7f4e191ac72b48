<script setup lang="ts">
import type { LineView } from '@/api/types'
import AlignedFigure from '@/shared/AlignedFigure.vue'
import VerdictMark from '@/shared/VerdictMark.vue'
import { whenOf } from '@/shared/time'

/** One line of the tape; struck ones stay to be read. */
defineProps<{ line: LineView; isOpen: boolean; canStrike: boolean }>()
const emit = defineEmits<{ toggle: []; strike: [] }>()
</script>

<template>
  <div class="line" :class="{ struck: line.struck }">
    <button type="button" class="face" :aria-expanded="isOpen" @click="emit('toggle')">
      <template v-if="line.text.figure">
        <span class="figure"
          ><AlignedFigure :figure="line.text.figure" /> <span class="unit">{{ line.text.unit }}</span></span
        >
        <span class="right">
          <VerdictMark
            v-if="line.text.verdict && !line.struck"
            :verdict="line.text.verdict"
            :word="line.text.word"
          />
          <template v-else-if="line.struck">struck</template>
        </span>
        <span class="detail zb-small"
          >{{ line.text.title }}<template v-if="line.text.detail">, {{ line.text.detail }}</template></span
        >
      </template>
      <template v-else>
        <span class="title">{{ line.text.title }}</span>
        <span class="right">
          <b v-if="line.text.word && !line.struck" class="zb-name">{{ line.text.word }}</b>
          <template v-if="line.struck">struck</template>
        </span>
        <span class="detail zb-small">{{ line.text.detail }}</span>
      </template>
      <span class="time zb-small">{{ whenOf(line.atMillis) }}</span>
    </button>
    <div v-if="isOpen" class="reckoning">
      <p v-for="r in line.text.reckoning" :key="r">{{ r }}</p>
      <p v-if="line.text.mark" class="zb-soft">
        {{ line.text.mark.type.toLowerCase() }}: {{ line.text.mark.source }}
      </p>
      <p class="zb-soft">line {{ line.number }}, {{ line.who }}</p>
      <v-btn v-if="canStrike" @click="emit('strike')">Strike this line</v-btn>
    </div>
  </div>
</template>

<style scoped>
.line {
  border-bottom: 1px solid var(--zb-hair);
}
.face {
  width: 100%;
  min-height: 64px;
  padding: 6px 18px;
  border: 0;
  background: none;
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  align-items: baseline;
  gap: 0 8px;
  text-align: left;
  cursor: pointer;
}
.figure {
  font-size: 24px;
  line-height: 1.25;
  white-space: nowrap;
}
.unit {
  font-size: 17px;
  font-family: var(--zb-text);
}
.title {
  font-weight: 600;
  line-height: 1.25;
  overflow-wrap: anywhere;
}
.right {
  text-align: right;
}
.detail,
.time {
  color: var(--zb-soft);
}
.time {
  text-align: right;
}
.struck .figure,
.struck .title,
.struck .detail {
  text-decoration: line-through;
  text-decoration-thickness: 2px;
  color: var(--zb-soft);
}
.reckoning {
  padding: 0 18px 14px;
  display: grid;
  gap: 6px;
  font-size: 16px;
}
</style>
