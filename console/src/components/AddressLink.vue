<script setup lang="ts">
// A link to an address of the console. RouterLink by itself calls every link to the
// same set the current page, whatever its query says, and looks at every change of
// address.
import { useRouter } from 'vue-router'
import { root } from '../api'

const props = defineProps<{ to: string }>()
const router = useRouter()

function go(event: MouseEvent) {
  if (event.ctrlKey || event.metaKey || event.shiftKey || event.altKey || event.button > 0) return
  event.preventDefault()
  router.push(props.to)
}
</script>

<template>
  <a :href="root + to" @click="go"><slot /></a>
</template>
