<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { readSession, signOut } from './api'
import mark from './mark.svg'

const queries = useQueryClient()
const { data: session } = useQuery({
  queryKey: ['session'],
  queryFn: ({ signal }) => readSession(signal),
})

async function leave() {
  await signOut()
  await queries.resetQueries()
}
</script>

<template>
  <BApp>
    <a class="visually-hidden-focusable skip" href="#main">To the content</a>
    <header class="masthead">
      <RouterLink to="/" class="brand"
        ><img :src="mark" alt="" width="32" height="32" /> Page Ladder</RouterLink
      >
      <nav v-if="session && session.role !== 'nobody'" class="masthead-side" aria-label="You">
        <RouterLink v-if="session.role === 'owner' && !session.sets" to="/tokens">Tokens</RouterLink>
        <span v-if="session.tokens">{{ session.label }} ({{ session.role }})</span>
        <BButton v-if="session.tokens" size="sm" variant="outline-light" @click="leave">Sign out</BButton>
      </nav>
    </header>
    <main id="main" class="sheet" tabindex="-1">
      <RouterView />
    </main>
  </BApp>
</template>
