<script setup lang="ts">
// The page sizes to choose from. A size in force that is not offered is shown too.
import { computed } from 'vue'
import type { SizeLink } from '../api'

const props = defineProps<{ sizes: SizeLink[]; size: number }>()
const emit = defineEmits<{ choose: [href: string] }>()

const options = computed(() => {
  const offered = props.sizes.map(({ size, href }) => ({ value: href, text: String(size) }))
  return current.value ? offered : [{ value: '', text: String(props.size) }, ...offered]
})
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
