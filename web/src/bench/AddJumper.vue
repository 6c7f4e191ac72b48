<script setup lang="ts">
import { ref, watch } from 'vue'
import { api, body } from '@/api/client'
import type { UsualJumper } from '@/api/types'
import LabelledField from '@/shared/LabelledField.vue'
import { useCall } from '@/stores/call'
import { useUi } from '@/stores/ui'

/** Says across what a jumper goes in: one tap, or by name. */
const isOpen = defineModel<boolean>({ required: true })
const store = useCall()
const ui = useUi()
const usual = ref<UsualJumper[]>([])
const across = ref('')
const why = ref('')
const wrong = ref('')

watch(isOpen, async (open) => {
  if (!open) return
  across.value = ''
  why.value = ''
  wrong.value = ''
  usual.value = await body(api.GET('/api/jumpers', {})).catch(() => usual.value)
})
async function put(what: string) {
  if (await store.change('POST', '/jumpers', `jumper: ${what}`, { across: what, why: why.value })) {
    isOpen.value = false
    ui.pane = 'WORK'
  } else {
    wrong.value = store.problem || store.notice
  }
}
</script>

<template>
  <v-dialog v-model="isOpen" max-width="640" aria-label="Jumper in">
    <div class="zb-ask">
      <h2>A jumper goes in across what?</h2>
      <p class="zb-soft">A test, never a repair. It stays on the bench until it is out.</p>
      <LabelledField v-model="why" label="What it is to tell, if you like" has-no-wrong-line />
      <div class="places">
        <button v-for="u in usual" :key="u.across" type="button" class="place" @click="put(u.across)">
          <b>{{ u.across }}</b> <span class="zb-soft">{{ u.caution }}</span>
        </button>
      </div>
      <form class="other" @submit.prevent="put(across)">
        <LabelledField v-model="across" label="Something else" :wrong="wrong" class="grow" />
        <v-btn type="submit" color="secondary" variant="flat" height="48">It is in</v-btn>
      </form>
      <v-btn variant="text" class="shut" @click="isOpen = false">Not now</v-btn>
    </div>
  </v-dialog>
</template>

<style scoped>
p {
  margin: 0;
}
.places {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(250px, 1fr));
  border-top: var(--zb-line);
  border-left: var(--zb-line);
}
.place {
  min-height: 60px;
  padding: 6px 12px;
  border: 0;
  border-right: var(--zb-line);
  border-bottom: var(--zb-line);
  background: var(--zb-sheet);
  display: grid;
  text-align: left;
  cursor: pointer;
}
.other {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: start;
}
.other .v-btn {
  margin-top: 24px;
}
.grow {
  flex: 1 1 240px;
}
</style>
