<script setup lang="ts">
import { lastSeenMillis } from '@/api/sender'
import { timeOf } from '@/shared/time'

/** Says that what is shown is what was last seen, where there is no connection. */
</script>

<template>
  <span v-if="lastSeenMillis" class="zb-plate" role="status"
    >no connection: as of {{ timeOf(lastSeenMillis) }}</span
  >
</template>
