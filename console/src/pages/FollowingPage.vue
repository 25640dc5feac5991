<script setup lang="ts">
// How the table of an attached set is followed: the script for its owner, and what is still
// missing, looked for again while the page is open.
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { changeSet, readFollowing, readSet, sentence } from '../api'
import { setAddress } from '../paths'
import CodeBlock from '../components/CodeBlock.vue'
import ProblemNote from '../components/ProblemNote.vue'
import { doneAt } from '../values'

const props = defineProps<{ set: string }>()
const queries = useQueryClient()
const info = useQuery({
  queryKey: ['set', computed(() => props.set)],
  queryFn: ({ signal }) => readSet(props.set, signal),
})
const following = useQuery({
  queryKey: ['following', computed(() => props.set)],
  queryFn: ({ signal }) => readFollowing(props.set, signal),
  refetchInterval: 3000,
})
const label = computed(() => info.data.value?.label ?? props.set)
watch(label, () => (document.title = `Following ${label.value} – Page Ladder`), { immediate: true })
const now = computed(() => following.data.value)
const says = ref('')

async function follow(yes: boolean) {
  says.value = ''
  try {
    await changeSet(props.set, { follow: yes })
    await queries.invalidateQueries()
  } catch (error) {
    says.value = (error as Error).message
  }
}
</script>

<template>
  <p>
    <RouterLink :to="setAddress(set)">{{ label }}</RouterLink>
  </p>
  <h1>Following the table of {{ label }}</h1>
  <ProblemNote
    v-if="info.error.value ?? following.error.value"
    :error="(info.error.value ?? following.error.value)!"
    @again="following.refetch()"
  />
  <template v-if="now">
    <div role="status">
      <p v-if="!now.follow && !now.script">
        This list cannot be followed.
        <span v-for="what in now.missing" :key="what">{{ sentence(what) }} </span>
      </p>
      <p v-else-if="!now.follow">
        The table is not followed: each page counts its records, and skips to its place.
        <BButton size="sm" variant="primary" @click="follow(true)">Follow it</BButton>
      </p>
      <p v-else-if="now.exact">
        <strong>Followed</strong> since {{ doneAt(now.since!) }}: totals and deep pages are exact and quick.
        The log has {{ now.images.toLocaleString() }} rows, {{ (now.bytes / 1e6).toFixed(1) }} MB.
        <template v-if="now.lag_s != null">The standby is {{ now.lag_s.toFixed(1) }} s behind.</template>
      </p>
      <template v-else>
        <p>
          <strong>Not followed yet.</strong> Pages are right all the same, but each of them is counted and
          skipped to, which is slow in a long list. What is missing:
        </p>
        <ul>
          <li v-for="what in now.missing" :key="what">{{ what }}</li>
        </ul>
      </template>
    </div>
    <p v-if="says" class="wrong" role="alert">{{ says }}</p>
    <template v-if="now.follow && now.script">
      <h2>The script</h2>
      <p>
        The owner of the table reads it and runs it, in the table’s own database. It can be run again, and
        must be after a column that the list is sorted or filtered by has been given another type.
      </p>
      <CodeBlock :text="now.script" label="the script" />
      <h2>Taking it off</h2>
      <p>
        This removes all that the script has made.
        <BButton size="sm" variant="outline-primary" @click="follow(false)">Follow it no more</BButton>
      </p>
      <CodeBlock :text="now.undo" label="what takes it off" />
    </template>
  </template>
</template>
