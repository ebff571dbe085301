<script setup lang="ts">
import Term from '@/ui/Term.vue'

/** What is in the bowl, number by number. */
defineProps<{ facts: { name: string; value: string }[] }>()
</script>

<template>
  <dl class="bowl-facts">
    <template v-for="fact in facts" :key="fact.name">
      <dt>
        <Term v-if="fact.name === 'Hydration'" word="hydration">{{ fact.name }}</Term><template v-else>{{
          fact.name
        }}</template>
      </dt>
      <dd>{{ fact.value }}</dd>
    </template>
  </dl>
</template>

<style scoped>
.bowl-facts {
  display: grid;
  grid-template-columns: auto 1fr;
  margin: 0;
}

.bowl-facts dt {
  color: var(--ink-soft);
}

.bowl-facts dd {
  margin: 0;
  text-align: right;
  font-weight: 600;
}

.bowl-facts dt,
.bowl-facts dd {
  padding: 0.22rem 0;
  border-bottom: 1px solid var(--panel-edge);
}
</style>
