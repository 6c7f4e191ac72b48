<script setup lang="ts">
import { computed } from 'vue'
import type { JudgedView } from '@/api/types'
import AlignedFigure from '@/shared/AlignedFigure.vue'
import JudgedScale from '@/shared/JudgedScale.vue'
import VerdictMark from '@/shared/VerdictMark.vue'

/** One section: its name, the figure large, the verdict, and where it lies on the scale. */
const props = defineProps<{
  subject: string
  judged: JudgedView | null
  typed?: string
  isActive?: boolean
  isPreview?: boolean
  canRead?: boolean
  hasNoScale?: boolean
  /** shown until a reading brings its own */
  unit?: string
  /** whether it waits on the device for a connection */
  isWaiting?: boolean
}>()
const emit = defineEmits<{ read: [] }>()

const figure = computed(() =>
  (props.isActive || props.isWaiting) && props.typed ? props.typed : (props.judged?.figure ?? ''),
)
const shownUnit = computed(() =>
  figure.value === 'OL' || figure.value === 'open' ? '' : props.judged?.unit || props.unit || 'µF',
)
</script>

<template>
  <div class="row" :class="{ active: isActive, long: subject.length > 5 && subject !== 'CAPACITOR' }">
    <component
      :is="canRead ? 'button' : 'div'"
      class="face zb-bare"
      :type="canRead ? 'button' : undefined"
      @click="canRead && emit('read')"
    >
      <span class="zb-name subject">{{ subject === 'CAPACITOR' ? 'CAP' : subject }}</span>
      <span class="figure">
        <AlignedFigure v-if="figure" :figure="figure" />
        <span v-else class="zb-figure none">–</span>
        <span class="unit">{{ shownUnit }}</span>
      </span>
      <VerdictMark v-if="judged" :verdict="judged.verdict" :word="judged.word" class="verdict" />
      <span v-else-if="isWaiting" class="zb-soft verdict waits">waiting</span>
      <span v-else class="zb-soft verdict">{{ isActive ? 'type the reading' : 'not read' }}</span>
      <span v-if="canRead && judged && !isActive" class="zb-hidden">read again</span>
    </component>
    <JudgedScale v-if="!hasNoScale" :judged="judged" :subject="subject" keeps-axis />
  </div>
</template>

<style scoped>
.row {
  container-type: inline-size;
  padding: 4px 0 8px;
  border-bottom: 1px solid var(--zb-hair);
}
.row:last-child {
  border-bottom: 0;
}
.face {
  width: 100%;
  display: grid;
  grid-template-columns: minmax(60px, auto) minmax(0, 1fr) auto;
  align-items: baseline;
  gap: 8px;
  min-height: 64px;
}
.subject {
  font-size: 24px;
  white-space: nowrap;
}
.active .subject {
  text-decoration: underline;
  text-decoration-color: var(--zb-lemon);
  text-decoration-thickness: 6px;
  text-underline-offset: 4px;
  text-decoration-skip-ink: none;
}
.figure {
  font-size: 54px;
  line-height: 1.15;
  white-space: nowrap;
}
.none {
  color: var(--zb-soft);
  padding-left: 1ch;
}
.unit {
  font-family: var(--zb-text);
  font-size: 22px;
  margin-left: 8px;
  color: var(--zb-soft);
}
.verdict {
  font-size: 18px;
}
.waits {
  border: 2px dashed var(--zb-ink);
  padding: 0 8px;
}
.long .face {
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0 8px;
}
.long .subject {
  grid-column: 1 / -1;
  font-size: 19px;
}
.long .figure {
  font-size: 40px;
}
@container (max-width: 470px) {
  .row:not(.long) .face {
    grid-template-columns: minmax(50px, auto) minmax(0, 1fr) auto;
    gap: 4px;
  }
  .figure {
    font-size: 42px;
  }
  .unit {
    font-size: 19px;
    margin-left: 4px;
  }
  .verdict {
    font-size: 17px;
  }
}
@media (max-width: 839px) {
  .figure {
    font-size: 50px;
  }
  .row:not(.long) .face {
    grid-template-columns: minmax(52px, auto) minmax(0, 1fr);
    gap: 0 8px;
  }
  .row:not(.long) .verdict {
    grid-column: 2;
  }
  /* a row that is not being read is one line */
  .row:not(.active) {
    padding: 0;
  }
  .row:not(.active) .face {
    grid-template-columns: minmax(52px, auto) minmax(0, 1fr) auto;
    min-height: 48px;
  }
  .row:not(.active) .figure {
    font-size: 26px;
  }
  .row:not(.active) .unit {
    font-size: 17px;
  }
  .row:not(.active) .verdict {
    grid-column: auto;
    font-size: 16px;
  }
  .row:not(.active) .subject {
    grid-column: auto;
    font-size: 18px;
  }
}
</style>
