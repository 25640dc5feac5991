<script setup lang="ts">
// A row of tabs; arrow keys move among them. The one that is open is in the address.
import { ref, watch } from 'vue'

const props = defineProps<{ tabs: { id: string; label: string }[]; open: string; label: string }>()
const emit = defineEmits<{ choose: [id: string] }>()
const row = ref<HTMLElement>()

// Focus goes with the tab, once the address has it.
watch(
  () => props.open,
  () => {
    if (row.value?.contains(document.activeElement))
      row.value.querySelector<HTMLElement>('[aria-selected=true]')?.focus()
  },
  { flush: 'post' },
)

function move(event: KeyboardEvent) {
  const at = props.tabs.findIndex((tab) => tab.id === props.open)
  const to = {
    ArrowRight: at + 1,
    ArrowLeft: at - 1 + props.tabs.length,
    Home: 0,
    End: props.tabs.length - 1,
  }[event.key]
  if (to === undefined) return
  event.preventDefault()
  event.stopPropagation()
  emit('choose', props.tabs[to % props.tabs.length]!.id)
}
</script>

<template>
  <div ref="row" class="tabs" role="tablist" :aria-label="label" @keydown="move">
    <button
      v-for="tab in tabs"
      :id="`tab-${tab.id}`"
      :key="tab.id"
      type="button"
      role="tab"
      :aria-selected="tab.id === open"
      aria-controls="tab-panel"
      :tabindex="tab.id === open ? 0 : -1"
      @click="emit('choose', tab.id)"
    >
      {{ tab.label }}
    </button>
  </div>
  <div id="tab-panel" role="tabpanel" :aria-labelledby="`tab-${open}`" tabindex="0"><slot /></div>
</template>
