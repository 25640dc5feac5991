<script setup lang="ts">
// Reckons a page without any set. All of it is in the address, to be shared.
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { parse } from 'yaml'
import { listSets, Problem, reckon, sentence } from '../api'
import CodeBlock from '../components/CodeBlock.vue'
import ReckonedView from '../components/ReckonedView.vue'
import SignIn from '../components/SignIn.vue'

document.title = 'Calculator – Page Ladder'
const route = useRoute()
const router = useRouter()
const given = (name: string, otherwise = '') =>
  name in route.query ? String(route.query[name] ?? '') : otherwise
const query = computed(() => given('query', 'page=3&size=20&colour=red'))
const total = computed(() => given('total', '168'))
const base = computed(() => given('base', '/arrivals'))
const set = computed(() => given('set'))
const rules = computed(() => given('rules'))
function put(name: string, value: string) {
  router.replace({
    path: '/calculator',
    query: {
      query: query.value,
      total: total.value,
      base: base.value,
      set: set.value,
      rules: rules.value,
      [name]: value,
    },
  })
}
const { data: all } = useQuery({ queryKey: ['sets'], queryFn: ({ signal }) => listSets(signal) })

function totalOf(text: string) {
  const bare = text.replace(/[\s,_]/g, '')
  if (bare === '' || bare === 'none') return null
  const bound = /^(?:atleast|>=|≥)(\d+)$/.exec(bare)
  if (bound) return { at_least: Number(bound[1]) }
  if (/^\d+$/.test(bare)) return Number(bare)
  throw new Error(
    `Total: found “${text}”; right would be a number, “at least 100”, or nothing where it is not known.`,
  )
}

const { data: reckoned, error: problem } = useQuery({
  queryKey: ['reckon', query, total, base, set, rules],
  queryFn: async ({ signal }) => {
    const own: unknown = rules.value.trim() ? parse(rules.value) : undefined
    return reckon(
      {
        query: query.value.replace(/^\?/, ''),
        total: totalOf(total.value),
        base: base.value || undefined,
        rules: own,
        set: own ? undefined : set.value || undefined,
      },
      signal,
    )
  },
  placeholderData: (last) => last,
})
const faults = computed(() => (problem.value instanceof Problem ? problem.value.faults : []))
const mustSignIn = computed(() => problem.value instanceof Problem && problem.value.status === 401)
const typed = (event: Event) => (event.target as HTMLInputElement).value
</script>

<template>
  <h1>Calculator</h1>
  <p>See what happens to a query and a total, without a set or records. The address keeps your input.</p>
  <form class="calculator" @submit.prevent>
    <label class="wide"
      >Query
      <input
        class="form-control"
        :value="query"
        spellcheck="false"
        autocomplete="off"
        @input="put('query', typed($event))"
    /></label>
    <label
      >Total
      <input
        class="form-control"
        :value="total"
        placeholder="not known"
        autocomplete="off"
        @input="put('total', typed($event))"
    /></label>
    <label
      >Links are built on
      <input
        class="form-control"
        :value="base"
        spellcheck="false"
        autocomplete="off"
        @input="put('base', typed($event))"
    /></label>
    <label
      >Rules
      <select
        class="form-select"
        :value="set"
        :disabled="rules.trim() !== ''"
        @change="put('set', typed($event))"
      >
        <option value="">the defaults</option>
        <option v-for="one in all?.sets ?? []" :key="one.name" :value="one.name">
          those of {{ one.label }}
        </option>
      </select>
    </label>
    <label class="wide"
      >Rules of your own, as YAML or JSON
      <textarea
        class="form-control"
        rows="4"
        spellcheck="false"
        placeholder="size: {default: 50}"
        :value="rules"
        @input="put('rules', typed($event))"
      />
    </label>
  </form>
  <SignIn v-if="mustSignIn" />
  <div v-else-if="problem" class="refused" role="alert">
    <p v-if="faults.length === 0">{{ problem.message }}</p>
    <ul v-else>
      <li v-for="fault in faults" :key="fault.param + fault.why">
        <code>{{ fault.param }}</code> {{ sentence(fault.says) }} <code>{{ fault.why }}</code>
      </li>
    </ul>
  </div>
  <template v-else-if="reckoned">
    <ReckonedView :reckoned="reckoned" />
    <details>
      <summary>The whole answer as JSON</summary>
      <CodeBlock :text="JSON.stringify(reckoned, null, 2)" label="the answer" />
    </details>
  </template>
</template>
