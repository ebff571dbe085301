<template>
  <strong class="wheat">Contains wheat: not gluten-free.</strong>
</template>

<style scoped>
.wheat {
  color: var(--harm);
}
</style>
