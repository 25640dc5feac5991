<script setup lang="ts">
// Says what went wrong, with a way to try again.
import { computed } from 'vue'
import { Problem } from '../api'

const props = defineProps<{ error: Error }>()
defineEmits<{ again: [] }>()
const missing = computed(() => props.error instanceof Problem && props.error.status === 404)
</script>

<template>
  <BAlert :model-value="true" variant="danger" class="problem">
    <p>{{ error.message }}</p>
    <RouterLink v-if="missing" to="/">All record sets</RouterLink>
    <BButton v-else variant="outline-danger" size="sm" @click="$emit('again')">Try again</BButton>
  </BAlert>
</template>
