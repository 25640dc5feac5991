<script setup lang="ts">
// What the service changed of the question, and why.
import type { Adjustment } from '../api'

defineProps<{ adjusted: Adjustment[] }>()
</script>

<template>
  <div v-if="adjusted.length" class="adjusted" role="status">
    <ul aria-label="What was changed">
      <li v-for="a in adjusted" :key="a.param">
        <code>{{ a.param }}={{ a.given }}</code> {{ a.says }}
      </li>
    </ul>
  </div>
</template>
