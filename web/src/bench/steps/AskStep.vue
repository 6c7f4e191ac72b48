<script setup lang="ts">
import { computed } from 'vue'
import ActionBar from '@/shared/ActionBar.vue'
import LabelledField from '@/shared/LabelledField.vue'
import { useDraft } from '@/shared/useDraft'
import { useCall } from '@/stores/call'

/** What is complained of, and words for the record. */
const store = useCall()
const { text: note, letGo } = useDraft(`note ${store.call?.id}`, () => '')
const isQuick = computed(() => store.call?.status === 'QUICK_CHECK')

async function keep() {
  if (await store.change('POST', '/notes', note.value, { text: note.value })) {
    note.value = ''
    letGo()
  }
}
</script>

<template>
  <div>
    <div tabindex="0" class="zb-scroll">
      <template v-if="isQuick">
        <p class="said">Type a label and readings into the quick line.</p>
        <p class="zb-note">
          <span class="zb-figure">45+5 440 6% : 44.1 4.9</span> reads a label, takes two readings and puts two
          verdicts on the tape.
        </p>
      </template>
      <template v-else>
        <p class="said">{{ store.call?.complaint }}</p>
        <form class="note" @submit.prevent="keep">
          <LabelledField
            v-model="note"
            kind="area"
            label="Note for the record: what ran, what was heard"
            has-no-wrong-line
          />
          <v-btn type="submit" :disabled="!note.trim() || !store.isWorking">Put it on the tape</v-btn>
        </form>
      </template>
    </div>
    <ActionBar
      :words="store.call?.next.text ?? ''"
      :is-off="isQuick || !store.call?.next.part"
      @act="store.goNext()"
    />
  </div>
</template>

<style scoped>
.said {
  font-size: 24px;
  font-weight: 600;
  line-height: 1.25;
  margin-bottom: 20px;
}
.note {
  display: grid;
  gap: 10px;
  justify-items: start;
}
.note > :first-child {
  width: 100%;
}
</style>
