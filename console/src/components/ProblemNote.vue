<script setup lang="ts">
// Says what went wrong, with a way to try again or, where a token is needed, to
// sign in.
import { computed } from 'vue'
import { Problem } from '../api'
import SignIn from './SignIn.vue'

const props = defineProps<{ error: Error }>()
defineEmits<{ again: [] }>()
const status = computed(() => (props.error instanceof Problem ? props.error.status : 0))
</script>

<template>
  <SignIn v-if="status === 401" />
  <BAlert v-else :model-value="true" variant="danger" class="problem">
    <p>{{ error.message }}</p>
    <RouterLink v-if="status === 404" to="/">All record sets</RouterLink>
    <BButton v-else variant="outline-danger" size="sm" @click="$emit('again')">Try again</BButton>
  </BAlert>
</template>
