<script setup lang="ts">
import { ref } from 'vue'
import { api, body } from '@/api/client'
import type { Help, Step } from '@/api/types'
import type { CallStep } from '@/stores/call'
import HelpPicture from './HelpPicture.vue'

/** Why a step is as it is: its rules in short, where each comes from, and a picture where that says more. */
const props = defineProps<{ topic: Step | CallStep; kind?: string }>()
const help = ref<Help | null>(null)
const wrong = ref('')
const isOpen = ref(false)

async function open() {
  isOpen.value = true
  wrong.value = ''
  try {
    help.value = await body(
      api.GET('/api/help/{topic}', {
        params: { path: { topic: props.topic }, query: { kind: props.kind } },
      }),
    )
  } catch (problem) {
    wrong.value = (problem as Error).message
  }
}
</script>

<template>
  <div class="zb-noprint">
    <button type="button" class="why zb-bare" aria-label="why? about this step" @click="open">
      <span class="long">why</span>?
    </button>
    <v-dialog v-model="isOpen" max-width="560" :aria-label="help?.title ?? 'Why'">
      <div class="box">
        <p v-if="wrong" class="zb-wrong" role="alert">{{ wrong }}</p>
        <template v-else-if="help">
          <h2>{{ help.title }}</h2>
          <HelpPicture v-if="help.picture" :picture="help.picture" />
          <div v-for="r in help.rules" :key="r.text" class="rule">
            <p>{{ r.text }}</p>
            <p class="zb-soft zb-small">{{ r.mark.source }}</p>
          </div>
        </template>
        <v-btn class="shut" height="48" @click="isOpen = false">Close</v-btn>
      </div>
    </v-dialog>
  </div>
</template>

<style scoped>
.why {
  min-width: 56px;
  min-height: 48px;
  padding: 0 8px;
  text-align: center;
  text-decoration: underline;
  text-underline-offset: 3px;
}
@media (max-width: 1100px) {
  .why {
    min-width: 40px;
    padding: 0;
  }
  .long {
    display: none;
  }
}
.box {
  padding: 20px 24px;
  display: grid;
  gap: 14px;
  max-height: 88dvh;
  overflow-y: auto;
}
h2 {
  font-size: 24px;
}
.rule p {
  margin: 0;
}
.shut {
  justify-self: start;
}
</style>
