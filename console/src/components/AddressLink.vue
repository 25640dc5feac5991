<script setup lang="ts">
// A link to an address of the console. RouterLink by itself calls every link to
// the same set the current page, whatever its query says.
defineProps<{ to: string }>()
defineOptions({ inheritAttrs: false })
</script>

<template>
  <RouterLink v-slot="{ href, navigate }" :to="to" custom>
    <a v-bind="$attrs" :href="href" @click="navigate"><slot /></a>
  </RouterLink>
</template>
