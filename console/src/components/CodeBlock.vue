<script setup lang="ts">
// A text to be read or taken along, with a button that copies it.
import { ref } from 'vue'

const props = defineProps<{ text: string; label: string }>()
const says = ref('')

async function copy() {
  try {
    await navigator.clipboard.writeText(props.text)
    says.value = 'Copied'
  } catch {
    says.value = 'The browser did not allow it: select the text and copy it.'
  }
}
</script>

<template>
  <div class="code-block">
    <div class="code-actions">
      <span role="status">{{ says }}</span>
      <BButton size="sm" variant="outline-primary" :aria-label="`Copy ${label}`" @click="copy">Copy</BButton>
    </div>
    <pre tabindex="0" :aria-label="label">{{ text }}</pre>
  </div>
</template>
