<script setup lang="ts">
// A new set: of a file, or of a table or view of a source.
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { ownsAll, readSession } from '../api'
import AttachTable from '../components/AttachTable.vue'
import FileImport from '../components/FileImport.vue'
import SignIn from '../components/SignIn.vue'
import TabRow from '../components/TabRow.vue'

document.title = 'New set – Page Ladder'
const route = useRoute()
const router = useRouter()
const tabs = [
  { id: 'file', label: 'From a file' },
  { id: 'attach', label: 'Attach a table or view' },
]
const { data: session } = useQuery({ queryKey: ['session'], queryFn: ({ signal }) => readSession(signal) })
const tab = computed(() => (route.hash === '#attach' ? 'attach' : 'file'))
</script>

<template>
  <nav aria-label="You are here" class="trail"><RouterLink to="/">Record sets</RouterLink></nav>
  <h1>New set</h1>
  <template v-if="session && !ownsAll(session)">
    <p>Only an owner of all sets can make one.</p>
    <SignIn />
  </template>
  <TabRow
    v-else
    :tabs="tabs"
    :open="tab"
    label="Where the records come from"
    @choose="(id) => router.replace(id === 'file' ? '/new' : '/new#attach')"
  >
    <!-- what has been typed in one stays while the other is open -->
    <KeepAlive><component :is="tab === 'attach' ? AttachTable : FileImport" /></KeepAlive>
  </TabRow>
</template>
