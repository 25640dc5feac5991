<script setup lang="ts">
// A list that is held still: since when, how much has changed meanwhile, and the way out.
import { useQuery } from '@tanstack/vue-query'
import { computed, watch } from 'vue'
import { readSince, type Metadata, type Steps } from '../api'
import WordHelp from './WordHelp.vue'

const props = defineProps<{
  set: string
  query: string
  paging: Metadata
  links: Steps
  to: (href: string) => string
  hold: string // the console's address of the list held as it is
}>()

const emit = defineEmits<{ moved: [] }>() // the page is out of date

const held = computed(() => props.paging.changes_since !== undefined)
const since = useQuery({
  queryKey: ['since', computed(() => props.set), computed(() => props.query)],
  queryFn: ({ signal }) => readSince(props.set, props.query, signal),
  enabled: held,
  refetchInterval: 2_000,
})
/** Kept current; the page itself says how many there were when it was read. */
const changes = computed(() =>
  Math.max(props.paging.changes_since ?? 0, since.data.value?.paging.changes_since ?? 0),
)
watch(changes, (now) => {
  if (held.value && now > props.paging.changes_since!) emit('moved')
})
// Where the list cannot be held any more, the page is asked for again, and says so.
watch(since.error, (error) => error && emit('moved'))
</script>

<template>
  <p v-if="held" class="hold-note held" role="status">
    Held still at version {{ paging.version!.toLocaleString() }}:
    <strong>{{
      changes === 0
        ? 'nothing has changed since'
        : `${changes.toLocaleString()} ${changes === 1 ? 'change' : 'changes'} since`
    }}</strong>
    <RouterLink v-if="links.now" :to="to(links.now)">Show now</RouterLink>
  </p>
  <p v-else-if="paging.version" class="hold-note">
    <RouterLink :to="hold" title="Pages then stay as they are, while others change the records"
      >Hold this list still</RouterLink
    >
    <WordHelp word="hold still"><span></span></WordHelp>
  </p>
</template>
