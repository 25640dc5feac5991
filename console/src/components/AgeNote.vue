<script setup lang="ts">
// A page that is older than pages are otherwise: the primary does not answer, and a replica does.
import type { Metadata } from '../api'

defineProps<{ paging: Metadata }>()
</script>

<template>
  <div v-if="paging.stale" class="adjusted" role="status">
    The database's primary does not answer. This page is of a replica, as it was
    {{ paging.as_of ? `at ${new Date(paging.as_of).toLocaleTimeString()}` : 'before' }}; nothing can be
    changed until the primary is back.
  </div>
</template>
