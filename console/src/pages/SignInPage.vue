<script setup lang="ts">
// Signs in: by a link, whose code stands behind the "#" and is good once, or by a token.
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { readSession, signIn } from '../api'
import SignIn from '../components/SignIn.vue'

document.title = 'Sign in – Page Ladder'
const router = useRouter()
const queries = useQueryClient()
const { data: session } = useQuery({
  queryKey: ['session'],
  queryFn: ({ signal }) => readSession(signal),
})
const waiting = ref(location.hash.length > 1)
const says = ref('')

onMounted(async () => {
  const code = location.hash.slice(1)
  if (!code) return
  history.replaceState(history.state, '', location.pathname) // it is used up either way
  try {
    await signIn({ code })
    await queries.resetQueries()
  } catch (error) {
    says.value = (error as Error).message
  }
  waiting.value = false
})

// Whoever is signed in has nothing to do on this page.
watch([session, waiting], () => {
  if (!waiting.value && !says.value && session.value && session.value.role !== 'nobody') router.replace('/')
})
</script>

<template>
  <h1 class="visually-hidden">Sign in</h1>
  <p v-if="waiting" role="status">Signing in …</p>
  <template v-else>
    <p v-if="says" role="alert" class="wrong">{{ says }}</p>
    <SignIn />
  </template>
</template>
