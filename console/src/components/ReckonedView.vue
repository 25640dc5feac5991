<script setup lang="ts">
// What reckoning gave: the numbers for SQL, what was changed, the ladder and the links.
import type { Reckoned } from '../api'
import AdjustmentNotes from './AdjustmentNotes.vue'
import LadderNav from './LadderNav.vue'

defineProps<{ reckoned: Reckoned }>()
const stay = () => ''
</script>

<template>
  <div class="reckoned">
    <p class="summary" role="status">{{ reckoned.paging.summary }}</p>
    <AdjustmentNotes :adjusted="reckoned.adjusted" />
    <dl class="facts">
      <div v-if="reckoned.paging.page !== null">
        <dt>page</dt>
        <dd>
          {{ reckoned.paging.page.toLocaleString()
          }}<template v-if="reckoned.paging.total_pages">
            of {{ reckoned.paging.total_pages.toLocaleString() }}</template
          >
        </dd>
      </div>
      <div v-if="reckoned.paging.offset !== null">
        <dt>offset</dt>
        <dd>{{ reckoned.paging.offset.toLocaleString() }}</dd>
      </div>
      <div>
        <dt>limit</dt>
        <dd>{{ reckoned.paging.limit.toLocaleString() }}</dd>
      </div>
      <div>
        <dt>fetch</dt>
        <dd>{{ reckoned.fetch.toLocaleString() }}</dd>
      </div>
      <div>
        <dt>order</dt>
        <dd>
          <code>{{ reckoned.order.map((o) => o.field + (o.desc ? ' desc' : '')).join(', ') || 'none' }}</code>
        </dd>
      </div>
    </dl>
    <div inert class="drawn">
      <LadderNav :rungs="reckoned.ladder" :steps="reckoned.links" label="what was reckoned" :to="stay" />
    </div>
    <ul class="link-list" aria-label="Links">
      <li v-for="(href, rel) in reckoned.links" :key="rel">
        <span class="quiet">{{ rel }}</span> <code>{{ href }}</code>
      </li>
    </ul>
  </div>
</template>
