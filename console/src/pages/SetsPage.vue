<script setup lang="ts">
// All record sets.
import { useQuery } from '@tanstack/vue-query'
import { listSets, ownsAll, readSession } from '../api'
import { setAddress } from '../paths'
import ProblemNote from '../components/ProblemNote.vue'
import { doneAt } from '../values'

document.title = 'Record sets – Page Ladder'
const { data, error, refetch, isPending } = useQuery({
  queryKey: ['sets'],
  queryFn: ({ signal }) => listSets(signal),
})
const { data: session } = useQuery({ queryKey: ['session'], queryFn: ({ signal }) => readSession(signal) })
</script>

<template>
  <div class="title-row">
    <h1>Record sets</h1>
    <RouterLink v-if="ownsAll(session)" to="/new" class="btn btn-primary">New set</RouterLink>
  </div>
  <ProblemNote v-if="error" :error="error" @again="refetch()" />
  <p v-else-if="isPending" role="status">Loading…</p>
  <div v-else-if="data && data.sets.length === 0" class="empty">
    <h2>There are no record sets yet</h2>
    <p v-if="ownsAll(session)">
      <RouterLink to="/new">Make one of a file</RouterLink> (CSV, NDJSON, JSON or XLSX), or
      <RouterLink to="/new#attach">attach a table or view</RouterLink> of a database that is there already.
    </p>
    <p v-else>An owner makes one of a file, or attaches a table of a database.</p>
    <p><code>pageladder demo</code> serves some to look at.</p>
  </div>
  <div v-else-if="data" class="sets">
    <RouterLink v-for="set in data.sets" :key="set.name" :to="setAddress(set.name)" class="set-card">
      <span class="set-name">{{ set.label }}</span>
      <span class="set-path">{{ set.name }}</span>
      <span v-if="set.records !== null" class="set-count">
        <strong>{{ set.records.toLocaleString() }}</strong> {{ set.records === 1 ? 'record' : 'records' }}
      </span>
      <span class="set-facts">
        {{ set.kind }}{{ set.open ? ', open to everyone' : ''
        }}<template v-if="set.version !== null"> · version {{ set.version }}</template> · changed
        {{ doneAt(set.changed_at) }}
      </span>
      <span class="set-fields">{{ set.fields.map((field) => field.label).join(', ') }}</span>
    </RouterLink>
  </div>
</template>
