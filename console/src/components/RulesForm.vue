<script setup lang="ts">
// A form for rules, built from their JSON Schema: every entry that there is, with
// what it holds and, where something is wrong, what. What is left empty is left out.
import { computed } from 'vue'
import { glossary } from '../glossary'
import WordHelp from './WordHelp.vue'

interface Schema {
  $ref?: string
  type?: string
  enum?: string[]
  description?: string
  examples?: unknown[]
  minimum?: number
  maximum?: number
  properties?: { [name: string]: Schema }
  items?: Schema
  propertyNames?: Schema
  additionalProperties?: Schema | boolean
}
type Entries = { [name: string]: unknown }

const props = defineProps<{
  schema: Schema
  defs: { [name: string]: Schema }
  value: Entries
  path?: string
  wrong: Map<string, string>
  locked?: boolean
}>()
const emit = defineEmits<{ change: [value: Entries] }>()

const resolved = (schema: Schema): Schema =>
  schema.$ref ? { ...props.defs[schema.$ref.split('/').pop()!], description: schema.description } : schema
const entries = computed(() =>
  Object.entries(props.schema.properties ?? {}).map(([name, schema]) => {
    const whole = resolved(schema)
    return { name, path: (props.path ? props.path + '.' : '') + name, schema: whole, kind: kindOf(whole) }
  }),
)

type Kind =
  'object' | 'choice' | 'yes or no' | 'number' | 'list' | 'lists' | 'objects' | 'answers' | 'names' | 'text'
function kindOf(schema: Schema): Kind {
  if (schema.properties) return 'object'
  if (schema.enum) return 'choice'
  if (schema.type === 'boolean') return 'yes or no'
  if (schema.type === 'integer') return 'number'
  if (schema.type === 'array') {
    const items = resolved(schema.items ?? {})
    return items.properties ? 'objects' : items.type === 'array' ? 'lists' : 'list'
  }
  if (schema.propertyNames?.enum) return schema.additionalProperties === undefined ? 'names' : 'answers'
  if (schema.type === 'object') return 'names'
  return 'text'
}

/** Entries whose name is a word of the glossary. A sort's key is its name, not that of a record. */
const explained = (entry: { name: string; path: string }) =>
  glossary.has(called(entry.name)) && (entry.name !== 'key' || entry.path === 'key')

/** What an entry is called on the screen. */
const called = (name: string) => name.replace(/_/g, ' ')
/** An entry's help: the schema's sentence, its bound and its example. The default stands in the field. */
function help(schema: Schema) {
  const text = (schema.description ?? '').replace(/ ?Left out: [^.]*\.?/, '')
  const bounds =
    schema.maximum && !/\d to \d/.test(text) ? ` At most ${schema.maximum.toLocaleString()}.` : ''
  const example = schema.enum ? '' : exampleOf(schema.examples?.[0])
  return text + bounds + (example && ` Example: ${example}`)
}

/** An example as it is typed into the form; "" of a box to tick. */
function exampleOf(value: unknown): string {
  if (value === undefined || typeof value === 'boolean') return ''
  if (Array.isArray(value)) return value.map(exampleOf).join(', ')
  if (typeof value !== 'object' || value === null) return String(value)
  return Object.entries(value)
    .map(([name, of]) => `${name} = ${String(of)}`)
    .join(', ')
}

/** What holds where an entry is left out, as its description ends. */
const leftOut = (schema: Schema) => /Left out: ([^.]+)/.exec(schema.description ?? '')?.[1] ?? ''

function put(name: string, value: unknown) {
  const all = { ...props.value }
  const empty =
    value === undefined ||
    value === '' ||
    (Array.isArray(value) && value.length === 0) ||
    (typeof value === 'object' && value !== null && !Array.isArray(value) && Object.keys(value).length === 0)
  if (empty) delete all[name]
  else all[name] = value
  emit('change', all)
}

const text = (name: string) => (props.value[name] === undefined ? '' : String(props.value[name]))
const items = (name: string) => (Array.isArray(props.value[name]) ? (props.value[name] as unknown[]) : [])
/** A number where one was typed; anything else goes to the service, which says what is wrong with it. */
const numberOf = (typed: string) => (/^-?\d+$/.test(typed.trim()) ? Number(typed) : typed.trim())
const listOf = (schema: Schema, typed: string) =>
  typed
    .split(',')
    .map((item) => item.trim())
    .filter((item) => item !== '')
    .map((item) => (resolved(schema.items ?? {}).type === 'integer' ? numberOf(item) : item))
const listsOf = (typed: string) =>
  typed
    .split('\n')
    .map((line) =>
      line
        .split(',')
        .map((item) => item.trim())
        .filter((item) => item !== ''),
    )
    .filter((line) => line.length > 0)
const namesOf = (typed: string) =>
  Object.fromEntries(
    typed
      .split('\n')
      .filter((line) => line.includes('='))
      .map((line) => [line.slice(0, line.indexOf('=')).trim(), line.slice(line.indexOf('=') + 1).trim()]),
  )
const namesText = (name: string) =>
  Object.entries((props.value[name] as Entries | undefined) ?? {})
    .map(([key, value]) => `${key} = ${String(value)}`)
    .join('\n')
const target = (event: Event) => (event.target as HTMLInputElement).value
const id = (path: string) => 'rule-' + path.replace(/[^a-z0-9]+/gi, '-')
</script>

<template>
  <div
    v-for="entry in entries"
    :key="entry.path"
    class="rule"
    :class="{ wide: ['object', 'objects', 'answers'].includes(entry.kind) }"
  >
    <fieldset v-if="entry.kind === 'object'" :disabled="locked">
      <legend>
        <WordHelp v-if="explained(entry)" :word="called(entry.name)" />
        <template v-else>{{ called(entry.name) }}</template>
      </legend>
      <p class="help">{{ help(entry.schema) }}</p>
      <div class="rules-grid">
        <RulesForm
          :schema="entry.schema"
          :defs="defs"
          :value="(value[entry.name] as Entries | undefined) ?? {}"
          :path="entry.path"
          :wrong="wrong"
          :locked="locked"
          @change="(now) => put(entry.name, now)"
        />
      </div>
    </fieldset>
    <fieldset v-else-if="entry.kind === 'objects'" :disabled="locked">
      <legend>{{ called(entry.name) }}</legend>
      <p class="help">{{ help(entry.schema) }}</p>
      <fieldset v-for="(item, i) in items(entry.name)" :key="i" class="rule-item">
        <legend class="visually-hidden">{{ called(entry.name) }} {{ i + 1 }}</legend>
        <div class="rules-grid">
          <RulesForm
            :schema="resolved(entry.schema.items ?? {})"
            :defs="defs"
            :value="item as Entries"
            :path="`${entry.path}[${i}]`"
            :wrong="wrong"
            :locked="locked"
            @change="
              (now) =>
                put(
                  entry.name,
                  items(entry.name).map((other, j) => (j === i ? now : other)),
                )
            "
          />
        </div>
        <BButton
          v-if="!locked"
          size="sm"
          variant="outline-danger"
          :aria-label="`Remove number ${i + 1} of ${called(entry.name)}`"
          @click="
            put(
              entry.name,
              items(entry.name).filter((_, j) => j !== i),
            )
          "
          >Remove</BButton
        >
      </fieldset>
      <BButton
        v-if="!locked"
        size="sm"
        variant="outline-primary"
        :aria-label="`Add to ${called(entry.name)}`"
        @click="put(entry.name, [...items(entry.name), {}])"
        >Add</BButton
      >
    </fieldset>
    <details v-else-if="entry.kind === 'answers'">
      <summary>{{ called(entry.name) }}</summary>
      <p class="help">{{ help(entry.schema) }}</p>
      <div class="rules-grid">
        <label v-for="code in entry.schema.propertyNames!.enum" :key="code" class="answer">
          <code>{{ code }}</code>
          <select
            class="form-select form-select-sm"
            :disabled="locked"
            :value="((value[entry.name] as Entries | undefined) ?? {})[code] ?? ''"
            @change="
              put(
                entry.name,
                Object.fromEntries(
                  Object.entries({
                    ...((value[entry.name] as Entries | undefined) ?? {}),
                    [code]: target($event),
                  }).filter(([, answer]) => answer !== ''),
                ),
              )
            "
          >
            <option value="">default</option>
            <option v-for="answer in (entry.schema.additionalProperties as Schema).enum" :key="answer">
              {{ answer }}
            </option>
          </select>
        </label>
      </div>
    </details>
    <template v-else>
      <span class="rule-name"
        ><label :for="id(entry.path)">{{ called(entry.name) }}</label
        ><WordHelp v-if="explained(entry)" :word="called(entry.name)"><span></span></WordHelp
      ></span>
      <select
        v-if="entry.kind === 'choice' || entry.kind === 'yes or no'"
        :id="id(entry.path)"
        class="form-select form-select-sm"
        :disabled="locked"
        :aria-describedby="id(entry.path) + '-help'"
        :value="text(entry.name)"
        @change="
          put(
            entry.name,
            target($event) === ''
              ? undefined
              : entry.kind === 'choice'
                ? target($event)
                : target($event) === 'true',
          )
        "
      >
        <option value="">default{{ leftOut(entry.schema) && `: ${leftOut(entry.schema)}` }}</option>
        <template v-if="entry.kind === 'choice'"
          ><option v-for="choice in entry.schema.enum" :key="choice">{{ choice }}</option></template
        >
        <template v-else>
          <option value="true">yes</option>
          <option value="false">no</option>
        </template>
      </select>
      <textarea
        v-else-if="entry.kind === 'lists' || entry.kind === 'names'"
        :id="id(entry.path)"
        class="form-control form-control-sm"
        rows="2"
        :readonly="locked"
        :aria-describedby="id(entry.path) + '-help'"
        :placeholder="
          entry.kind === 'lists' ? 'one list a line: berth, arrived_at' : 'one a line: nav = ladder'
        "
        :value="
          entry.kind === 'lists'
            ? items(entry.name)
                .map((line) => (line as string[]).join(', '))
                .join('\n')
            : namesText(entry.name)
        "
        @change="put(entry.name, entry.kind === 'lists' ? listsOf(target($event)) : namesOf(target($event)))"
      />
      <input
        v-else
        :id="id(entry.path)"
        class="form-control form-control-sm"
        autocomplete="off"
        spellcheck="false"
        :inputmode="entry.kind === 'number' ? 'numeric' : undefined"
        :placeholder="leftOut(entry.schema)"
        :readonly="locked"
        :aria-invalid="wrong.has(entry.path)"
        :aria-describedby="id(entry.path) + '-help'"
        :value="entry.kind === 'list' ? items(entry.name).join(', ') : text(entry.name)"
        @change="
          put(
            entry.name,
            entry.kind === 'list'
              ? listOf(entry.schema, target($event))
              : entry.kind === 'number' && target($event) !== ''
                ? numberOf(target($event))
                : target($event),
          )
        "
      />
      <p :id="id(entry.path) + '-help'" class="help">{{ help(entry.schema) }}</p>
    </template>
    <p v-if="wrong.has(entry.path)" class="wrong" role="alert">{{ wrong.get(entry.path) }}</p>
  </div>
</template>
