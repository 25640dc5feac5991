<script setup lang="ts">
// After a change: which record, what was done, where it stands now, and how to undo.
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { keyPath } from '@pageladder/client'
import { setAddress } from '../paths'
import { Problem, readPage, readPlace } from '../api'
import { mark } from '../state'

const props = defineProps<{ set: string; query: string }>()
const emit = defineEmits<{ done: [] }>()
const queries = useQueryClient()
const of = computed(() => (mark.value?.set === props.set ? mark.value : null))
const gone = computed(() => of.value?.did === 'withdrawn' || of.value?.did === 'deleted')
const says = ref('')

/** Where the record stands in the list as it is asked for; null: the filters leave it out. */
const place = useQuery({
  queryKey: ['place', computed(() => props.set), computed(() => of.value?.key), computed(() => props.query)],
  queryFn: async ({ signal }) => {
    const here = (await readPage(props.set, props.query, signal)).body.paging
    try {
      const place = await readPlace(props.set, keyPath(of.value!.key), props.query)
      return {
        ...place,
        elsewhere: here.first_row === null || place.row < here.first_row || place.row > here.last_row!,
      }
    } catch (problem) {
      if (problem instanceof Problem && problem.status === 404) return null
      throw problem
    }
  },
  enabled: () => of.value !== null && !gone.value,
})

async function undo() {
  const now = of.value
  if (!now?.undo) return
  says.value = ''
  try {
    await now.undo()
    mark.value = { set: now.set, key: now.key, did: now.undone ?? 'restored' }
    await queries.invalidateQueries()
    emit('done')
  } catch (problem) {
    says.value = (problem as Error).message
  }
}
</script>

<template>
  <div v-if="of" class="change-note" role="status">
    <p>
      Record <strong>{{ of.key.join(', ') }}</strong> has been {{ of.did }}.
      <template v-if="!gone && place.data.value === null">The filters leave it out of this list.</template>
      <template v-else-if="!gone && place.data.value?.elsewhere">
        It now stands
        {{ place.data.value.page === null ? 'in' : `on page ${place.data.value.page.toLocaleString()},` }} row
        {{ place.data.value.row.toLocaleString() }}.
        <RouterLink :to="setAddress(set, place.data.value.href)">Go there</RouterLink>
      </template>
      <template v-else-if="!gone && place.data.value">It is marked below.</template>
    </p>
    <p v-if="says" class="wrong">{{ says }}</p>
    <BButton v-if="of.undo" size="sm" variant="outline-primary" @click="undo">Undo</BButton>
    <BButton size="sm" variant="link" @click="mark = null">Close this note</BButton>
  </div>
</template>
