<script setup lang="ts">
// One condition on a field: its operator, and a value that is typed or a day that is picked.
defineProps<{ says: string; label: string; kind: 'date' | 'text'; value: string; hint: string }>()
const emit = defineEmits<{ put: [text: string] }>()
</script>

<template>
  <label class="operator" :title="hint || undefined">
    <span
      >{{ says }}<span class="visually-hidden"> ({{ label }}{{ hint && `; ${hint}` }})</span></span
    >
    <BFormInput
      size="sm"
      autocomplete="off"
      :type="kind"
      :model-value="value"
      @change="emit('put', ($event.target as HTMLInputElement).value.trim())"
    />
  </label>
</template>
