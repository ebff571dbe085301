<script setup lang="ts">
import { ElButton, ElDialog, ElSwitch } from 'element-plus'
import { keysOn } from '@/bench/keys'

/** The sheet of keys. */
const open = defineModel<boolean>({ required: true })
const KEYS = [
  ['?', 'This sheet'],
  ['Tab, Shift Tab', 'Forwards and back through everything that can be touched'],
  ['Enter', 'Does what is focused; on the griddle, touches that piece'],
  ['Space', 'At the griddle: the next thing, whichever it is'],
  ['Arrow keys', 'On a slider or a choice: less and more'],
  ['Esc', 'Closes what is open'],
]
</script>

<template>
  <ElDialog v-model="open" title="Keys" width="min(34rem, 94vw)" align-center>
    <dl class="sheet-keys">
      <template v-for="[key, words] in KEYS" :key="key">
        <dt>{{ key }}</dt>
        <dd>{{ words }}</dd>
      </template>
    </dl>
    <label class="sheet-switch"><ElSwitch v-model="keysOn" /> Single keys do things</label>
    <ElButton @click="open = false">Close</ElButton>
  </ElDialog>
</template>

<style scoped>
.sheet-keys {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 0.4rem 1rem;
  margin: 0;
}

dt {
  font-weight: 600;
}

dd {
  margin: 0;
}

.sheet-switch {
  display: flex;
  align-items: center;
  gap: 0.5rem;
  min-height: 44px;
}
</style>
