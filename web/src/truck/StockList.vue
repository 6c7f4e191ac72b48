<script setup lang="ts">
import { useVirtualList } from '@vueuse/core'
import { computed } from 'vue'
import type { StockView } from '@/api/types'
import AlignedFigure from '@/shared/AlignedFigure.vue'

/**
 * Stock in the order of the van, or of one family by its figures, a row each; only what is in view is drawn. A tap on a row
 * opens it, − and + count.
 */
const props = defineProps<{ stock: readonly StockView[]; isByFigure?: boolean }>()
const emit = defineEmits<{ count: [line: StockView, by: 1 | -1]; open: [id: string] }>()
const ROW = 60
const inOrder = computed(() =>
  props.isByFigure
    ? [...props.stock].sort((a, b) => a.rating.localeCompare(b.rating, 'en', { numeric: true }))
    : props.stock,
)
const lines = computed(() =>
  inOrder.value.map((line, i) => ({
    line,
    figure: /^\d+(\.\d+)?/.exec(line.rating)?.[0] ?? '',
    /** the bay is named once, where it begins */
    bay: props.isByFigure || bayOf(line) === (i > 0 ? bayOf(inOrder.value[i - 1]!) : '') ? '' : bayOf(line),
  })),
)
const bayOf = (line: StockView) => line.bin.slice(0, 1).toUpperCase()
const bays = computed(() => lines.value.flatMap((l, i) => (l.bay ? [{ bay: l.bay, at: i }] : [])))
const { list, containerProps, wrapperProps, scrollTo } = useVirtualList(lines, {
  itemHeight: ROW,
  overscan: 8,
})
</script>

<template>
  <div class="stock">
    <nav v-if="bays.length > 1" class="bays" aria-label="Bays">
      <button v-for="b in bays" :key="b.bay" type="button" class="bay-key" @click="scrollTo(b.at)">
        {{ b.bay }}
      </button>
    </nav>
    <div v-bind="containerProps" class="window" tabindex="0" role="region" aria-label="Stock">
      <ul v-bind="wrapperProps" class="lines">
        <li v-for="{ data: { line, figure, bay } } in list" :key="line.id" class="line">
          <span class="zb-name bay" aria-hidden="true">{{ bay }}</span>
          <button type="button" class="zb-bare what" @click="emit('open', line.id)">
            <span class="zb-plate bin">{{ line.bin }}</span>
            <span class="rating">
              <b class="figures"
                ><AlignedFigure v-if="figure" :figure="figure" :whole="3" /><span>{{
                  line.rating.slice(figure.length).replace(' %', '\u00a0%')
                }}</span></b
              >
              <span class="zb-soft name">{{ line.name }}</span>
            </span>
          </button>
          <span class="low"
            ><template v-if="line.isLow"
              ><span class="half" aria-hidden="true" />{{ line.quantity }} of {{ line.minimum }},
              short</template
            ></span
          >
          <span class="counter">
            <button
              type="button"
              class="tap"
              :disabled="line.quantity === 0"
              :aria-label="`One less of ${line.rating}`"
              @click="emit('count', line, -1)"
            >
              −
            </button>
            <span class="zb-figure number">{{ line.quantity }}</span>
            <button
              type="button"
              class="tap"
              :aria-label="`One more of ${line.rating}`"
              @click="emit('count', line, 1)"
            >
              +
            </button>
          </span>
        </li>
      </ul>
    </div>
  </div>
</template>

<style scoped>
.stock {
  display: flex;
  flex-direction: column;
  min-height: 0;
  flex: 1;
}
.bays {
  display: flex;
  flex-wrap: wrap;
}
.bay-key {
  min-width: 48px;
  min-height: 48px;
  border: var(--zb-line);
  margin: 0 -2px -2px 0;
  background: var(--zb-sheet);
  font-family: var(--zb-plate);
  font-weight: 600;
  font-size: 20px;
  cursor: pointer;
}
.window {
  height: max(300px, calc(100dvh - 404px));
  border-top: var(--zb-line);
  margin-top: 2px;
}
.lines {
  list-style: none;
  margin: 0;
  padding: 0;
}
.line {
  height: 60px;
  display: grid;
  grid-template-columns: 36px minmax(0, 1fr) auto 148px;
  align-items: center;
  gap: 10px;
  border-bottom: 1px solid var(--zb-hair);
}
.bay {
  font-size: 26px;
}
.what {
  height: 100%;
  display: grid;
  grid-template-columns: 64px minmax(0, 1fr);
  align-items: center;
  gap: 10px;
  min-width: 0;
}
.what:hover b {
  text-decoration: underline;
  text-underline-offset: 3px;
}
.bin {
  justify-self: start;
  padding: 0 6px;
}
.rating {
  min-width: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 0 14px;
  align-items: baseline;
  overflow: hidden;
  max-height: 56px;
}
.figures {
  display: inline-flex;
  align-items: baseline;
  white-space: pre-wrap;
  font-variant-numeric: tabular-nums;
}
.figures :deep(.zb-figure) {
  font: inherit;
}
.low {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  white-space: nowrap;
}
.half {
  width: 14px;
  height: 18px;
  border: var(--zb-line);
  border-top: 0;
  background: linear-gradient(to top, var(--zb-ink) 40%, transparent 40%);
}
.counter {
  display: inline-flex;
  align-items: center;
  justify-content: flex-end;
}
.tap {
  width: 48px;
  min-height: 48px;
  border: var(--zb-line);
  background: var(--zb-sheet);
  font-size: 22px;
  font-weight: 600;
  cursor: pointer;
  padding: 0;
}
.tap:disabled {
  color: var(--zb-soft);
  border-color: var(--zb-hair);
  cursor: default;
}
.number {
  min-width: 48px;
  text-align: center;
  font-size: 22px;
  font-weight: 600;
}
@media (max-width: 839px) {
  .window {
    height: max(300px, calc(100dvh - 250px));
  }
  .bays {
    flex-wrap: nowrap;
    overflow-x: auto;
  }
  .line {
    grid-template-columns: minmax(0, 1fr) auto 140px;
    gap: 6px;
  }
  .bay,
  .name {
    display: none;
  }
  .what {
    grid-template-columns: 46px minmax(0, 1fr);
    gap: 6px;
  }
  .low {
    font-size: 0;
    gap: 0;
  }
}
</style>
