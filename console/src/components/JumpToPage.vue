<script setup lang="ts">
// Goes to a page by its number. The service settles whatever is typed.
import { ref, watch } from 'vue'

const props = defineProps<{ page: number }>()
const emit = defineEmits<{ jump: [number: string] }>()

const typed = ref(String(props.page))
watch(
  () => props.page,
  (page) => (typed.value = String(page)),
)
</script>

<template>
  <form class="choice" @submit.prevent="emit('jump', typed.trim())">
    <label class="choice">
      Go to page
      <BFormInput v-model="typed" size="sm" inputmode="numeric" autocomplete="off" class="page-number" />
    </label>
    <BButton type="submit" size="sm" variant="outline-primary">Go</BButton>
  </form>
</template>
