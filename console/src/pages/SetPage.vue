<script setup lang="ts">
// A set's desk: one request, what became of it, and the records. What it shows is in
// the address and nowhere else; the tab that is open is behind its "#".
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch, watchEffect } from 'vue'
import { onBeforeRouteLeave, useRoute, useRouter } from 'vue-router'
import { valuesOf, withParam, withoutParams } from '@pageladder/core'
import { keyPath } from '@pageladder/client'
import { queryOf, setAddress } from '../paths'
import { may, Problem, readPage, readSession, readSet, type SetRecord, type Steps } from '../api'
import { withoutPlace, withPage } from '../filters'
import { useLinks } from '../links'
import { keysOn, left, mark, pinHere, pins, unpin } from '../state'
import AdjustmentNotes from '../components/AdjustmentNotes.vue'
import AgeNote from '../components/AgeNote.vue'
import ColumnChoice from '../components/ColumnChoice.vue'
import ChangeNote from '../components/ChangeNote.vue'
import HoldNote from '../components/HoldNote.vue'
import FilterPanel from '../components/FilterPanel.vue'
import JumpToPage from '../components/JumpToPage.vue'
import ListMap from '../components/ListMap.vue'
import LadderNav from '../components/LadderNav.vue'
import ExplainPanel from '../components/ExplainPanel.vue'
import ProblemNote from '../components/ProblemNote.vue'
import RecordTable from '../components/RecordTable.vue'
import RequestLine from '../components/RequestLine.vue'
import ShareSet from '../components/ShareSet.vue'
import SizeChoice from '../components/SizeChoice.vue'

const props = defineProps<{ set: string }>()
const route = useRoute()
const router = useRouter()
const queries = useQueryClient()
const name = computed(() => props.set)
const query = computed(() => queryOf(route.fullPath))
const tab = computed(() => route.hash.slice(1) || 'made')

const { data: session } = useQuery({ queryKey: ['session'], queryFn: ({ signal }) => readSession(signal) })
const info = useQuery({
  queryKey: ['set', name],
  queryFn: ({ signal }) => readSet(props.set, signal),
})
const page = useQuery({
  queryKey: ['page', name, query],
  queryFn: ({ signal }) => readPage(props.set, query.value, signal),
  staleTime: 5_000,
  shallow: true,
  // the old page stays while the next one loads, but never under another set's name
  placeholderData: (last, from) => (from?.queryKey[1] === props.set ? last : undefined),
})
const rules = computed(() => info.data.value?.rules)
const followed = computed(() => {
  const settings = info.data.value?.settings
  if (!settings?.follow) return 'Follow its table'
  return settings.followed?.exact ? 'Followed table' : 'Followed table: not by its log'
})
const params = computed(() => info.data.value?.params)
const labels = computed(() => new Map(info.data.value?.fields.map((field) => [field.name, field.label])))
const body = computed(() => page.data.value?.body)
const leads = useLinks(
  name,
  query,
  computed(() => rules.value?.base),
  body,
)
const fields = computed(() => {
  const first: SetRecord | undefined = body.value?.records[0]
  return info.data.value?.fields.filter((field) => !first || field.name in first) ?? []
})
const label = computed(() => info.data.value?.label ?? props.set)
const waiting = computed(() => page.isPlaceholderData.value)

watchEffect(() => {
  const rows = body.value ? `, ${body.value.paging.summary}` : ''
  document.title = `${label.value}${rows} – Page Ladder`
})
// The neighbouring pages are fetched ahead, once this one has been painted.
function fetchAhead(links: Steps) {
  for (const href of [links.next, links.prev])
    if (href)
      queries.prefetchQuery({
        queryKey: ['page', props.set, queryOf(href)],
        queryFn: ({ signal }) => readPage(props.set, queryOf(href), signal),
        staleTime: 5_000,
      })
}
const afterPaint = (then: () => void) => requestAnimationFrame(() => setTimeout(then))
watch(
  () => (waiting.value ? undefined : leads.value?.links),
  (links) => {
    if (links) afterPaint(() => links === leads.value?.links && fetchAhead(links))
  },
  { immediate: true },
)
/** The query, once the records that it asks for have had their turn: for what stands beside them. */
const calmQuery = ref(query.value)
watch(query, () => afterPaint(() => (calmQuery.value = query.value)))
watch(name, () => (calmQuery.value = query.value)) // never another set's

const hashed = (address: string) => address + route.hash
const to = (href: string) => hashed(setAddress(props.set, href))
const go = (href: string) => router.push(to(href))
const beside = (path: string) =>
  `/sets/${encodeURIComponent(props.set)}/${path}${query.value && '?'}${query.value}${route.hash}`
const recordTo = (key: string) => beside(`records/${key}`)
function jump(typed: string) {
  const number = Number(typed)
  const byOffset = rules.value?.addressing === 'offset' && Number.isFinite(number)
  const value = byOffset ? String((number - 1) * (body.value?.paging.size ?? 0)) : typed
  // The page's own address may hold the list still; until the page is there, the query is what was asked for.
  const from = waiting.value ? query.value : queryOf(leads.value?.links.self ?? '')
  go(`?${withPage(from, params.value, value)}`)
}
/** The steps' words: rules may name the field with a record's age. */
const words = computed(() => {
  const first = body.value?.paging.sort.split(',')[0] ?? ''
  if (!rules.value?.markup?.age || first.replace(/^-/, '') !== rules.value.markup.age) return undefined
  return first.startsWith('-') ? { prev: 'Newer', next: 'Older' } : { prev: 'Older', next: 'Newer' }
})
/** The address of the page after this one, or before it, by its cursor. */
function seek(which: 'after' | 'before') {
  const token = body.value?.cursors?.[which]
  const names = params.value
  if (!token || !names?.[which]) return undefined
  return to(`?${withParam(withoutPlace(query.value, names), names[which], token)}`)
}
/** Shows these columns alone; none: all. The page stays. */
function columns(names: string[]) {
  const param = params.value!.fields!
  go(`?${names.length ? withParam(query.value, param, names.join(',')) : withoutParams(query.value, param)}`)
}
const choose = (id: string) =>
  router.replace({ path: route.path, query: route.query, hash: id === 'made' ? '' : `#${id}` })
const again = () => Promise.all([info.refetch(), page.refetch()])

/** Adds a key to the sort, or turns its direction. */
function thenBy(key: string) {
  const param = params.value?.sort ?? 'sort'
  const keys = (valuesOf(query.value, param).at(-1) ?? '').split(',').filter((k) => k !== '')
  const at = keys.findIndex((k) => k.replace(/^[-+]/, '') === key)
  if (at < 0) keys.push((rules.value?.sorts?.find((s) => s.key === key)?.first === 'desc' ? '-' : '') + key)
  else keys[at] = keys[at]!.startsWith('-') ? key : `-${key}`
  go(`?${withoutPlace(withParam(query.value, param, keys.join(',')), params.value)}`)
}

// Keys move through the pages while focus is in the list, but not in a field, nor
// in a table that they scroll.
const list = ref<HTMLElement>()
function key(event: KeyboardEvent) {
  if (!keysOn.value || event.ctrlKey || event.metaKey || event.altKey || !leads.value) return
  const target = event.target as HTMLElement
  if (target.closest('input, select, textarea, [role=tablist], pre')) return
  const frame = target.closest<HTMLElement>('.table-frame')
  const scrolls = frame && target === frame && frame.scrollWidth > frame.clientWidth
  const leftward = getComputedStyle(list.value!).direction === 'rtl'
  const links = leads.value.links
  const href = {
    ArrowLeft: leftward ? links.next : links.prev,
    ArrowRight: leftward ? links.prev : links.next,
    Home: links.first,
    End: links.last,
  }[event.key]
  if (href && !scrolls && !event.shiftKey) go(href)
  else if (event.key === '/') document.getElementById('search')?.focus()
  else if (event.key === 'g') list.value?.querySelector<HTMLElement>('.page-number')?.focus()
  else return
  event.preventDefault()
}

// Whoever comes back from a record finds the list where it was left.
onBeforeRouteLeave((_, from) => {
  left.value = { address: from.fullPath, top: scrollY }
})

/** Room to scroll back to where the list was left, before all of it is there again. */
const room = left.value.address === route.fullPath ? `${left.value.top + innerHeight}px` : undefined

// Where a held list is read is pinned to the map, until its changes are not known any more.
watch(
  () => (waiting.value ? undefined : body.value),
  (shown) => {
    const { version, changes_since, first_row, total_items } = shown?.paging ?? {}
    if (version && changes_since !== undefined && first_row && total_items)
      pinHere({ set: props.set, version, row: first_row, rows: total_items, query: query.value })
  },
  { immediate: true },
)
// Who lets go of it sees the list as it is now, not as it was seconds ago.
const heldAt = (asked: string) => valuesOf(asked, 'pl.version').length > 0
watch(query, (now, before) => {
  if (heldAt(before) && !heldAt(now)) queries.invalidateQueries({ queryKey: ['page', props.set, now] })
})
watch(page.error, (error) => {
  if (error instanceof Problem && error.status === 410)
    unpin(props.set, Number(valuesOf(query.value, 'pl.version')[0]))
})

const mayEdit = computed(() => info.data.value?.kind === 'kept' && may(session.value, 'editor', props.set))
const owner = computed(() => may(session.value, 'owner', props.set))
const marked = computed(() => (mark.value?.set === props.set ? keyPath(mark.value.key) : undefined))
const wide = matchMedia('(min-width: 62rem)').matches
</script>

<template>
  <div v-if="page.isFetching.value" class="progress-line" role="presentation" />
  <div class="title-row">
    <h1>{{ label }}</h1>
    <nav class="title-links" :aria-label="`More of ${label}`">
      <RouterLink v-if="mayEdit" :to="beside('new-record')">New record</RouterLink>
      <RouterLink v-if="info.data.value" :to="`/sets/${encodeURIComponent(set)}/rules`">{{
        owner ? 'Rules' : 'Rules (to read)'
      }}</RouterLink>
      <RouterLink
        v-if="owner && info.data.value?.kind === 'attached'"
        :to="`/sets/${encodeURIComponent(set)}/following`"
        >{{ followed }}</RouterLink
      >
      <RouterLink v-if="owner" :to="`/sets/${encodeURIComponent(set)}/check`">Check the list</RouterLink>
      <ShareSet v-if="info.data.value" :key="set" :info="info.data.value" :owner="owner" />
    </nav>
  </div>
  <RequestLine
    :set="set"
    :query="query"
    :rules="rules"
    :params="params"
    :labels="labels"
    :adjusted="waiting ? [] : (body?.adjusted ?? [])"
  />
  <ChangeNote :set="set" :query="query" @done="again" />
  <ProblemNote v-if="info.error.value" :error="info.error.value" @again="again" />
  <p v-else-if="!info.data.value" role="status">Loading…</p>
  <template v-else>
    <AdjustmentNotes v-if="body" :adjusted="body.adjusted" />
    <AgeNote v-if="body" :paging="body.paging" />
    <div class="desk" :style="{ minHeight: room }">
      <details v-if="rules && params && (params.filters.length || params.search)" class="beside" :open="wide">
        <summary>Search and filters</summary>
        <FilterPanel
          :set="set"
          :query="calmQuery"
          :rules="rules"
          :params="params"
          :labels="labels"
          :version="info.data.value.version"
          @change="(to) => go(`?${to(query)}`)"
        />
      </details>
      <ProblemNote v-if="page.error.value" :error="page.error.value" :to="to" @again="again" />
      <p v-else-if="!page.data.value || !body || !leads" role="status">Loading…</p>
      <div v-else ref="list" class="list" :class="{ waiting }" :aria-busy="waiting" @keydown="key">
        <div class="above">
          <p class="summary" role="status">{{ body.paging.summary }}</p>
          <HoldNote
            :set="set"
            :query="calmQuery"
            :paging="body.paging"
            :links="leads.links"
            :to="to"
            :hold="to(`?${withParam(query, 'pl.version', String(body.paging.version ?? ''))}`)"
            @moved="page.refetch()"
          />
          <ColumnChoice
            v-if="params?.fields && (info.data.value?.fields.length ?? 0) > 2"
            :fields="info.data.value!.fields"
            :shown="fields.map((field) => field.name)"
            :keys="rules?.key ?? []"
            @choose="columns"
          />
        </div>
        <RecordTable
          :label="label"
          :fields="fields"
          :records="body.records"
          :key-fields="rules?.key ?? []"
          :first-row="body.paging.offset === null ? null : body.paging.offset + 1"
          :sorts="leads.sorts"
          :marked="marked"
          :changed="body.changed"
          :to="to"
          :record-to="recordTo"
          @then-by="thenBy"
        />
        <div class="below">
          <LadderNav :rungs="leads.ladder" :steps="leads.links" :label="label" :to="to" :words="words" />
          <SizeChoice :sizes="leads.sizes" @choose="go" />
          <JumpToPage
            v-if="leads.ladder.length && body.paging.page !== null"
            :page="body.paging.page"
            @jump="jump"
          />
        </div>
        <ListMap
          v-if="body.paging.page !== null && (body.paging.total_pages ?? 0) > 2"
          :page="body.paging.page"
          :pages="body.paging.total_pages!"
          :rungs="leads.ladder"
          :pins="pins.filter((pin) => pin.set === set)"
          :to="to"
          @jump="jump"
        />
      </div>
      <ExplainPanel
        v-if="page.data.value"
        :set="set"
        :query="calmQuery"
        :page="page.data.value"
        :open="tab"
        :seek="seek"
        @choose="choose"
      />
    </div>
  </template>
</template>
