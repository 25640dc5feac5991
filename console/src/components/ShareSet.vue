<script setup lang="ts">
// Where others find a list, and whether they may read it.
import { useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { changeSet, root, type SetInfo } from '../api'

const props = defineProps<{ info: SetInfo; owner: boolean }>()
const queries = useQueryClient()
const says = ref('')
const page = `${location.origin}${root}/lists/${encodeURIComponent(props.info.name)}`

async function open(yes: boolean) {
  says.value = ''
  try {
    await changeSet(props.info.name, { open: yes })
    await queries.invalidateQueries()
  } catch (error) {
    says.value = (error as Error).message
  }
}
</script>

<template>
  <details class="share">
    <summary>Share</summary>
    <div>
      <p>
        A page for anybody’s browser: <a :href="page">{{ page }}</a>
      </p>
      <p>
        {{
          info.open
            ? 'Everybody who reaches the service may read this list.'
            : 'Only who has a token may read this list.'
        }}
        <BButton v-if="owner" size="sm" variant="outline-primary" @click="open(!info.open)">{{
          info.open ? 'Ask for a token' : 'Let everybody read it'
        }}</BButton>
      </p>
      <p v-if="says" class="wrong" role="alert">{{ says }}</p>
    </div>
  </details>
</template>
