<script setup lang="ts">
// One page of a record set. What it shows is in the address and nowhere else.
import { useQuery } from '@tanstack/vue-query'
import { computed, watchEffect } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { queryOf, setAddress, withParam } from '../address'
import { readPage, readSet } from '../api'
import AdjustmentNotes from '../components/AdjustmentNotes.vue'
import JumpToPage from '../components/JumpToPage.vue'
import LadderNav from '../components/LadderNav.vue'
import ProblemNote from '../components/ProblemNote.vue'
import RecordTable from '../components/RecordTable.vue'
import SizeChoice from '../components/SizeChoice.vue'

const props = defineProps<{ set: string }>()
const route = useRoute()
const router = useRouter()
const name = computed(() => props.set)
const query = computed(() => queryOf(route.fullPath))

const info = useQuery({
  queryKey: ['set', name],
  queryFn: ({ signal }) => readSet(props.set, signal),
})
const page = useQuery({
  queryKey: ['page', name, query],
  queryFn: ({ signal }) => readPage(props.set, query.value, signal),
  // the old page stays while the next one loads, but never under another set's name
  placeholderData: (last, from) => (from?.queryKey[1] === props.set ? last : undefined),
})
const fields = computed(() => {
  const first = page.data.value?.records[0]
  return info.data.value?.fields.filter((field) => !first || field.name in first) ?? []
})
const problem = computed(() => page.error.value ?? info.error.value)
const label = computed(() => info.data.value?.label ?? props.set)

watchEffect(() => {
  const rows = page.data.value ? `, ${page.data.value.paging.summary}` : ''
  document.title = `${label.value}${rows} – Page Ladder`
})

const to = (href: string) => setAddress(props.set, href)
const go = (href: string) => router.push(to(href))
const jump = (number: string) =>
  go(`?${withParam(queryOf(page.data.value?.links.self ?? ''), 'page', number)}`)
const again = () => Promise.all([info.refetch(), page.refetch()])
</script>

<template>
  <nav aria-label="You are here" class="trail"><RouterLink to="/">Record sets</RouterLink></nav>
  <h1>{{ label }}</h1>
  <ProblemNote v-if="problem" :error="problem" @again="again" />
  <p v-else-if="!page.data.value || !info.data.value" role="status">Loading…</p>
  <template v-else>
    <AdjustmentNotes :adjusted="page.data.value.adjusted" />
    <div :class="{ waiting: page.isPlaceholderData.value }" :aria-busy="page.isPlaceholderData.value">
      <RecordTable
        :label="label"
        :fields="fields"
        :records="page.data.value.records"
        :first-row="page.data.value.paging.offset + 1"
        :sorts="page.data.value.sorts"
        :to="to"
      />
      <div class="below">
        <p class="summary" role="status">{{ page.data.value.paging.summary }}</p>
        <LadderNav :rungs="page.data.value.ladder" :steps="page.data.value.links" :label="label" :to="to" />
        <SizeChoice :sizes="page.data.value.sizes" :size="page.data.value.paging.size" @choose="go" />
        <JumpToPage
          v-if="page.data.value.ladder.length"
          :page="page.data.value.paging.page"
          :pages="page.data.value.paging.total_pages"
          @jump="jump"
        />
      </div>
    </div>
  </template>
</template>
