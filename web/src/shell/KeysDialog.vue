<script setup lang="ts">
/** What each key does. */
const isOpen = defineModel<boolean>({ required: true })
const KEYS = [
  ['/', 'Quick line'],
  ['1 – 6', 'Steps of the part: Read, Test, Judge, Match, Hook up, Prove'],
  ['Alt + 1 – 6', 'The same while something is being typed'],
  ['[  ]', 'Part before, part after'],
  ['t', 'Tape'],
  ['0 – 9  .  o', 'On the pad: figures, point, OL'],
  ['Enter', 'On the pad: next; else the action at the bottom'],
  ['Esc', 'Leave a field, so that keys are keys again'],
  ['?', 'This list'],
] as const
</script>

<template>
  <v-dialog v-model="isOpen" max-width="560" aria-label="Keys">
    <div class="box">
      <h2>Keys</h2>
      <table class="zb-table">
        <tbody>
          <tr v-for="[key, does] in KEYS" :key="key">
            <th scope="row" class="zb-figure">{{ key }}</th>
            <td>{{ does }}</td>
          </tr>
        </tbody>
      </table>
      <p class="zb-soft">Single keys can be switched off under your name, at the top right.</p>
      <v-btn @click="isOpen = false">Close</v-btn>
    </div>
  </v-dialog>
</template>

<style scoped>
.box {
  padding: 20px 24px;
  display: grid;
  gap: 12px;
}
th {
  white-space: nowrap;
  border-bottom: 1px solid var(--zb-hair) !important;
}
</style>
