<script setup lang="ts">
import { ref } from 'vue'
import { sendFile } from '@/api/client'
import type { ImportView } from '@/api/types'
import FilePick from '@/shared/FilePick.vue'

/** Stock or a price list as CSV, out and in; what a file would change shows before it does. */
const emit = defineEmits<{ taken: [] }>()
const file = ref<File | null>(null)
const seen = ref<ImportView | null>(null)
const isTaken = ref(false)
const wrong = ref('')

async function pick(picked: File) {
  file.value = picked
  isTaken.value = false
  await ask('/api/truck/import/preview')
}
async function ask(path: '/api/truck/import' | '/api/truck/import/preview') {
  if (!file.value) return false
  try {
    seen.value = await sendFile(path, { file: file.value })
    wrong.value = ''
    return true
  } catch (problem) {
    seen.value = null
    wrong.value = (problem as Error).message
    return false
  }
}
async function take() {
  if (await ask('/api/truck/import')) {
    isTaken.value = true
    emit('taken')
  }
}
</script>

<template>
  <section class="file">
    <p>
      A file has a line for each piece of stock. What a column leaves out stays as it is: a price list is
      <code>id,cost,price</code>.
    </p>
    <div class="row">
      <a href="/api/truck/stock.csv" class="zb-file" download>All stock as CSV</a>
      <FilePick label="Take a CSV in" accept=".csv,text/csv" @pick="pick" />
    </div>
    <p v-if="wrong" class="wrong" role="alert">
      <b>{{ file?.name }}: nothing was taken in.</b> {{ wrong }}
    </p>
    <template v-if="seen">
      <p role="status">
        <b>{{ isTaken ? 'Taken in:' : `${file?.name} would change:` }}</b>
        {{ seen.added }} new, {{ seen.changed }} changed, {{ seen.same }} the same.
      </p>
      <v-btn
        v-if="!isTaken && seen.added + seen.changed > 0"
        color="primary"
        variant="flat"
        height="48"
        @click="take"
        >Take it in</v-btn
      >
      <ul class="lines">
        <li v-for="l in seen.lines" :key="l.id">
          <b class="zb-name">{{ l.id }}</b> {{ l.name }} <span class="zb-soft">{{ l.change }}</span>
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
.file {
  display: grid;
  gap: 14px;
  justify-items: start;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
}
.wrong {
  border: var(--zb-line);
  background: var(--zb-sheet);
  padding: 10px 14px;
}
.lines {
  list-style: none;
  margin: 0;
  padding: 0;
  width: 100%;
}
.lines li {
  padding: 8px 0;
  border-bottom: 1px solid var(--zb-hair);
}
code {
  font-family: var(--zb-figures);
}
</style>
