<script setup lang="ts">
import { useTemplateRef } from 'vue'
import { keysOn, useKey } from '@/bench/keys'

/** The sheet of keys, on "?" or by its button. */
const sheet = useTemplateRef('sheet')
const KEYS = [
  ['?', 'This sheet'],
  ['Tab, Shift Tab', 'Forwards and back through everything that can be touched'],
  ['Enter', 'Does what is focused; on the griddle, touches that piece'],
  ['Space', 'At the griddle: the next thing, whichever it is'],
  ['Arrow keys', 'On a slider or a choice: less and more'],
  ['Esc', 'Closes what is open'],
]
const open = () => sheet.value?.showModal()
useKey('?', open)
defineExpose({ open })
</script>

<template>
  <button type="button" @click="open">Keys</button>
  <dialog ref="sheet" class="sheet" aria-labelledby="sheet-name">
    <h2 id="sheet-name">Keys</h2>
    <dl>
      <template v-for="[key, words] in KEYS" :key="key">
        <dt>{{ key }}</dt>
        <dd>{{ words }}</dd>
      </template>
    </dl>
    <label class="sheet-switch"><input v-model="keysOn" type="checkbox" /> Single keys do things</label>
    <form method="dialog"><button type="submit" class="quiet-button">Close</button></form>
  </dialog>
</template>

<style scoped>
.sheet {
  max-width: 34rem;
  border: 1px solid var(--edge-strong);
  border-radius: var(--round);
  background: var(--panel);
  color: var(--ink);
}

.sheet dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 0.4rem 1rem;
}

.sheet dt {
  font-weight: 600;
}

.sheet dd {
  margin: 0;
}

.sheet-switch {
  display: flex;
  align-items: center;
  gap: 0.5rem;
  min-height: 44px;
}
</style>
