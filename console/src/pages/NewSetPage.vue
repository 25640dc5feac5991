<script setup lang="ts">
// A new set: from a file, whose fields are looked at before anything is kept, or
// from a table or view of a source, which stays where it is.
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, onUnmounted, reactive, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import {
  attach,
  fieldTypes,
  listSources,
  listTables,
  Problem,
  readProgress,
  readTable,
  sendFile,
  type BadRow,
  type Imported,
} from '../api'
import { setAddress } from '../address'
import ProblemNote from '../components/ProblemNote.vue'
import TabRow from '../components/TabRow.vue'

document.title = 'New set – Page Ladder'
const route = useRoute()
const router = useRouter()
const queries = useQueryClient()
const tabs = [
  { id: 'file', label: 'From a file' },
  { id: 'attach', label: 'Attach a table or view' },
]
const tab = computed(() => (route.hash === '#attach' ? 'attach' : 'file'))

const safeName = (text: string) =>
  text
    .toLowerCase()
    .replace(/\.[a-z]+$/, '')
    .normalize('NFD')
    .replace(/[^a-z0-9]+/g, '_')
    .replace(/^[^a-z]+|_+$/g, '')
    .slice(0, 63)

// From a file.
const file = ref<File | null>(null)
const form = reactive({ name: '', label: '', key: '', delimiter: '', encoding: '', sheet: '', aside: false })
const types = reactive<{ [field: string]: string }>({})
const found = ref<Imported | null>(null)
const bad = ref<{ count: number; rows: BadRow[] } | null>(null)
const says = ref('')
const doing = ref<'' | 'look' | 'import'>('')
const sent = ref(0)
const rows = ref(0)
const pass = ref('')
const over = ref(false)
let stop = new AbortController()

function choose(files: FileList | null | undefined) {
  const one = files?.[0]
  if (!one) return
  file.value = one
  found.value = bad.value = null
  for (const name of Object.keys(types)) delete types[name]
  form.name = safeName(one.name)
  form.key = ''
  send('look')
}

async function send(what: 'look' | 'import') {
  if (!file.value || doing.value) return
  says.value = ''
  bad.value = null
  doing.value = what
  sent.value = rows.value = 0
  pass.value = ''
  stop = new AbortController()
  const name = `console-${crypto.randomUUID()}`
  const params = new URLSearchParams({ name: form.name, progress: name })
  if (what === 'look') params.set('check', 'true')
  else if (form.aside) params.set('aside', 'true')
  for (const [entry, value] of Object.entries({
    label: form.label,
    key: form.key.replace(/\s/g, ''),
    delimiter: form.delimiter,
    encoding: form.encoding,
    sheet: form.sheet,
  }))
    if (value) params.set(entry, value)
  for (const [field, type] of Object.entries(types)) if (type) params.set(`type.${field}`, type)
  const poll = setInterval(async () => {
    const now = await readProgress(name).catch(() => null)
    if (now && doing.value) [rows.value, pass.value] = [now.rows, now.pass]
  }, 300)
  try {
    const answer = await sendFile(file.value, params, (bytes) => (sent.value = bytes), stop.signal)
    if (what === 'look') {
      found.value = answer
      bad.value = answer.bad ?? null
    } else {
      await queries.invalidateQueries()
      const aside = (answer as Imported & { aside?: { csv: string } }).aside
      if (aside) asideText.value = aside.csv
      else await router.push(setAddress(form.name))
    }
  } catch (error) {
    if (error instanceof Problem && error.rows.length) bad.value = { count: error.count, rows: error.rows }
    if ((error as Error).name !== 'AbortError') says.value = (error as Error).message
  } finally {
    clearInterval(poll)
    doing.value = ''
  }
}
const asideText = ref('')
const asideHref = computed(() => `data:text/csv;charset=utf-8,${encodeURIComponent(asideText.value)}`)
onUnmounted(() => stop.abort())
const size = (bytes: number) =>
  bytes < 1e5
    ? `${bytes.toLocaleString()} bytes`
    : `${(bytes / 1e6).toLocaleString(undefined, { maximumFractionDigits: 1 })} MB`

// From a source.
const sources = useQuery({ queryKey: ['sources'], queryFn: ({ signal }) => listSources(signal) })
const from = reactive({
  source: '',
  table: '',
  name: '',
  label: '',
  key: [] as string[],
  fields: [] as string[],
  remember: 0,
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
  enabled: () => from.source !== '' && tab.value === 'attach',
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
    })
    await queries.invalidateQueries()
    await router.push(setAddress(from.name))
  } catch (error) {
    attachSays.value = (error as Error).message
  }
}
</script>

<template>
  <nav aria-label="You are here" class="trail"><RouterLink to="/">Record sets</RouterLink></nav>
  <h1>New set</h1>
  <TabRow
    :tabs="tabs"
    :open="tab"
    label="Where the records come from"
    @choose="(id) => router.replace(id === 'file' ? '/new' : '/new#attach')"
  >
    <template v-if="tab === 'file'">
      <label
        class="drop"
        :class="{ over }"
        @dragover.prevent="over = true"
        @dragleave="over = false"
        @drop.prevent="((over = false), choose($event.dataTransfer?.files))"
      >
        <span><strong>Drop a file here</strong>, or choose one: CSV, NDJSON, JSON or XLSX</span>
        <input
          type="file"
          accept=".csv,.ndjson,.jsonl,.json,.xlsx,.txt"
          @change="choose(($event.target as HTMLInputElement).files)"
        />
        <span v-if="file" class="quiet">{{ file.name }}, {{ size(file.size) }}</span>
      </label>
      <form v-if="file" class="import" @submit.prevent="send('import')">
        <div class="form-row">
          <label
            >Name
            <BFormInput
              v-model="form.name"
              required
              pattern="[a-z][a-z0-9_\-]{0,62}"
              title="a–z, 0–9, _ and -, a letter first"
          /></label>
          <label>Label <BFormInput v-model="form.label" :placeholder="form.name" maxlength="200" /></label>
          <label
            >Key
            <BFormInput
              v-model="form.key"
              :placeholder="
                found ? found.key.join(', ') + (found.made_key ? ' (made)' : ' (found)') : 'found or made'
              "
          /></label>
          <label v-if="!file.name.endsWith('.xlsx')"
            >Delimiter
            <BFormSelect
              v-model="form.delimiter"
              :options="[{ value: '', text: 'as found' }, 'comma', 'semicolon', 'tab', 'bar']"
            />
          </label>
          <label v-if="!file.name.endsWith('.xlsx')"
            >Encoding
            <BFormSelect
              v-model="form.encoding"
              :options="[{ value: '', text: 'as found' }, 'utf-8', 'windows-1252']"
            />
          </label>
          <label v-else>Sheet <BFormInput v-model="form.sheet" placeholder="the first" /></label>
        </div>
        <div v-if="doing" class="running" role="status">
          <p>
            {{ doing === 'look' ? 'Looking at the file' : 'Importing' }}: {{ size(sent) }} of
            {{ size(file.size) }} sent<template v-if="rows">
              · {{ rows.toLocaleString() }} rows {{ pass === 'load' ? 'loaded' : 'looked at' }}</template
            >
          </p>
          <progress :value="sent" :max="file.size" :aria-label="`Sent of ${file.name}`" />
          <BButton size="sm" variant="outline-danger" @click="stop.abort()">Stop</BButton>
        </div>
        <p v-if="says" class="wrong" role="alert">{{ says }}</p>
        <section v-if="bad" class="bad-rows" aria-labelledby="bad-head">
          <h2 id="bad-head">
            {{ bad.count.toLocaleString() }} {{ bad.count === 1 ? 'row is' : 'rows are' }} no records<template
              v-if="bad.count > bad.rows.length"
              >; the first {{ bad.rows.length }}</template
            >
          </h2>
          <p>Nothing of the file has been kept. Correct a type below or the file, or set those rows aside.</p>
          <div class="table-frame tall" tabindex="0" role="region" aria-label="Rows that are no records">
            <table class="table table-sm">
              <thead>
                <tr>
                  <th scope="col">Line</th>
                  <th scope="col">Column</th>
                  <th scope="col">Found</th>
                  <th scope="col">Reason</th>
                </tr>
              </thead>
              <tbody>
                <tr v-for="(row, i) in bad.rows" :key="i">
                  <td>{{ row.line.toLocaleString() }}</td>
                  <td>{{ row.field ?? '–' }}</td>
                  <td>
                    <bdi>{{ row.found ?? '–' }}</bdi>
                  </td>
                  <td>{{ row.reason }}</td>
                </tr>
              </tbody>
            </table>
          </div>
          <label class="choice"
            ><input v-model="form.aside" type="checkbox" /> Import the other rows, and set these aside in a
            file</label
          >
        </section>
        <section v-if="found" aria-labelledby="fields-head">
          <h2 id="fields-head">
            {{ found.rows.toLocaleString() }} records, {{ found.fields.length }} fields
          </h2>
          <p class="quiet">
            Types are found from every value. A type that is changed here holds, and a value that does not fit
            it is told by its line.
          </p>
          <div class="table-frame" tabindex="0" role="region" aria-label="Fields of the file">
            <table class="table table-sm">
              <thead>
                <tr>
                  <th scope="col">Field</th>
                  <th scope="col">Type</th>
                  <th scope="col">Some values</th>
                </tr>
              </thead>
              <tbody>
                <tr v-for="field in found.fields" :key="field.name">
                  <th scope="row">
                    <bdi>{{ field.label }}</bdi>
                    <span v-if="field.label !== field.name" class="quiet">{{ field.name }}</span>
                    <span v-if="found.key.includes(field.name)" class="tag">key</span>
                  </th>
                  <td>
                    <select
                      class="form-select form-select-sm"
                      :aria-label="`Type of ${field.label}`"
                      :value="types[field.name] ?? field.type"
                      @change="types[field.name] = ($event.target as HTMLSelectElement).value"
                    >
                      <option v-for="type in fieldTypes" :key="type" :value="type">
                        {{ type.replace('_', ' ') }}
                      </option>
                    </select>
                  </td>
                  <td class="samples">
                    <bdi v-for="(sample, i) in field.samples" :key="i">{{ sample }}</bdi>
                  </td>
                </tr>
              </tbody>
            </table>
          </div>
        </section>
        <div v-if="asideText" class="change-note" role="status">
          <p>
            The set has been made. Rows that are no records are set aside:
            <a :href="asideHref" :download="`${form.name}-aside.csv`">save them as CSV</a> to mend them.
          </p>
          <RouterLink :to="setAddress(form.name)">Open {{ form.label || form.name }}</RouterLink>
        </div>
        <div v-else class="actions">
          <BButton
            type="submit"
            variant="primary"
            :disabled="doing !== '' || !found || (bad !== null && !form.aside)"
            >Import</BButton
          >
          <BButton variant="outline-primary" :disabled="doing !== ''" @click="send('look')"
            >Look at it again</BButton
          >
        </div>
      </form>
    </template>
    <template v-else>
      <ProblemNote v-if="sources.error.value" :error="sources.error.value" @again="sources.refetch()" />
      <p v-else-if="sources.data.value?.sources.length === 0">
        The service has no source. Its operator names one with
        <code>pageladder serve --source NAME=URL</code>; the tables that its role may read can then be
        attached here.
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
                  <td>{{ field.type.replace('_', ' ') }}</td>
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
          <p v-if="attachSays" class="wrong" role="alert">{{ attachSays }}</p>
          <div class="actions">
            <BButton type="submit" variant="primary" :disabled="from.key.length === 0">Attach</BButton>
          </div>
        </template>
      </form>
    </template>
  </TabRow>
</template>
