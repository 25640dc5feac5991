<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, nextTick, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { ownsAll, readSession, signOut } from './api'
import { keysOn, theme, unloaded } from './state'
import drawing from './mark.svg'

const queries = useQueryClient()
const route = useRoute()
const { data: session } = useQuery({
  queryKey: ['session'],
  queryFn: ({ signal }) => readSession(signal),
})

/** The label of the token that the service makes for its owner; see internal/access/ownerfile.go. */
const ownersOwn = 'owner-token in the data folder'
const who = computed(() => {
  const { label, role } = session.value ?? {}
  return label === ownersOwn ? 'The owner' : `${label} (${role})`
})

/** On a narrow screen the settings open on demand. */
const more = ref(false)

async function leave() {
  await signOut()
  await queries.resetQueries()
}

// The browser would follow the link on <base>, away from this page.
const toContent = () => document.getElementById('main')?.focus()

// Another page begins at its top, for the eye and for the keyboard; within a page,
// such as from page to page of a list, focus stays where it is.
watch(
  () => route.path,
  async () => {
    more.value = false
    await nextTick()
    toContent()
  },
)
</script>

<template>
  <BApp>
    <a class="visually-hidden-focusable skip" href="#main" @click.prevent="toContent">To the content</a>
    <header class="masthead">
      <RouterLink to="/" class="brand"
        ><img :src="drawing" alt="" width="32" height="32" /> Page Ladder</RouterLink
      >
      <nav class="masthead-pages" aria-label="Console">
        <RouterLink to="/">Record sets</RouterLink>
        <RouterLink to="/calculator">Calculator</RouterLink>
        <RouterLink v-if="ownsAll(session)" to="/tokens">Tokens</RouterLink>
        <RouterLink to="/about">About</RouterLink>
      </nav>
      <button
        class="masthead-more"
        type="button"
        :aria-expanded="more"
        aria-controls="masthead-side"
        @click="more = !more"
      >
        Menu
      </button>
      <div id="masthead-side" class="masthead-side" :class="{ open: more }">
        <label class="choice"
          >Theme
          <select v-model="theme">
            <option value="system">system</option>
            <option value="light">light</option>
            <option value="dark">dark</option>
          </select>
        </label>
        <label
          class="choice"
          title="In a list: ←, →, Home and End change the page, / goes to the search, g to the page’s number"
          ><input v-model="keysOn" type="checkbox" /> Keyboard shortcuts</label
        >
        <RouterLink v-if="session?.role === 'nobody'" to="/sign-in">Sign in</RouterLink>
        <template v-else-if="session">
          <span>{{ who }}</span>
          <BButton size="sm" variant="outline-light" @click="leave">Sign out</BButton>
        </template>
      </div>
    </header>
    <main id="main" class="sheet" tabindex="-1">
      <h1 v-if="unloaded && !route.matched.length">Page Ladder</h1>
      <BAlert v-if="unloaded" :model-value="true" variant="danger" class="problem unloaded">
        <p>
          The page at {{ unloaded }} could not be loaded: the service cannot be reached, or is being updated.
        </p>
        <a class="btn btn-outline-danger btn-sm" :href="unloaded">Try again</a>
      </BAlert>
      <RouterView />
    </main>
  </BApp>
</template>
