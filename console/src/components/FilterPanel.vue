<script setup lang="ts">
// Search and filters beside a list. Counts come from the service, under all other
// filters; whatever is chosen goes into the address. What is shown may lag behind the
// address by a moment, so a choice changes the query of that moment.
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { readAbout, type FilterParams, type Operator, type ParamNames, type Rules } from '../api'
import { valuesOf, withParam, withoutParams } from '@pageladder/core'
import { operatorSays, paramOf, withoutPlace } from '../filters'
import FilterField from './FilterField.vue'

const props = defineProps<{
  set: string
  query: string
  rules: Rules
  params: ParamNames
  labels: Map<string, string>
  version: number | null
}>()
const emit = defineEmits<{ change: [to: (query: string) => string] }>()

const label = (filter: FilterParams) => props.labels.get(filter.field) ?? filter.field
const typeOf = (filter: FilterParams) =>
  props.rules.filters?.find((rule) => rule.field === filter.field)?.type ?? 'text'
const counted = computed(() =>
  props.params.filters
    .filter((filter) => ['text', 'boolean'].includes(typeOf(filter)) && paramOf(filter))
    .map((filter) => filter.field)
    .slice(0, 20),
)
/** What the counts depend on: not the page, its size, or the order. */
const condition = computed(() =>
  withoutParams(
    withoutPlace(props.query, props.params),
    props.params.size,
    props.params.sort,
    'pl.facets',
    'pl.shape',
    'pl.parts',
    'pl.markup',
    'pl.explain',
  ),
)
const facets = useQuery({
  queryKey: ['facets', computed(() => props.set), condition, computed(() => props.version)],
  queryFn: ({ signal }) =>
    readAbout(props.set, condition.value, 'pl.facets', counted.value.join(','), signal),
  enabled: () => counted.value.length > 0,
  placeholderData: (last, from) => (from?.queryKey[1] === props.set ? last : undefined),
})

const most = 8 // values shown before "more"
const all = ref<string[]>([]) // fields whose values are all shown
const shown = (filter: FilterParams) => {
  const found = (facets.data.value?.facets?.[filter.field] ?? []).filter((facet) => facet.value !== null)
  const chosen = valuesOf(props.query, paramOf(filter) ?? '')
  const values = found.map((facet) => ({ value: facet.value!, count: facet.count as number | null }))
  for (const value of chosen)
    if (value !== '' && !values.some((facet) => facet.value === value)) values.push({ value, count: null })
  return all.value.includes(filter.field)
    ? values
    : values.filter((facet, i) => i < most || chosen.includes(facet.value))
}
const more = (filter: FilterParams) =>
  all.value.includes(filter.field)
    ? 0
    : Math.max(
        0,
        (facets.data.value?.facets?.[filter.field] ?? []).filter((facet) => facet.value !== null).length -
          most,
      )

const change = (to: (query: string) => string) =>
  emit('change', (query) => (to(query) === query ? query : withoutPlace(to(query), props.params)))
const chosen = (filter: FilterParams, value: string) =>
  valuesOf(props.query, paramOf(filter) ?? '').includes(value)
function choose(filter: FilterParams, value: string, on: boolean) {
  const name = paramOf(filter)!
  change((query) => {
    const others = valuesOf(query, name).filter((other) => other !== value && other !== '')
    return withParam(query, name, ...(on ? [...others, value] : others))
  })
}
const value = (filter: FilterParams, op: Operator) =>
  valuesOf(props.query, paramOf(filter, op) ?? '').at(-1) ?? ''
const put = (filter: FilterParams, op: Operator, text: string) => putParam(paramOf(filter, op)!, text)
/** Asks for one value of a parameter; an empty one takes it away. */
function putParam(name: string, text: string) {
  change((query) => {
    if (text === (valuesOf(query, name).at(-1) ?? '')) return query
    return text === '' ? withoutParams(query, name) : withParam(query, name, text)
  })
}
/** The operators that are typed: not those that facets and the tick for missing values stand for. */
const typedOperators = (filter: FilterParams) =>
  filter.operators
    .map(({ operator }) => operator)
    .filter(
      (op) =>
        ['min', 'max', 'has', 'starts'].includes(op) ||
        (op === 'equals' && !counted.value.includes(filter.field)),
    )
/** What is in view of a filter without its values: "is", else what there is first. */
const inView = (filter: FilterParams) =>
  counted.value.includes(filter.field) ? [] : typedOperators(filter).slice(0, 1)
const oneClickAway = (filter: FilterParams) =>
  typedOperators(filter).filter((op) => !inView(filter).includes(op))
/** How many of the conditions that are folded away are in force. */
const folded = (filter: FilterParams) =>
  [...oneClickAway(filter), ...(paramOf(filter, 'none') ? (['none'] as const) : [])].filter(
    (op) => value(filter, op) !== '',
  ).length
/** Days are picked; a time of day, which only the address can hold, is shown as it stands. */
const kindOf = (filter: FilterParams, op: Operator) =>
  ['date', 'time'].includes(typeOf(filter)) && /^(\d{4}-\d{2}-\d{2})?$/.test(value(filter, op))
    ? 'date'
    : 'text'
const hint = (filter: FilterParams) => (typeOf(filter) === 'time' ? 'Days are in UTC' : '')

const searchParam = computed(() => props.params.search ?? '')
// The search waits until the typing pauses.
const words = ref('')
const asked = computed(() => valuesOf(props.query, searchParam.value).at(-1) ?? '')
watch(asked, (now) => (words.value = now), { immediate: true })
let pause = 0
watch(words, (now) => {
  clearTimeout(pause)
  if (now !== asked.value) pause = window.setTimeout(search, 300)
})
function search() {
  clearTimeout(pause)
  putParam(searchParam.value, words.value)
}

const names = computed(() =>
  props.params.filters.flatMap((filter) => filter.operators.map(({ param }) => param)),
)
const active = computed(() =>
  [...names.value, searchParam.value].some((name) => valuesOf(props.query, name).length),
)
const clear = () => change((query) => withoutParams(query, ...names.value, searchParam.value))
</script>

<template>
  <form class="filters" aria-label="Search and filters" @submit.prevent="search">
    <label v-if="params.search" class="filter-search"
      >Search
      <BFormInput id="search" v-model="words" type="search" size="sm" autocomplete="off" />
    </label>
    <BButton v-if="active" size="sm" variant="outline-primary" @click="clear">Clear all filters</BButton>
    <p v-if="facets.error.value" class="wrong" role="alert">
      No counts: {{ facets.error.value.message }}
      <BButton size="sm" variant="outline-danger" @click="facets.refetch()">Try again</BButton>
    </p>
    <fieldset v-for="filter in params.filters" :key="filter.field" class="filter">
      <legend>{{ label(filter) }}</legend>
      <template v-if="counted.includes(filter.field)">
        <label v-for="facet in shown(filter)" :key="facet.value" class="facet">
          <input
            type="checkbox"
            :checked="chosen(filter, facet.value)"
            @change="choose(filter, facet.value, ($event.target as HTMLInputElement).checked)"
          />
          <bdi :title="facet.value">{{
            typeOf(filter) === 'boolean' ? (facet.value === 'true' ? 'yes' : 'no') : facet.value
          }}</bdi>
          <span class="count">{{ facet.count?.toLocaleString() }}</span>
        </label>
        <button v-if="more(filter)" type="button" class="more" @click="all.push(filter.field)">
          {{ more(filter) }} more<span class="visually-hidden"> of {{ label(filter) }}</span>
        </button>
      </template>
      <FilterField
        v-for="op in inView(filter)"
        :key="op"
        :says="operatorSays(op)"
        :label="label(filter)"
        :kind="kindOf(filter, op)"
        :value="value(filter, op)"
        :hint="hint(filter)"
        @put="(text) => put(filter, op, text)"
      />
      <details
        v-if="oneClickAway(filter).length || paramOf(filter, 'none')"
        class="more-conditions"
        :open="folded(filter) > 0"
      >
        <summary>
          More<span class="visually-hidden"> conditions on {{ label(filter) }}</span>
        </summary>
        <FilterField
          v-for="op in oneClickAway(filter)"
          :key="op"
          :says="operatorSays(op)"
          :label="label(filter)"
          :kind="kindOf(filter, op)"
          :value="value(filter, op)"
          :hint="hint(filter)"
          @put="(text) => put(filter, op, text)"
        />
        <label v-if="paramOf(filter, 'none')" class="facet">
          <input
            type="checkbox"
            :checked="value(filter, 'none') === 'true'"
            @change="put(filter, 'none', ($event.target as HTMLInputElement).checked ? 'true' : '')"
          />
          missing<span class="visually-hidden"> ({{ label(filter) }})</span>
        </label>
      </details>
    </fieldset>
  </form>
</template>
