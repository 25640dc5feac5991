<script setup lang="ts">
// The page sizes to choose from, the one in force among them.
import { computed } from 'vue'
import type { SizeLink } from '../api'

const props = defineProps<{ sizes: SizeLink[] }>()
const emit = defineEmits<{ choose: [href: string] }>()

const options = computed(() => props.sizes.map(({ size, href }) => ({ value: href, text: String(size) })))
const current = computed(() => props.sizes.find((size) => size.current)?.href)
</script>

<template>
  <label class="choice">
    Size
    <BFormSelect
      size="sm"
      :model-value="current ?? ''"
      :options="options"
      @update:model-value="(href) => href && emit('choose', String(href))"
    />
  </label>
</template>
