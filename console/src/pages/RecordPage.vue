<script setup lang="ts">
// One record: read it, change it, take it out, or add a new one. The list that it
// was opened from is in the address, so that the way back leads there.
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, nextTick, reactive, ref, watch } from 'vue'
import { onBeforeRouteLeave, useRoute, useRouter } from 'vue-router'
import { keyPath } from '@pageladder/client'
import { queryOf, setAddress } from '../paths'
import {
  addRecord,
  changeRecord,
  deleteRecord,
  may,
  Problem,
  readRecord,
  readSession,
  readSet,
  restoreRecord,
  withdrawRecord,
  type Field,
  type RecordAnswer,
  type SetRecord,
  sentence,
} from '../api'
import { mark, type Mark } from '../state'
import { differing, shownAs, typedAs, valueOf } from '../values'
import ProblemNote from '../components/ProblemNote.vue'

const props = defineProps<{ set: string }>()
const route = useRoute()
const router = useRouter()
const queries = useQueryClient()

const isNew = computed(() => route.path.endsWith('/new-record'))
/** The key as it stands in the path: a part may hold what a decoded one would not distinguish. */
const path = computed(() => /\/records\/([^?#]*)/.exec(route.path)?.[1] ?? '')
const query = computed(() => queryOf(route.fullPath))
const back = computed(() => setAddress(props.set, `?${query.value}`) + route.hash)

const { data: session } = useQuery({ queryKey: ['session'], queryFn: ({ signal }) => readSession(signal) })
const info = useQuery({
  queryKey: ['set', computed(() => props.set)],
  queryFn: ({ signal }) => readSet(props.set, signal),
})
const record = useQuery({
  queryKey: ['record', computed(() => props.set), path],
  queryFn: ({ signal }) => readRecord(props.set, path.value, signal),
  enabled: () => !isNew.value,
  refetchOnWindowFocus: false, // what is being typed is held against what was read
  refetchOnReconnect: false,
})
const problem = computed(() => info.error.value ?? record.error.value)
const mayEdit = computed(() => info.data.value?.kind === 'kept' && may(session.value, 'editor', props.set))
const keyFields = computed(() => info.data.value?.rules?.key ?? [])
const fields = computed(() => {
  const all = [...(info.data.value?.fields ?? []), ...(info.data.value?.hidden ?? [])]
  const read = record.data.value?.record
  return isNew.value || !read ? all : all.filter((field) => field.name in read)
})

/** The record and revision that changes start from. */
const base = ref<RecordAnswer | null>(null)
const typed = reactive<{ [field: string]: string | null }>({})
const wrong = reactive<{ [field: string]: string }>({})
const says = ref('')
const busy = ref(false)

function fill(answer: RecordAnswer) {
  base.value = answer
  for (const field of fields.value) typed[field.name] = typedAs(answer.record?.[field.name])
}
watch(
  [() => record.data.value, fields],
  ([answer, known]) => {
    if (base.value || known.length === 0) return
    if (isNew.value) fill({ record: {}, href: '' })
    else if (answer) fill(answer)
  },
  { immediate: true },
)
const before = computed<SetRecord>(() => base.value?.record ?? {})
const changed = computed(() =>
  fields.value.filter((field) => (typed[field.name] ?? null) !== typedAs(before.value[field.name])),
)
const title = computed(() =>
  isNew.value
    ? 'New record'
    : `Record ${keyFields.value.map((name) => shownAs(before.value[name])).join(', ')}`,
)
watch(
  title,
  () => (document.title = `${title.value}, ${info.data.value?.label ?? props.set} – Page Ladder`),
  { immediate: true },
)

function read(): SetRecord | null {
  const patch: SetRecord = {}
  for (const name of Object.keys(wrong)) delete wrong[name]
  for (const field of changed.value) {
    try {
      patch[field.name] = valueOf(field, typed[field.name] ?? null)
    } catch (error) {
      wrong[field.name] = (error as Error).message
    }
  }
  if (Object.keys(wrong).length === 0) return patch
  nextTick(() => document.querySelector<HTMLElement>('[aria-invalid=true]')?.focus())
  return null
}

function fail(error: unknown) {
  for (const fault of error instanceof Problem ? error.faults : []) {
    if (fields.value.some((field) => field.name === fault.param)) wrong[fault.param] = sentence(fault.says)
  }
  says.value = (error as Error).message
}

/** What someone else has changed in the record meanwhile, and whose value is taken, by field. */
const theirs = ref<RecordAnswer | null>(null)
const take = reactive<{ [field: string]: 'mine' | 'theirs' }>({})
const contested = computed(() =>
  theirs.value?.record
    ? fields.value.filter(
        (field) =>
          differing([field], before.value, theirs.value!.record!).length > 0 || changed.value.includes(field),
      )
    : [],
)

async function conflict() {
  try {
    const now = await readRecord(props.set, path.value)
    theirs.value = now
    for (const field of contested.value) take[field.name] = changed.value.includes(field) ? 'mine' : 'theirs'
    says.value = ''
    await nextTick()
    document.getElementById('conflict')?.focus()
  } catch (error) {
    fail(error)
  }
}

function settle() {
  const now = theirs.value!
  const mine = Object.fromEntries(contested.value.map((field) => [field.name, typed[field.name] ?? null]))
  const choice = { ...take }
  theirs.value = null
  fill(now)
  for (const [name, value] of Object.entries(mine)) if (choice[name] === 'mine') typed[name] = value
  save()
}

async function save() {
  const patch = read()
  if (!patch || busy.value) return
  busy.value = true
  says.value = ''
  try {
    if (isNew.value) {
      const answer = await addRecord(props.set, patch)
      const key = keyFields.value.map((name) => String(answer.record?.[name] ?? patch[name]))
      await leave({
        set: props.set,
        key,
        did: 'added',
        undone: 'deleted',
        undo: () => deleteRecord(props.set, keyPath(key), answer.revision ?? ''),
      })
    } else {
      const old = before.value
      const key = keyFields.value.map((name) => String(old[name]))
      const answer = await changeRecord(props.set, path.value, base.value!.revision ?? '', patch)
      const earlier = Object.fromEntries(Object.keys(patch).map((name) => [name, old[name] ?? null]))
      await leave({
        set: props.set,
        key: keyFields.value.map((name, i) => String(answer.record?.[name] ?? key[i])),
        did: 'changed',
        undo: () =>
          changeRecord(
            props.set,
            new URL(answer.href, location.href).pathname.split('/').pop()!,
            answer.revision ?? '',
            earlier,
          ),
      })
    }
  } catch (error) {
    if (error instanceof Problem && error.status === 412) await conflict()
    else fail(error)
  } finally {
    busy.value = false
  }
}

async function takeOut(did: 'withdrawn' | 'deleted') {
  busy.value = true
  says.value = ''
  const whole = before.value
  const key = keyFields.value.map((name) => String(whole[name]))
  try {
    if (did === 'withdrawn') await withdrawRecord(props.set, path.value, base.value!.revision ?? '')
    else await deleteRecord(props.set, path.value, base.value!.revision ?? '')
    const undo =
      did === 'withdrawn' ? () => restoreRecord(props.set, keyPath(key)) : () => addRecord(props.set, whole)
    await leave({ set: props.set, key, did, undo })
  } catch (error) {
    if (error instanceof Problem && error.status === 412) await conflict()
    else fail(error)
  } finally {
    busy.value = false
  }
}

let left = false
async function leave(done: Mark) {
  mark.value = done
  left = true
  queries.removeQueries({ queryKey: ['record', props.set] })
  await queries.invalidateQueries({ refetchType: 'none' })
  await router.push(back.value)
}
onBeforeRouteLeave(
  () => left || changed.value.length === 0 || confirm('Leave, and lose what has been typed?'),
)

const long = (field: Field) =>
  field.type === 'json' || (field.type === 'text' && /\n|.{80}/s.test(typed[field.name] ?? ''))
const hint = (field: Field) =>
  ({ time: '2026-03-01T06:30:00Z', json: '["salt", "tar"]' })[field.type as string]
/** Whether a time is picked: it was, and is, of whole seconds in UTC or missing. Finer ones are typed. */
const picked = (field: Field) =>
  field.type === 'time' &&
  [typedAs(before.value[field.name]), typed[field.name]].every((time) =>
    /^(\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d)?Z)?$/.test(time ?? ''),
  )
const inputType = (field: Field) =>
  field.type === 'date' ? 'date' : picked(field) ? 'datetime-local' : 'text'
const inputValue = (field: Field) => {
  const value = typed[field.name] ?? ''
  return picked(field) ? value.replace(/Z$/, '') : value
}
/** Takes what was typed or picked; nothing is a missing value, but for a text. */
function enter(field: Field, input: HTMLInputElement) {
  const value = input.value
  if (value === '' && field.type !== 'text') typed[field.name] = null
  else if (input.type === 'datetime-local') typed[field.name] = value + (value.length === 16 ? ':00Z' : 'Z')
  else typed[field.name] = value
}
const locked = (field: Field) => !mayEdit.value || (!isNew.value && keyFields.value.includes(field.name))
</script>

<template>
  <nav aria-label="You are here" class="trail">
    <RouterLink to="/">Record sets</RouterLink> /
    <RouterLink :to="back">{{ info.data.value?.label ?? set }}</RouterLink>
  </nav>
  <h1>{{ title }}</h1>
  <ProblemNote v-if="problem" :error="problem" @again="(info.refetch(), record.refetch())" />
  <p v-else-if="!base || !info.data.value" role="status">Loading…</p>
  <template v-else>
    <section v-if="theirs" id="conflict" class="conflict" tabindex="-1" aria-labelledby="conflict-head">
      <h2 id="conflict-head">The record has been changed meanwhile</h2>
      <p>Nothing was overwritten. Choose, field by field, which value it is to have.</p>
      <div class="table-frame" tabindex="0" role="region" aria-label="Both versions">
        <table class="table table-sm">
          <thead>
            <tr>
              <th scope="col">Field</th>
              <th scope="col">As you read it</th>
              <th scope="col">As it is now</th>
              <th scope="col">Yours</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="field in contested" :key="field.name">
              <th scope="row">{{ field.label }}</th>
              <td>
                <bdi>{{ shownAs(before[field.name]) || '–' }}</bdi>
              </td>
              <td>
                <label
                  ><input
                    v-model="take[field.name]"
                    type="radio"
                    :name="`take-${field.name}`"
                    value="theirs"
                  />
                  <bdi>{{ shownAs(theirs.record?.[field.name]) || '–' }}</bdi></label
                >
              </td>
              <td>
                <label
                  ><input v-model="take[field.name]" type="radio" :name="`take-${field.name}`" value="mine" />
                  <bdi>{{ typed[field.name] ?? '–' }}</bdi></label
                >
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <BButton variant="primary" @click="settle">Save what is chosen</BButton>
    </section>
    <p v-if="info.data.value.kind === 'attached'" class="quiet">
      This set is attached: its records can only be read.
    </p>
    <form class="record-form" @submit.prevent="save">
      <div v-for="field in fields" :key="field.name" class="record-field">
        <label :for="`field-${field.name}`">{{ field.label }}</label>
        <span class="quiet">{{ field.type === 'time' ? 'time in UTC' : field.type.replace('_', ' ') }}</span>
        <div class="record-input">
          <BFormSelect
            v-if="field.type === 'boolean'"
            :id="`field-${field.name}`"
            v-model="typed[field.name]"
            :disabled="locked(field)"
            :options="[
              { value: null, text: 'missing' },
              { value: 'true', text: 'yes' },
              { value: 'false', text: 'no' },
            ]"
          />
          <template v-else>
            <component
              :is="long(field) ? 'textarea' : 'input'"
              :id="`field-${field.name}`"
              class="form-control"
              dir="auto"
              :rows="long(field) ? 4 : undefined"
              :type="inputType(field)"
              :step="picked(field) ? 1 : undefined"
              :inputmode="field.type === 'integer' || field.type === 'decimal' ? 'text' : undefined"
              :value="inputValue(field)"
              :placeholder="typed[field.name] === null ? 'missing' : hint(field)"
              :readonly="locked(field)"
              autocomplete="off"
              :aria-invalid="field.name in wrong"
              :aria-describedby="field.name in wrong ? `wrong-${field.name}` : undefined"
              @input="enter(field, $event.target as HTMLInputElement)"
            />
            <label v-if="!locked(field)" class="choice"
              ><input
                type="checkbox"
                :checked="typed[field.name] === null"
                @change="typed[field.name] = ($event.target as HTMLInputElement).checked ? null : ''"
              />
              missing<span class="visually-hidden"> ({{ field.label }})</span></label
            >
          </template>
        </div>
        <p v-if="field.name in wrong" :id="`wrong-${field.name}`" class="wrong">{{ wrong[field.name] }}</p>
      </div>
      <p v-if="says" class="wrong" role="alert">{{ says }}</p>
      <div v-if="mayEdit" class="actions">
        <BButton type="submit" variant="primary" :disabled="busy || (!isNew && changed.length === 0)">{{
          isNew ? 'Add the record' : 'Save'
        }}</BButton>
        <template v-if="!isNew">
          <BButton variant="outline-primary" :disabled="busy" @click="takeOut('withdrawn')">Withdraw</BButton>
          <BButton variant="outline-danger" :disabled="busy" @click="takeOut('deleted')">Delete</BButton>
        </template>
        <RouterLink :to="back">Back to the list</RouterLink>
      </div>
    </form>
  </template>
</template>
