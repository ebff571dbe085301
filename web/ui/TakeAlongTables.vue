<script setup lang="ts">
/** Tables of the kitchen as files for any spreadsheet. */
defineProps<{ tables: { name: 'record' | 'weighings' | 'larder' | 'trials'; label: string }[] }>()
</script>

<template>
  <p class="row screen-only">
    <span class="soft">For a spreadsheet:</span>
    <a v-for="one in tables" :key="one.name" :href="`/exports/${one.name}.csv`" download>{{ one.label }}</a>
  </p>
</template>
