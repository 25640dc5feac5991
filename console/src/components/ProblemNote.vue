<script setup lang="ts">
// Says what went wrong, with a way to try again or, where a token is needed, to
// sign in.
import { computed } from 'vue'
import { Problem } from '../api'
import SignIn from './SignIn.vue'

const props = defineProps<{ error: Error; to?: (href: string) => string }>()
defineEmits<{ again: [] }>()
const status = computed(() => (props.error instanceof Problem ? props.error.status : 0))
const now = computed(() => (props.error instanceof Problem ? props.error.now : undefined))
const faults = computed(() => (props.error instanceof Problem ? props.error.faults : []))
</script>

<template>
  <SignIn v-if="status === 401" />
  <BAlert v-else :model-value="true" variant="danger" class="problem">
    <ul v-if="faults.length > 1">
      <li v-for="fault in faults" :key="fault.param + fault.why">
        <code>{{ fault.param }}={{ fault.given }}</code> {{ fault.says }}
      </li>
    </ul>
    <p v-else>{{ error.message }}</p>
    <RouterLink v-if="status === 404" to="/">All record sets</RouterLink>
    <RouterLink v-else-if="now && to" :to="to(now)">Show the list as it is now</RouterLink>
    <BButton v-else variant="outline-danger" size="sm" @click="$emit('again')">Try again</BButton>
  </BAlert>
</template>
