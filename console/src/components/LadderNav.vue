<script setup lang="ts">
// The ladder as the API sends it, with a step back and a step forward. A step
// that leads nowhere keeps its place, so that "next" does not move.
import { computed } from 'vue'
import type { GapRung, Rung, Steps } from '../api'
import AddressLink from './AddressLink.vue'

const props = defineProps<{
  rungs: Rung[] // none where pages have no number: the steps stand alone then
  steps: Steps
  label: string
  to: (href: string) => string
  words?: { prev: string; next: string }
}>()
const prev = computed(() => `‹ ${props.words?.prev ?? 'Previous'}`)
const next = computed(() => `${props.words?.next ?? 'Next'} ›`)

const figures = computed(() =>
  Math.max(1, ...props.rungs.map((rung) => (rung.page ?? 0).toLocaleString().length)),
)
const left = (gap: GapRung) =>
  gap.to
    ? `pages ${gap.from.toLocaleString()} to ${gap.to.toLocaleString()} are left out`
    : `pages from ${gap.from.toLocaleString()} on`
</script>

<template>
  <nav
    v-if="rungs.length || steps.prev || steps.next"
    :aria-label="`Pages of ${label}`"
    class="ladder"
    :style="{ '--figures': figures }"
  >
    <ul>
      <li>
        <AddressLink v-if="steps.prev" :to="to(steps.prev)" rel="prev" class="rung step">{{
          prev
        }}</AddressLink>
        <span v-else class="rung step dead" aria-disabled="true">{{ prev }}</span>
      </li>
      <li v-for="rung in rungs" :key="`${rung.rung} ${rung.rung === 'gap' ? rung.from : rung.page}`">
        <AddressLink
          v-if="rung.rung === 'gap' && rung.href"
          :to="to(rung.href)"
          class="rung gap"
          :aria-label="`Page ${rung.page!.toLocaleString()}: ${left(rung)}`"
          :title="`Page ${rung.page!.toLocaleString()}`"
          >…</AddressLink
        >
        <span v-else-if="rung.rung === 'gap'" class="rung gap">
          <span aria-hidden="true">…</span><span class="visually-hidden">{{ left(rung) }}</span>
        </span>
        <AddressLink
          v-else-if="rung.rung === 'page'"
          :to="to(rung.href)"
          class="rung"
          :aria-label="`Page ${rung.page.toLocaleString()}`"
          >{{ rung.page.toLocaleString() }}</AddressLink
        >
        <span v-else class="rung current" aria-current="page">
          <span class="visually-hidden">Page </span>{{ rung.page.toLocaleString() }}
        </span>
      </li>
      <li>
        <AddressLink v-if="steps.next" :to="to(steps.next)" rel="next" class="rung step">{{
          next
        }}</AddressLink>
        <span v-else class="rung step dead" aria-disabled="true">{{ next }}</span>
      </li>
    </ul>
  </nav>
</template>
