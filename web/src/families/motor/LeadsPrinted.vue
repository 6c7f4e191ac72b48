<script setup lang="ts">
import { computed, ref } from 'vue'
import type { WireGiven } from '@/api/types'
import LabelledField from '@/shared/LabelledField.vue'
import { useCall } from '@/stores/call'
import WireEditor from '@/bench/WireEditor.vue'

/** The new motor's own leads, as its label prints them: their colours are the maker's and no code. */
const emit = defineEmits<{ kept: [] }>()
const store = useCall()
const leads = computed(() => store.part?.leads)
const connection = ref(leads.value?.connection ?? '')
const editor = ref<InstanceType<typeof WireEditor> | null>(null)
const send = (wires: WireGiven[]) =>
  store.changePart('PUT', '/leads/wires', 'leads as printed', { wires, connection: connection.value })
defineExpose({ keep: () => editor.value?.keep() })
</script>

<template>
  <div v-if="store.part && leads">
    <h3>Leads of the new motor, as its own label prints them</h3>
    <p class="zb-soft">
      What each lead is for, and its colour on this motor. Another maker's colours say nothing.
    </p>
    <LabelledField
      v-if="leads.isDual"
      v-model="connection"
      label="Low and high connection, as printed"
      hint="HIGH: 1-L1 2-L2 3-L3, 4-7 5-8 6-9"
      has-no-wrong-line
      class="connection"
    />
    <WireEditor
      ref="editor"
      :of="`leads ${store.part.id}`"
      :send="send"
      :wires="leads.wires"
      :terminals="leads.terminals"
      caption="new motor"
      has-no-names
      @kept="emit('kept')"
    />
  </div>
</template>

<style scoped>
h3 {
  font-size: 19px;
  margin-bottom: 4px;
}
.connection {
  margin: 8px 0;
  max-width: 520px;
}
</style>
