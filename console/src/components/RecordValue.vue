<script setup lang="ts">
// One value of a record, by its field's type.
import type { Field, Value } from '../api'

defineProps<{ value: Value; type: Field['type'] }>()
const moment = (value: Value) =>
  String(value)
    .replace('T', ' ')
    .replace(/:\d\d(\.\d+)?Z$/, ' UTC')
</script>

<template>
  <span v-if="value === null" class="missing"
    ><span aria-hidden="true">–</span><span class="visually-hidden">missing</span></span
  >
  <time v-else-if="type === 'time'" :datetime="String(value)">{{ moment(value) }}</time>
  <template v-else-if="typeof value === 'boolean'">{{ value ? 'yes' : 'no' }}</template>
  <template v-else-if="typeof value === 'number'">{{ value.toLocaleString() }}</template>
  <bdi v-else :title="String(value)">{{ value }}</bdi>
</template>
