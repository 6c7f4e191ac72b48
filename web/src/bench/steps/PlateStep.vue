<script setup lang="ts">
import ActionBar from '@/shared/ActionBar.vue'
import { useCall } from '@/stores/call'

/** What is known of the unit. */
const store = useCall()
</script>

<template>
  <div>
    <div tabindex="0" class="zb-scroll">
      <table v-if="store.call?.unit" class="zb-table plate">
        <tbody>
          <tr>
            <th scope="row">Unit</th>
            <td>{{ store.call.unit.site }}, {{ store.call.unit.name }}</td>
          </tr>
          <tr>
            <th scope="row">Supply and size</th>
            <td>{{ store.call.unit.line }}</td>
          </tr>
          <tr v-if="store.call.unit.ratedLoadAmps">
            <th scope="row">Compressor RLA</th>
            <td>
              <span class="zb-figure">{{ store.call.unit.ratedLoadAmps }}</span> A
            </td>
          </tr>
          <tr v-if="store.call.unit.fanFullLoadAmps">
            <th scope="row">Outdoor fan FLA</th>
            <td>
              <span class="zb-figure">{{ store.call.unit.fanFullLoadAmps }}</span> A
            </td>
          </tr>
          <tr v-for="p in store.call.unit.places" :key="p.id">
            <th scope="row">{{ p.name }}</th>
            <td>run capacitor for {{ p.serves }}</td>
          </tr>
        </tbody>
      </table>
    </div>
    <ActionBar :words="store.call?.next.text ?? ''" :is-off="!store.call?.next.part" @act="store.goNext()" />
  </div>
</template>

<style scoped>
.plate {
  border: var(--zb-line);
  background: var(--zb-sheet);
}
.plate th {
  border-bottom: 1px solid var(--zb-hair);
  padding-left: 16px;
  width: 200px;
  font-weight: 600;
}
</style>
