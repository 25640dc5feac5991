<script setup lang="ts">
// Makes a set of a file, whose fields are looked at before anything is kept.
import { useQueryClient } from '@tanstack/vue-query'
import { computed, onUnmounted, reactive, ref } from 'vue'
import { useRouter } from 'vue-router'
import { fieldTypes, Problem, readProgress, sendFile, type BadRow, type Imported } from '../api'
import { safeName, setAddress } from '../paths'

const router = useRouter()
const queries = useQueryClient()

const file = ref<File | null>(null)
const form = reactive({
  name: '',
  label: '',
  key: '',
  delimiter: '',
  encoding: '',
  sheet: '',
  aside: false,
  decimal_comma: false,
  day_first: false,
})
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
  form.decimal_comma = form.day_first = false
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
    decimal_comma: form.decimal_comma ? 'true' : '',
    day_first: form.day_first ? 'true' : '',
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
      if (answer.aside) asideText.value = answer.aside.csv
      else await router.push(setAddress(form.name))
    }
  } catch (error) {
    if (error instanceof Problem && error.rows.length)
      bad.value = { count: error.sent.count ?? 0, rows: error.rows }
    if ((error as Error).name !== 'AbortError') says.value = (error as Error).message
  } finally {
    clearInterval(poll)
    doing.value = ''
  }
}
/** Forms of numbers and dates in which some fields would be more than text. */
const offers = computed(() =>
  [
    { option: 'decimal_comma' as const, says: 'numbers with a decimal comma' },
    { option: 'day_first' as const, says: 'dates that begin with the day' },
  ]
    .map((offer) => ({ ...offer, fields: found.value?.fields.filter((f) => f.offer === offer.option) ?? [] }))
    .filter(({ fields }) => fields.length > 0),
)
function accept(option: 'decimal_comma' | 'day_first') {
  form[option] = true
  send('look')
}
const asideText = ref('')
const asideHref = computed(() => `data:text/csv;charset=utf-8,${encodeURIComponent(asideText.value)}`)
onUnmounted(() => stop.abort())
const size = (bytes: number) =>
  bytes < 1e5
    ? `${bytes.toLocaleString()} bytes`
    : `${(bytes / 1e6).toLocaleString(undefined, { maximumFractionDigits: 1 })} MB`
</script>

<template>
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
            found
              ? found.key.join(', ') + (found.made_key ? ' (row number)' : ' (detected)')
              : 'detected, or a row number'
          "
      /></label>
      <label v-if="!file.name.endsWith('.xlsx')"
        >Delimiter
        <BFormSelect
          v-model="form.delimiter"
          :options="[{ value: '', text: 'detected' }, 'comma', 'semicolon', 'tab', 'bar']"
        />
      </label>
      <label v-if="!file.name.endsWith('.xlsx')"
        >Encoding
        <BFormSelect
          v-model="form.encoding"
          :options="[{ value: '', text: 'detected' }, 'utf-8', 'windows-1252']"
        />
      </label>
      <label v-else>Sheet <BFormInput v-model="form.sheet" placeholder="the first" /></label>
    </div>
    <div v-if="doing" class="running" role="status">
      <p>
        {{ doing === 'look' ? 'Examining the file' : 'Importing' }}: {{ size(sent) }} of
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
      <div class="table-frame tall" tabindex="0" role="region" aria-label="Rows that could not be read">
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
      <h2 id="fields-head">{{ found.rows.toLocaleString() }} records, {{ found.fields.length }} fields</h2>
      <p v-for="offer in offers" :key="offer.option" class="change-note">
        <template v-for="(f, i) in offer.fields" :key="f.name">{{ i ? ', ' : '' }}{{ f.label }}</template>
        {{ offer.fields.length === 1 ? 'has' : 'have' }} {{ offer.says }}, such as
        <code>{{ offer.fields[0]!.samples[0] }}</code>.
        <BButton size="sm" variant="outline-primary" @click="accept(offer.option)">Read them so</BButton>
      </p>
      <p class="quiet">
        Types are detected from all values. If you change one, values that do not fit are listed with their
        lines.
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
        The set has been created. Rows that could not be read are set aside:
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
        >Examine it again</BButton
      >
    </div>
  </form>
</template>
