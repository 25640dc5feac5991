<script setup lang="ts">
// Says what went wrong, with a way to try again or, where a token is needed, to
// sign in. What is away for a moment is tried again by itself.
import { computed, onUnmounted } from 'vue'
import { Problem } from '../api'
import SignIn from './SignIn.vue'

// By hand: trying again does more than to read.
const props = defineProps<{ error: Error; to?: (href: string) => string; byHand?: boolean }>()
const emit = defineEmits<{ again: [] }>()
const status = computed(() => (props.error instanceof Problem ? props.error.status : 0))
const away = computed(() => !props.byHand && props.error instanceof Problem && props.error.passing)
const every = 3000 // ms
const trying = setInterval(() => {
  if (away.value && document.visibilityState === 'visible') emit('again')
}, every)
onUnmounted(() => clearInterval(trying))
const now = computed(() => (props.error instanceof Problem ? props.error.sent.now : undefined))
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
    <p v-else>{{ error.message }}<template v-if="away"> This page tries again by itself.</template></p>
    <RouterLink v-if="status === 404" to="/">All record sets</RouterLink>
    <RouterLink v-else-if="now && to" :to="to(now)">Show the list as it is now</RouterLink>
    <BButton v-else variant="outline-danger" size="sm" @click="$emit('again')">Try again</BButton>
  </BAlert>
</template>
