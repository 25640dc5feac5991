<script setup lang="ts">
// All record sets.
import { useQuery } from '@tanstack/vue-query'
import { listSets } from '../api'
import { setAddress } from '../address'
import ProblemNote from '../components/ProblemNote.vue'

document.title = 'Record sets – Page Ladder'
const { data, error, refetch, isPending } = useQuery({
  queryKey: ['sets'],
  queryFn: ({ signal }) => listSets(signal),
})
const day = new Intl.DateTimeFormat(undefined, { dateStyle: 'medium', timeStyle: 'short' })
</script>

<template>
  <h1>Record sets</h1>
  <ProblemNote v-if="error" :error="error" @again="refetch()" />
  <p v-else-if="isPending" role="status">Loading…</p>
  <p v-else-if="data && data.sets.length === 0">
    There are no record sets yet. <code>pageladder demo</code> serves some to look at.
  </p>
  <div v-else-if="data" class="sets">
    <RouterLink v-for="set in data.sets" :key="set.name" :to="setAddress(set.name)" class="set-card">
      <span class="set-name">{{ set.label }}</span>
      <span class="set-path">{{ set.name }}</span>
      <span v-if="set.records !== null" class="set-count">
        <strong>{{ set.records.toLocaleString() }}</strong> {{ set.records === 1 ? 'record' : 'records' }}
      </span>
      <span class="set-facts">
        {{ set.kind }}<template v-if="set.version !== null"> · version {{ set.version }}</template> · changed
        {{ day.format(new Date(set.changed_at)) }}
      </span>
      <span class="set-fields">{{ set.fields.map((field) => field.label).join(', ') }}</span>
    </RouterLink>
  </div>
</template>
