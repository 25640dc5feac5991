<script setup lang="ts">
// A set's rules: a form, the same as YAML, and beside it what they do, drawn while
// they are changed.
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { onBeforeRouteLeave } from 'vue-router'
import { parse, stringify } from 'yaml'
import schema from '../../../docs/rules.schema.json'
import {
  may,
  Problem,
  readRules,
  readSession,
  readSet,
  reckon,
  replaceRules,
  type Reckoned,
  type Rules,
  sentence,
} from '../api'
import LadderNav from '../components/LadderNav.vue'
import ProblemNote from '../components/ProblemNote.vue'
import ReckonedView from '../components/ReckonedView.vue'
import RulesForm from '../components/RulesForm.vue'
import { withParam } from '@pageladder/core'
import { setAddress } from '../paths'

/** The entries that most people change, in the order in which they look for them. */
const first = ['size', 'sorts', 'default_sort', 'filters', 'search', 'past_last', 'ladder']
const named = (names: string[]) => ({
  ...schema,
  properties: Object.fromEntries(
    names.map((name) => [name, schema.properties[name as keyof typeof schema.properties]]),
  ),
})
const rest = Object.keys(schema.properties).filter((name) => !first.includes(name))
const mostly = named(first)
const others = named(rest)

/** Whole sets of rules to begin from: what they do not name stays. */
const presets: { name: string; says: string; rules: Rules }[] = [
  {
    name: 'A short list',
    says: '50 records to a page, one link for each page around',
    rules: { size: { default: 50, offered: [50, 100] }, ladder: { reach: 4, tips: 0 } },
  },
  {
    name: 'A search page',
    says: '10 to a page, a ladder without the far end, totals counted to 1,000',
    rules: {
      size: { default: 10, offered: [10, 20, 50] },
      ladder: { reach: 3, tips: 0 },
      count: 'at_least',
      count_to: 1000,
    } as Rules,
  },
  {
    name: 'A feed',
    says: 'read on by cursor, without page numbers',
    rules: { addressing: 'cursor', size: { default: 20 }, count: 'none' } as Rules,
  },
  {
    name: 'A strict API',
    says: 'each fault is refused, and pages past the last one too',
    rules: { on_fault: 'refuse', past_last: 'refuse', unknown: 'refuse' } as Rules,
  },
]
const preset = (of: Rules) => (draft.value = { ...copy(draft.value!), ...of })

const props = defineProps<{ set: string }>()
const queries = useQueryClient()
const { data: session } = useQuery({ queryKey: ['session'], queryFn: ({ signal }) => readSession(signal) })
const info = useQuery({
  queryKey: ['set', computed(() => props.set)],
  queryFn: ({ signal }) => readSet(props.set, signal),
})
const rules = useQuery({
  queryKey: ['rules', computed(() => props.set)],
  queryFn: ({ signal }) => readRules(props.set, signal),
  refetchOnWindowFocus: false,
})
const problem = computed(() => info.error.value ?? rules.error.value)
const label = computed(() => info.data.value?.label ?? props.set)
watch(label, () => (document.title = `Rules of ${label.value} – Page Ladder`), { immediate: true })
const locked = computed(() => !may(session.value, 'owner', props.set))

const saved = computed(() => rules.data.value?.body)
const draft = ref<Rules | null>(null)
const copy = (of: Rules) => JSON.parse(JSON.stringify(of)) as Rules
const says = ref('')
watch(
  saved,
  (now) => {
    if (now && !draft.value) draft.value = copy(now)
  },
  { immediate: true },
)
const changed = computed(() => JSON.stringify(draft.value) !== JSON.stringify(saved.value))

// The same as YAML, both ways: what is typed there becomes the form's, once it can be read.
const yaml = ref('')
const yamlWrong = ref('')
let typing = false
watch(draft, (now) => {
  if (!typing && now) yaml.value = stringify(now)
})
function readYaml() {
  try {
    const now: unknown = parse(yaml.value) ?? {}
    if (typeof now !== 'object' || Array.isArray(now))
      throw new Error('Right would be entries, such as “size: {default: 50}”.')
    yamlWrong.value = ''
    typing = true
    draft.value = now as Rules
    queueMicrotask(() => (typing = false))
  } catch (error) {
    yamlWrong.value = (error as Error).message
  }
}

/** Every entry by its path, for the difference. */
function flat(value: unknown, path = '', all = new Map<string, string>()) {
  if (typeof value === 'object' && value !== null && !Array.isArray(value))
    for (const [name, inner] of Object.entries(value)) flat(inner, path ? `${path}.${name}` : name, all)
  else if (Array.isArray(value) && value.some((item) => typeof item === 'object' && !Array.isArray(item)))
    value.forEach((item, i) => flat(item, `${path}[${i}]`, all))
  else all.set(path, JSON.stringify(value))
  return all
}
const difference = computed(() => {
  const before = flat(saved.value ?? {})
  const now = flat(draft.value ?? {})
  return [...new Set([...before.keys(), ...now.keys()])]
    .filter((path) => before.get(path) !== now.get(path))
    .map((path) => ({ path, before: before.get(path) ?? 'default', now: now.get(path) ?? 'default' }))
})

// What they do: calculated by the service while they are changed.
const places = 6 // powers of ten on the slider
const slider = ref(2.5)
watch(
  () => info.data.value?.records,
  (records) => {
    if (records) slider.value = Math.min(places, Math.log10(records))
  },
  { immediate: true },
)
const total = computed(() => Math.round(10 ** slider.value))
const attempt = ref('page=99&size=5000&sort=nonsense&berth=N4')
const drawn = ref<{ says: string; page: Reckoned }[]>([])
const tried = ref<Reckoned | null>(null)
const refused = ref<Problem | null>(null)
const wrong = ref(new Map<string, string>())
const previewWrong = ref('')
/** An entry that is wrong is among those that are folded away. */
const wrongBelow = computed(() =>
  [...wrong.value.keys()].some((path) => rest.includes(path.split(/[.[]/)[0]!)),
)

let latest = 0
let pause = 0
watch(
  [draft, total, attempt],
  () => {
    clearTimeout(pause)
    pause = window.setTimeout(preview, 200)
  },
  { immediate: true, deep: true },
)
async function preview() {
  const now = draft.value
  if (!now) return
  const turn = ++latest
  const ask = (query: string) => reckon({ query, total: total.value, rules: now, base: '/list' })
  try {
    const size = (await ask('')).paging.size
    const pages = Math.max(1, Math.ceil(total.value / size))
    const at = [
      ['first', 1],
      ['second', 2],
      ['middle', Math.ceil(pages / 2)],
      ['last but one', pages - 1],
      ['last', pages],
    ] as [string, number][]
    const byOffset = now.addressing === 'offset'
    const unique = at.filter(
      ([, page], i) =>
        now.addressing !== 'cursor' &&
        page >= 1 &&
        page <= pages &&
        at.findIndex(([, other]) => other === page) === i,
    )
    const { params } = await ask('')
    const answers = await Promise.all(
      unique.map(async ([name, page]) => ({
        says: `${name}: page ${page.toLocaleString()}`,
        page: await ask(
          withParam(
            withParam('', params.page, String(byOffset ? (page - 1) * size : page)),
            params.size,
            String(size),
          ),
        ),
      })),
    )
    if (turn !== latest) return
    drawn.value = answers
    wrong.value = new Map()
    previewWrong.value = ''
  } catch (error) {
    if (turn !== latest) return
    tell(error)
    return
  }
  try {
    const answer = await ask(attempt.value.replace(/^\?/, ''))
    if (turn === latest) [tried.value, refused.value] = [answer, null]
  } catch (error) {
    if (turn === latest) [tried.value, refused.value] = [null, error as Problem]
  }
}
function tell(error: unknown) {
  const faults = error instanceof Problem ? error.faults : []
  wrong.value = new Map(faults.map((fault) => [fault.param, sentence(fault.says)]))
  previewWrong.value = faults.length
    ? `${faults.length === 1 ? 'One entry is' : `${faults.length} entries are`} wrong: ${faults.map((fault) => fault.param).join(', ')}.`
    : (error as Error).message
}

const busy = ref(false)
async function save() {
  busy.value = true
  says.value = ''
  try {
    const { body } = await replaceRules(props.set, draft.value, rules.data.value!.headers.get('ETag') ?? '')
    draft.value = copy(body)
    await queries.invalidateQueries()
    says.value = 'Saved.'
  } catch (error) {
    if (error instanceof Problem && error.status === 412) {
      await rules.refetch()
      says.value =
        'The rules have been changed meanwhile. Nothing was overwritten: the difference is now to theirs, and saving again replaces them.'
    } else {
      tell(error)
      says.value = (error as Error).message
    }
  } finally {
    busy.value = false
  }
}
const revert = () => (draft.value = copy(saved.value!))
onBeforeRouteLeave(
  () => !changed.value || locked.value || confirm('Leave, and lose the changes that are not saved?'),
)
const stay = () => ''
</script>

<template>
  <nav aria-label="You are here" class="trail">
    <RouterLink to="/">Record sets</RouterLink> / <RouterLink :to="setAddress(set)">{{ label }}</RouterLink>
  </nav>
  <h1>Rules of {{ label }}</h1>
  <ProblemNote v-if="problem" :error="problem" @again="(info.refetch(), rules.refetch())" />
  <p v-else-if="!draft" role="status">Loading…</p>
  <div v-else class="rules-page">
    <aside class="rules-seen" aria-label="What the rules do">
      <label class="total"
        >Try them on <output>{{ total.toLocaleString() }}</output> records
        <input v-model.number="slider" type="range" min="0" :max="places" step="0.01" class="form-range" />
      </label>
      <p v-if="draft.addressing === 'cursor'" class="quiet">
        Pages have no numbers: each leads to the one before and the one after it.
      </p>
      <p v-if="previewWrong" class="wrong" role="alert">{{ previewWrong }}</p>
      <figure v-for="ladder in drawn" :key="ladder.says" class="ladder-seen">
        <figcaption>{{ ladder.says }}</figcaption>
        <div inert>
          <LadderNav
            v-if="ladder.page.ladder.length"
            :rungs="ladder.page.ladder"
            :steps="ladder.page.links"
            :label="ladder.says"
            :to="stay"
          />
          <p v-else class="quiet">no ladder for a single page</p>
        </div>
      </figure>
      <label class="attempt"
        >Try a query
        <BFormInput v-model="attempt" spellcheck="false" autocomplete="off" size="sm" />
      </label>
      <div v-if="refused" class="refused" role="status">
        <p>{{ refused.status === 404 ? 'Refused with 404.' : `Refused with ${refused.status}.` }}</p>
        <ul>
          <li v-for="fault in refused.faults" :key="fault.param + fault.why">
            <code>{{ fault.param }}={{ fault.given }}</code> {{ fault.says }}
          </li>
          <li v-if="refused.faults.length === 0">{{ refused.message }}</li>
        </ul>
      </div>
      <ReckonedView v-else-if="tried" :reckoned="tried" />
    </aside>
    <div>
      <form class="rules-form" aria-label="Rules" @submit.prevent="save">
        <div v-if="!locked" class="presets" role="group" aria-label="Begin from">
          <span>Begin from</span>
          <BButton
            v-for="one in presets"
            :key="one.name"
            size="sm"
            variant="outline-primary"
            :title="one.says"
            @click="preset(one.rules)"
            >{{ one.name }}</BButton
          >
        </div>
        <div class="rules-grid">
          <RulesForm
            :schema="mostly"
            :defs="schema.$defs"
            :value="draft"
            :wrong="wrong"
            :locked="locked"
            @change="(now) => (draft = now as Rules)"
          />
        </div>
        <details class="more-rules" :open="wrongBelow">
          <summary>All other rules</summary>
          <div class="rules-grid">
            <RulesForm
              :schema="others"
              :defs="schema.$defs"
              :value="draft"
              :wrong="wrong"
              :locked="locked"
              @change="(now) => (draft = now as Rules)"
            />
          </div>
        </details>
        <details class="yaml">
          <summary>The same as YAML</summary>
          <textarea
            v-model="yaml"
            class="form-control"
            rows="16"
            spellcheck="false"
            aria-label="Rules as YAML"
            :readonly="locked"
            @input="readYaml"
          />
          <p v-if="yamlWrong" class="wrong" role="alert">{{ yamlWrong }}</p>
        </details>
        <section v-if="difference.length" class="difference" aria-labelledby="difference-head">
          <h2 id="difference-head">What saving changes</h2>
          <table class="table table-sm">
            <thead>
              <tr>
                <th scope="col">Entry</th>
                <th scope="col">Saved</th>
                <th scope="col">Now</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="line in difference" :key="line.path">
                <th scope="row">
                  <code>{{ line.path }}</code>
                </th>
                <td>
                  <del>{{ line.before }}</del>
                </td>
                <td>
                  <ins>{{ line.now }}</ins>
                </td>
              </tr>
            </tbody>
          </table>
        </section>
        <div v-if="!locked" class="actions">
          <BButton type="submit" variant="primary" :disabled="busy || !changed">Save</BButton>
          <BButton variant="outline-primary" :disabled="!changed" @click="revert"
            >Back to what is saved</BButton
          >
          <span role="status">{{ says }}</span>
        </div>
      </form>
    </div>
  </div>
</template>
