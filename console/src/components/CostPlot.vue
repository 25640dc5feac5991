<script setup lang="ts">
// A line through what pages cost, by the row of their first record.
import { computed } from 'vue'

const props = defineProps<{ title: string; unit: string; cost: number[][] }>()

const [left, top, width, height] = [54, 16, 470, 120]
const points = computed(() => {
  const high = Math.max(...props.cost.map((c) => c[1]!), 0.001) * 1.1
  const far = Math.max(...props.cost.map((c) => c[0]!), 1)
  return props.cost.map((c) => ({
    row: c[0]!,
    value: c[1]!,
    x: left + (width * (c[0]! - 1)) / Math.max(far - 1, 1),
    y: top + height * (1 - c[1]! / high),
  }))
})
const line = computed(() => points.value.map((p) => `${p.x},${p.y}`).join(' '))
const number = new Intl.NumberFormat(undefined, { maximumSignificantDigits: 3 })
const short = new Intl.NumberFormat(undefined, { notation: 'compact' })
</script>

<template>
  <figure class="cost-plot">
    <figcaption>{{ title }} ({{ unit }}) by the page’s first row</figcaption>
    <svg viewBox="0 0 560 172" role="img" :aria-label="`${title} by row`">
      <line :x1="left" :x2="left + width" :y1="top + height" :y2="top + height" />
      <polyline :points="line" />
      <g v-for="(p, i) in points" :key="p.row">
        <circle :cx="p.x" :cy="p.y" r="4" />
        <text :x="p.x" :y="p.y - 8" text-anchor="middle">{{ number.format(p.value) }}</text>
        <text :x="p.x" :y="top + height + 18" :text-anchor="i === points.length - 1 ? 'end' : 'middle'">
          {{ short.format(p.row) }}
        </text>
      </g>
    </svg>
  </figure>
</template>
