<script setup lang="ts">
// A word of ours with what it means, shown when it is pressed.
import { computed, ref, useId } from 'vue'
import { glossary } from '../glossary'

const props = defineProps<{ word: string }>()
const open = ref(false)
const id = useId()
const says = computed(() => glossary.get(props.word))
</script>

<template>
  <span class="word-help"
    ><slot>{{ word }}</slot>
    <button
      type="button"
      :aria-expanded="open"
      :aria-controls="id"
      :aria-label="`What does “${word}” mean?`"
      @click="open = !open"
      @keydown.escape="open = false"
    >
      ?
    </button>
    <span v-if="open" :id="id" role="note">{{ says }}</span>
  </span>
</template>
