<script setup lang="ts">
// Makes a set of a table or view of a source, which stays where it is.
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, reactive, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { attach, listSources, listTables, readTable } from '../api'
import { safeName, setAddress } from '../paths'
import ProblemNote from './ProblemNote.vue'

const router = useRouter()
const queries = useQueryClient()

const sources = useQuery({ queryKey: ['sources'], queryFn: ({ signal }) => listSources(signal) })
const from = reactive({
  source: '',
  table: '',
  name: '',
  label: '',
  key: [] as string[],
  fields: [] as string[],
  remember: 0,
  follow: false,
})
watch(
  () => sources.data.value,
  (all) => {
    if (all && !from.source) from.source = all.sources[0] ?? ''
  },
  { immediate: true },
)
const tables = useQuery({
  queryKey: ['tables', computed(() => from.source)],
  queryFn: ({ signal }) => listTables(from.source, signal),
  enabled: () => from.source !== '',
})
const picked = computed(() => tables.data.value?.tables.find((t) => `${t.schema}.${t.table}` === from.table))
const table = useQuery({
  queryKey: ['table', computed(() => from.source), picked],
  queryFn: ({ signal }) => readTable(from.source, picked.value!.schema, picked.value!.table, signal),
  enabled: () => picked.value !== undefined,
})
watch(
  () => table.data.value,
  (now) => {
    if (!now || !picked.value) return
    from.name = safeName(picked.value.table)
    from.key = now.key
    from.fields = now.fields.map((field) => field.name)
  },
)
const attachSays = ref('')
async function attachTable() {
  attachSays.value = ''
  const whole = table.data.value!.fields.map((field) => field.name)
  try {
    await attach({
      name: from.name,
      label: from.label || undefined,
      source: from.source,
      schema: picked.value!.schema,
      table: picked.value!.table,
      key: from.key,
      fields: from.fields.length === whole.length ? [] : whole.filter((name) => from.fields.includes(name)),
      remember_s: from.remember || undefined,
      follow: from.follow || undefined,
    })
    await queries.invalidateQueries()
    await router.push(
      from.follow ? `/sets/${encodeURIComponent(from.name)}/following` : setAddress(from.name),
    )
  } catch (error) {
    attachSays.value = (error as Error).message
  }
}
</script>

<template>
  <ProblemNote v-if="sources.error.value" :error="sources.error.value" @again="sources.refetch()" />
  <p v-else-if="sources.data.value?.sources.length === 0">
    The service has no source. Its operator names one with
    <code>pageladder serve --source NAME=URL</code>; the tables that its role may read can then be attached
    here.
  </p>
  <form v-else-if="sources.data.value" class="import" @submit.prevent="attachTable">
    <div class="form-row">
      <label>Source <BFormSelect v-model="from.source" :options="sources.data.value.sources" /></label>
      <label
        >Table or view
        <BFormSelect
          v-model="from.table"
          :options="[
            { value: '', text: 'choose one' },
            ...(tables.data.value?.tables ?? []).map((t) => `${t.schema}.${t.table}`),
          ]"
        />
      </label>
    </div>
    <p v-if="tables.error.value ?? table.error.value" class="wrong" role="alert">
      {{ (tables.error.value ?? table.error.value)?.message }}
    </p>
    <template v-if="table.data.value">
      <div class="form-row">
        <label
          >Name
          <BFormInput
            v-model="from.name"
            required
            pattern="[a-z][a-z0-9_\-]{0,62}"
            title="a–z, 0–9, _ and -, a letter first"
        /></label>
        <label>Label <BFormInput v-model="from.label" :placeholder="from.name" maxlength="200" /></label>
        <label
          >Totals and footholds may be remembered for
          <BFormSelect
            v-model="from.remember"
            :options="[
              { value: 0, text: 'no time: always counted' },
              { value: 60, text: 'a minute' },
              { value: 3600, text: 'an hour' },
              { value: 86400, text: 'a day' },
            ]"
          />
        </label>
      </div>
      <div class="table-frame" tabindex="0" role="region" aria-label="Fields of the table">
        <table class="table table-sm">
          <thead>
            <tr>
              <th scope="col">Field</th>
              <th scope="col">Type</th>
              <th scope="col">Key</th>
              <th scope="col">Shown</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="field in table.data.value.fields" :key="field.name">
              <th scope="row">{{ field.name }}</th>
              <td>
                {{ field.type.replace('_', ' ') }}
                <span v-if="field.unordered" class="quiet">no sort, no filter: {{ field.unordered }}</span>
              </td>
              <td>
                <input
                  v-model="from.key"
                  type="checkbox"
                  :value="field.name"
                  :aria-label="`${field.name} is of the key`"
                />
              </td>
              <td>
                <input
                  v-model="from.fields"
                  type="checkbox"
                  :value="field.name"
                  :aria-label="`Show ${field.name}`"
                />
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <p v-if="from.key.length === 0" class="quiet">
        No primary key was found: tick the fields that identify a record.
      </p>
      <p>
        <label>
          <input v-model="from.follow" type="checkbox" />
          Follow the table’s changes, so that totals and deep pages are exact and quick. Its owner runs a
          script for that, which comes next.
        </label>
      </p>
      <p v-if="attachSays" class="wrong" role="alert">{{ attachSays }}</p>
      <div class="actions">
        <BButton type="submit" variant="primary" :disabled="from.key.length === 0">Attach</BButton>
      </div>
    </template>
  </form>
</template>
