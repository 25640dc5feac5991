<script setup lang="ts">
// A thin strip from the first page to the last: where this page is, which pages the ladder
// shows, and pins: places where the list was held still. A click, or the arrow keys, go to a page.
import { computed, ref, watch } from 'vue'
import type { Rung } from '../api'
import type { Pin } from '../state'

const props = defineProps<{
  page: number
  pages: number
  rungs: Rung[]
  pins: Pin[]
  to: (href: string) => string
}>()
const emit = defineEmits<{ jump: [number: string] }>()

const at = ref(props.page)
watch(
  () => props.page,
  (page) => (at.value = page),
)
const number = (n: number) => n.toLocaleString()

const pinned = (pin: Pin) => `Row ${number(pin.row)} of the list held still at version ${number(pin.version)}`

/** Where the pages stand that the ladder shows, as a background of the strip. */
const shown = computed(() => {
  const part = (pages: number) => `${(100 * pages) / props.pages}%`
  const stops = props.rungs
    .filter((rung) => rung.page && rung.rung !== 'gap')
    .flatMap(({ page }) => [
      `transparent ${part(page! - 1)}`,
      `var(--dead) ${part(page! - 1)} ${part(page!)}`,
      `transparent ${part(page!)}`,
    ])
  return stops.length > 0 ? `linear-gradient(to right, ${stops.join(', ')})` : undefined
})
</script>

<template>
  <div class="list-map-frame">
    <ul v-if="pins.length > 0" class="pins" aria-label="Places where the list was held still">
      <li
        v-for="pin in pins"
        :key="pin.version"
        :style="{ insetInlineStart: `${(100 * (pin.row - 1)) / Math.max(pin.rows, 1)}%` }"
      >
        <RouterLink :to="to(`?${pin.query}`)" :title="pinned(pin)" :aria-label="pinned(pin)" />
      </li>
    </ul>
    <input
      v-model.number="at"
      type="range"
      class="list-map"
      min="1"
      :max="pages"
      :style="{ '--shown': shown }"
      aria-label="Map of the list"
      :aria-valuetext="`Page ${number(at)} of ${number(pages)}`"
      :title="`Page ${number(at)} of ${number(pages)}`"
      @change="emit('jump', String(at))"
    />
  </div>
</template>
