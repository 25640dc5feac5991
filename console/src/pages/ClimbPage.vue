<script setup lang="ts">
// Whether a set's list keeps its promises: the service walks it and reports.
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { climbSet, readSet, type Climbed, type ClimbPromise } from '../api'
import { setAddress } from '../paths'
import CostPlot from '../components/CostPlot.vue'
import ProblemNote from '../components/ProblemNote.vue'

const props = defineProps<{ set: string }>()
const route = useRoute()
const info = useQuery({
  queryKey: ['set', computed(() => props.set)],
  queryFn: ({ signal }) => readSet(props.set, signal),
})
const label = computed(() => info.data.value?.label ?? props.set)
watch(label, () => (document.title = `Check of ${label.value} – Page Ladder`), { immediate: true })

const query = ref(new URLSearchParams(location.search).get('query') ?? '')
const expect = ref<'usual' | 'strict'>('usual')
const running = ref(false)
const seen = ref<Climbed>()
const failed = ref<Error>()
watch(
  () => route.params.set,
  () => (seen.value = undefined),
)

async function climb() {
  running.value = true
  failed.value = undefined
  try {
    seen.value = await climbSet(props.set, { query: query.value, expect: expect.value })
  } catch (error) {
    failed.value = error as Error
  }
  running.value = false
}

const broken = computed(() => seen.value?.promises.filter((p) => p.verdict === 'broken') ?? [])
const kept = computed(() => seen.value?.promises.filter((p) => p.verdict === 'kept') ?? [])
const open = computed(() => seen.value?.promises.filter((p) => p.verdict.startsWith('not ')) ?? [])
const noted = (p: ClimbPromise) => (p.note ? `: ${p.note}` : '')

/** The report as a page of its own, to be kept or sent on. */
const report = computed(() =>
  seen.value ? URL.createObjectURL(new Blob([seen.value.page], { type: 'text/html' })) : '',
)
watch(report, (_, old) => old && URL.revokeObjectURL(old))
</script>

<template>
  <p>
    <RouterLink :to="setAddress(set)">{{ label }}</RouterLink>
  </p>
  <h1>Does {{ label }} keep its promises?</h1>
  <p>
    The service walks the list from end to end, by each way of paging, sends it bad input, and compares what
    comes back: at most 300 requests, as you. Nothing is changed.
  </p>
  <ProblemNote v-if="info.error.value" :error="info.error.value" @again="info.refetch()" />
  <form class="climb-form" @submit.prevent="climb">
    <label for="climb-query">Query of each request</label>
    <input
      id="climb-query"
      v-model="query"
      class="form-control"
      placeholder="none; for example berth=N4"
      spellcheck="false"
      autocapitalize="off"
    />
    <label for="climb-expect">What counts as a fault</label>
    <select id="climb-expect" v-model="expect" class="form-select">
      <option value="usual">What any list should keep</option>
      <option value="strict">Every promise that is not kept</option>
    </select>
    <div class="actions">
      <BButton type="submit" variant="primary" :disabled="running">{{
        running ? 'Checking…' : 'Check the list'
      }}</BButton>
      <a v-if="seen && !running" :href="report" :download="`${set}-report.html`">Save the report</a>
    </div>
  </form>
  <ProblemNote v-if="failed" :error="failed" by-hand @again="climb" />
  <div role="status">
    <p v-if="seen" class="climb-verdict" :class="{ wrong: !seen.holds }">
      <strong>{{ seen.holds ? 'It keeps its promises.' : 'It does not keep its promises.' }}</strong>
      {{ seen.summary }}
    </p>
  </div>
  <template v-if="seen">
    <template v-if="broken.length > 0">
      <h2>Not kept</h2>
      <ul class="climb-broken">
        <li v-for="p in broken" :key="p.code">
          <strong :class="{ wrong: p.severity === 'fault' }">{{ p.severity }}</strong> {{ p.title }}
          <code>{{ p.code }}</code>
          <p v-for="f in p.findings" :key="f.says">
            {{ f.says }}<span v-if="f.times > 1" class="quiet"> Seen {{ f.times }} times.</span>
            <span v-for="address in f.addresses" :key="address" class="climb-address"
              ><br /><code>{{ address }}</code></span
            >
          </p>
        </li>
      </ul>
    </template>
    <template v-if="seen.cost.length > 1">
      <h2>What pages cost, from the first to the last</h2>
      <div class="climb-plots">
        <CostPlot title="Time" unit="ms" :cost="seen.cost.map((c) => [c.row, c.time_ms])" />
        <CostPlot title="Size" unit="kB" :cost="seen.cost.map((c) => [c.row, c.bytes / 1000])" />
      </div>
    </template>
    <h2>Kept</h2>
    <ul class="climb-list">
      <li v-for="p in kept" :key="p.code">
        {{ p.title }} <code>{{ p.code }}</code>
      </li>
    </ul>
    <h2>Not offered, or not checked</h2>
    <ul class="climb-list">
      <li v-for="p in open" :key="p.code">
        {{ p.title }} <code>{{ p.code }}</code><span class="quiet">{{ noted(p) }}</span>
      </li>
    </ul>
    <details>
      <summary>What was found out about the list</summary>
      <ul>
        <li v-for="line in [...seen.found, ...seen.notes]" :key="line">{{ line }}</li>
      </ul>
    </details>
  </template>
</template>
