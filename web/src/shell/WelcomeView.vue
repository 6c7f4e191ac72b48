<script setup lang="ts">
import { ref } from 'vue'
import LabelledField from '@/shared/LabelledField.vue'
import Slice from '@/shared/Slice.vue'
import { useSession } from '@/stores/session'

/** First start: who works here, and the caution, once for each. */
const session = useSession()
const name = ref('')
const wrong = ref('')

async function add() {
  if (name.value.trim() === '') {
    wrong.value = 'Give a name; it goes on the tape beside each reading.'
    return
  }
  try {
    await session.add(name.value)
    wrong.value = ''
  } catch (problem) {
    wrong.value = (problem as Error).message
  }
}
async function accept() {
  try {
    await session.acceptCaution()
  } catch (problem) {
    wrong.value = (problem as Error).message
  }
}
</script>

<template>
  <main class="welcome">
    <div class="head">
      <Slice :filled="['READ', 'TEST', 'JUDGE']" :size="64" aria-hidden="true" />
      <h1 class="zb-name">Zest Bench</h1>
    </div>
    <template v-if="!session.who">
      <h2>Who works here?</h2>
      <div v-if="session.people.length" class="people">
        <button
          v-for="p in session.people"
          :key="p.id"
          type="button"
          class="person"
          @click="session.whoId = p.id"
        >
          {{ p.name }}
        </button>
      </div>
      <form @submit.prevent="add">
        <LabelledField
          v-model="name"
          :label="session.people.length ? 'Someone else' : 'Your name'"
          :wrong="wrong"
        />
        <v-btn type="submit" color="secondary" variant="flat">That is me</v-btn>
      </form>
    </template>
    <template v-else>
      <h2>{{ session.who.name }}, before you start</h2>
      <div class="zb-caution">
        <p>
          Mains and stored charge kill. Blades start by themselves, shells burn. Local code and the
          equipment's own instructions decide; this work is for qualified, and where the law asks for it
          licensed, people.
        </p>
        <p>
          What the bench says is an opinion on figures. The unit's own diagram and the part's own sheet come
          first.
        </p>
      </div>
      <p class="zb-wrong" role="alert">{{ wrong }}</p>
      <v-btn color="primary" variant="flat" class="accept" height="56" @click="accept"
        >Understood: open the bench</v-btn
      >
      <v-btn variant="text" @click="session.whoId = null">Someone else</v-btn>
    </template>
  </main>
</template>

<style scoped>
.welcome {
  width: min(520px, 100%);
  margin: 8vh auto 0;
  padding: 24px;
  display: grid;
  gap: 16px;
}
.head {
  display: flex;
  align-items: center;
  gap: 16px;
}
h1 {
  font-size: 44px;
}
.people {
  display: grid;
  gap: 8px;
}
.person {
  min-height: 56px;
  border: var(--zb-line);
  background: var(--zb-sheet);
  text-align: left;
  padding: 0 20px;
  font-size: 20px;
  font-weight: 600;
  cursor: pointer;
}
.zb-caution {
  display: grid;
  gap: 10px;
  font-size: 19px;
}
.accept {
  border: var(--zb-line) !important;
  font-size: 19px;
}
</style>
