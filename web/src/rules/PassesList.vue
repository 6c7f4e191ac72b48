<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { api, body } from '@/api/client'
import type { DeviceView } from '@/api/types'
import { dayOf, whenOf } from '@/shared/time'

/** The devices that were let in, each with a pass that can be ended by itself. */
const devices = ref<DeviceView[]>([])
const isLoaded = ref(false)
const ending = ref<number | null>(null)
const wrong = ref('')

async function ask(work: () => Promise<DeviceView[]>) {
  try {
    devices.value = await work()
    isLoaded.value = true
    ending.value = null
    wrong.value = ''
  } catch (problem) {
    wrong.value = (problem as Error).message
  }
}
onMounted(() => ask(() => body(api.GET('/api/devices'))))
const end = (id: number) => ask(() => body(api.DELETE('/api/devices/{id}', { params: { path: { id } } })))
</script>

<template>
  <section aria-labelledby="passes">
    <h2 id="passes" class="zb-hidden">Devices that were let in</h2>
    <p v-if="isLoaded && devices.length === 0" class="zb-note">
      No other device is let in. <b class="zb-figure">./zest start --host NAME</b> opens the bench to phones.
    </p>
    <template v-else>
      <p class="zb-soft">A lost phone: end its pass here. It gets in again only with a new code.</p>
      <table class="zb-table">
        <thead>
          <tr>
            <th scope="col">Device</th>
            <th scope="col">Let in</th>
            <th scope="col">Last here</th>
            <th scope="col"><span class="zb-hidden">End</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="d in devices" :key="d.id">
            <td>
              <b>{{ d.name }}</b> <span v-if="d.isThis" class="zb-soft">this one</span>
            </td>
            <td>{{ dayOf(d.admittedAtMillis) }}</td>
            <td>
              {{ d.lastSeenMillis ? whenOf(d.lastSeenMillis) : 'not since the start' }}
            </td>
            <td class="do">
              <v-btn
                v-if="ending !== d.id"
                height="48"
                :aria-label="`End the pass of ${d.name}`"
                @click="ending = d.id"
                >End</v-btn
              >
              <template v-else>
                <v-btn height="48" color="secondary" variant="flat" @click="end(d.id)">End it</v-btn>
                <v-btn height="48" variant="text" @click="ending = null">Keep</v-btn>
              </template>
            </td>
          </tr>
        </tbody>
      </table>
    </template>
    <p class="zb-wrong" role="alert">{{ wrong }}</p>
  </section>
</template>

<style scoped>
td {
  vertical-align: middle;
}
.do {
  text-align: right;
}
</style>
