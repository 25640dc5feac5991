<script setup lang="ts">
// Which columns are shown: the others are not even asked for.
import { computed } from 'vue'
import type { Field } from '../api'

const props = defineProps<{ fields: Field[]; shown: string[]; keys: string[] }>()
const emit = defineEmits<{ choose: [names: string[]] }>()

const chosen = computed(() => new Set(props.shown))
function turn(name: string, on: boolean) {
  const names = props.fields.map((field) => field.name).filter((n) => (n === name ? on : chosen.value.has(n)))
  emit('choose', names.length === props.fields.length ? [] : names)
}
</script>

<template>
  <details class="columns-choice">
    <summary>Columns</summary>
    <div role="group" aria-label="Columns">
      <label v-for="field in fields" :key="field.name" class="facet">
        <input
          type="checkbox"
          :checked="chosen.has(field.name)"
          :disabled="chosen.has(field.name) && (chosen.size === 1 || keys.includes(field.name))"
          @change="turn(field.name, ($event.target as HTMLInputElement).checked)"
        />
        {{ field.label }}
      </label>
    </div>
  </details>
</template>
