// The codes of faults. They are stable: programs may compare them.

export const codes = [
  'page.not_a_number', 'page.below_first', 'page.past_last', 'offset.not_a_number', 'offset.below_zero', 'offset.rounded', 'offset.over_max',
  'row.not_a_number', 'row.below_first', 'size.not_a_number', 'size.below_one', 'size.over_cap', 'size.not_offered', 'sort.unknown_key',
  'sort.repeated_key', 'sort.too_many_keys', 'sort.bad_direction', 'fields.unknown', 'filter.bad_value', 'filter.unknown_operator',
  'param.repeated', 'param.unknown', 'cursor.damaged', 'cursor.too_long', 'cursor.foreign', 'cursor.other_order', 'cursor.not_sealed',
  'cursor.not_alone', 'back.damaged', 'back.foreign', 'back.too_long',
] as const // prettier-ignore

/** What can be wrong with a query. */
export type Code = (typeof codes)[number]
