<script setup lang="ts">
// A page's records; the head of a column that can be sorted by is a link. Cells are
// plain elements: a page of 100 records and 12 fields has 1,200 of them.
import { computed, ref, toRaw, watch } from 'vue'
import { useRouter } from 'vue-router'
import { root, type ChangedRow, type Field, type SetRecord, type SortLink } from '../api'
import { keyPath } from '@pageladder/client'

import { figure, isNumeric, momentOf, shownAs } from '../values'

const props = defineProps<{
  label: string
  fields: Field[]
  records: SetRecord[]
  keyFields: string[]
  firstRow: number | null // of the list; null where nobody knows: rows are counted from the page's first then
  sorts: SortLink[]
  marked?: string // the key of the record that was changed last
  changed?: ChangedRow[] // of a list that is held still: records that are not the same now
  to: (href: string) => string
  recordTo: (key: string) => string
}>()
const emit = defineEmits<{ thenBy: [key: string] }>()
const router = useRouter()

const sortOf = computed(() => new Map(props.sorts.map((sort) => [sort.key, sort])))
const fate = computed(() => new Map(props.changed?.map(({ row, now }) => [row, now])))
const several = computed(() => props.sorts.filter((sort) => sort.rank).length > 1)

/** aria-sort goes on the first key alone; arrows and ranks show the others too. */
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

/** With Shift a key is added to the sort, or its direction turned. */
function sort(event: MouseEvent, field: Field) {
  if (event.ctrlKey || event.metaKey || event.button > 0) return
  event.preventDefault()
  if (event.shiftKey) emit('thenBy', field.name)
  else router.push(props.to(sortOf.value.get(field.name)!.href))
}

/** Opens a record without loading the console anew; a hundred router links would each look at every change of address. */
function open(event: MouseEvent) {
  const link = (event.target as HTMLElement).closest<HTMLAnchorElement>('.row-number a')
  if (!link || event.ctrlKey || event.metaKey || event.shiftKey || event.button > 0) return
  event.preventDefault()
  router.push(link.getAttribute('href')!.slice(root.length))
}

/** What a cell needs of its field, found once for all rows. */
const columns = computed(() =>
  toRaw(props.fields).map((field) => ({
    name: field.name,
    css: isNumeric(field) ? 'numeric' : undefined,
    wordy: field.type === 'text' || field.type === 'json',
    show: field.type === 'time' ? momentOf : shownAs,
  })),
)
const short = 32 // characters of a text that takes one line

/** The long texts that are shown whole, by their row and field; another page shows them in one line again. */
const whole = ref(new Set<string>())
watch(
  () => props.records,
  () => whole.value.clear(),
)
function turn(cell: string) {
  if (!whole.value.delete(cell)) whole.value.add(cell)
}

const row = (i: number) => (props.firstRow ?? 1) + i

const hasKey = computed(
  () =>
    props.keyFields.length > 0 &&
    props.keyFields.every((name) => props.records[0] && name in props.records[0]),
)
const keyOf = (record: SetRecord) => keyPath(props.keyFields.map((name) => String(record[name])))
</script>

<template>
  <div class="table-frame" tabindex="0" role="region" :aria-label="`${label}, records`">
    <table class="table table-sm table-hover records">
      <thead>
        <tr>
          <th scope="col" class="row-number">{{ firstRow === null ? 'Here' : 'Row' }}</th>
          <th
            v-for="field in fields"
            :key="field.name"
            scope="col"
            :class="{ numeric: isNumeric(field) }"
            :aria-sort="ariaSort(field)"
          >
            <a
              v-if="sortOf.has(field.name)"
              :href="root + to(sortOf.get(field.name)!.href)"
              class="sort-head"
              title="With Shift: sort by this too"
              @click="sort($event, field)"
            >
              {{ field.label }}<span class="arrow" aria-hidden="true">{{ arrow(field) }}</span
              ><sup v-if="several && sortOf.get(field.name)!.rank" class="rank"
                ><span class="visually-hidden">sort key </span>{{ sortOf.get(field.name)!.rank }}</sup
              >
            </a>
            <template v-else>{{ field.label }}</template>
          </th>
        </tr>
      </thead>
      <tbody @click="open">
        <!-- keyed by its place, so that another page changes texts and moves nothing -->
        <tr
          v-for="(record, i) in records"
          :key="i"
          :class="[{ marked: hasKey && marked === keyOf(record) }, fate.get(row(i))]"
        >
          <td class="row-number">
            <a
              v-if="hasKey && fate.get(row(i)) !== 'gone'"
              :href="root + recordTo(keyOf(record))"
              :aria-label="`Open the record in row ${row(i)}`"
              >{{ figure(row(i)) }}</a
            >
            <template v-else>{{ figure(row(i)) }}</template>
            <span v-if="fate.has(row(i))" class="fate">{{ fate.get(row(i)) }}</span>
          </td>
          <template v-for="column in columns" :key="column.name">
            <td v-if="(record[column.name] ?? null) === null" :class="column.css">
              <span class="missing">–<span class="visually-hidden"> missing</span></span>
            </td>
            <td v-else-if="!column.wordy" :class="column.css">{{ column.show(record[column.name]) }}</td>
            <td v-else-if="column.show(record[column.name]).length <= short">
              <bdi>{{ column.show(record[column.name]) }}</bdi>
            </td>
            <td v-else>
              <button
                type="button"
                class="long"
                :aria-expanded="whole.has(`${i} ${column.name}`)"
                :title="whole.has(`${i} ${column.name}`) ? 'Show one line' : 'Show the whole text'"
                @click="turn(`${i} ${column.name}`)"
              >
                <bdi>{{
                  whole.has(`${i} ${column.name}`)
                    ? column.show(record[column.name])
                    : column.show(record[column.name]).slice(0, 200)
                }}</bdi>
              </button>
            </td>
          </template>
        </tr>
        <tr v-if="records.length === 0">
          <td :colspan="fields.length + 1" class="none">No records on this page.</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>
