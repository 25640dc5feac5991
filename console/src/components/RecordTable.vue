<script setup lang="ts">
// A page's records; the head of a column that can be sorted by is a link.
import { computed } from 'vue'
import type { Field, SetRecord, SortLink } from '../api'
import AddressLink from './AddressLink.vue'
import RecordValue from './RecordValue.vue'

const props = defineProps<{
  label: string
  fields: Field[]
  records: SetRecord[]
  firstRow: number
  sorts: SortLink[]
  to: (href: string) => string
}>()

const sortOf = computed(() => new Map(props.sorts.map((sort) => [sort.key, sort])))
const numeric = (field: Field) => field.type === 'integer' || field.type === 'decimal'

/** aria-sort goes on the first key alone; arrows show the others too. */
function ariaSort(field: Field) {
  const sort = sortOf.value.get(field.name)
  if (!sort) return undefined
  if (sort.rank !== 1) return 'none'
  return sort.direction === 'desc' ? 'descending' : 'ascending'
}

function arrow(field: Field) {
  const direction = sortOf.value.get(field.name)?.direction
  if (!direction) return '↕'
  return direction === 'desc' ? '▼' : '▲'
}
</script>

<template>
  <div class="table-frame" tabindex="0" role="region" :aria-label="`${label}, records`">
    <BTableSimple small hover class="records">
      <BThead>
        <BTr>
          <BTh scope="col" class="row-number"><span class="visually-hidden">Row</span></BTh>
          <BTh
            v-for="field in fields"
            :key="field.name"
            scope="col"
            :class="{ numeric: numeric(field) }"
            :aria-sort="ariaSort(field)"
          >
            <AddressLink
              v-if="sortOf.has(field.name)"
              :to="to(sortOf.get(field.name)!.href)"
              class="sort-head"
            >
              {{ field.label }}<span class="arrow" aria-hidden="true">{{ arrow(field) }}</span>
            </AddressLink>
            <template v-else>{{ field.label }}</template>
          </BTh>
        </BTr>
      </BThead>
      <BTbody>
        <BTr v-for="(record, i) in records" :key="firstRow + i">
          <BTd class="row-number">{{ (firstRow + i).toLocaleString() }}</BTd>
          <BTd v-for="field in fields" :key="field.name" :class="{ numeric: numeric(field) }">
            <RecordValue :value="record[field.name] ?? null" :type="field.type" />
          </BTd>
        </BTr>
        <BTr v-if="records.length === 0">
          <BTd :colspan="fields.length + 1" class="none">No records on this page.</BTd>
        </BTr>
      </BTbody>
    </BTableSimple>
  </div>
</template>
