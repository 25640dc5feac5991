// What the console remembers beside the address: choices of the person who uses it,
// and the record that was changed last.
import { ref, watch } from 'vue'

function remembered<T extends string>(name: string, otherwise: T) {
  const value = ref(otherwise)
  try {
    value.value = (localStorage.getItem(name) ?? otherwise) as T
  } catch {
    // storage may be switched off: the choice then lasts as long as the page
  }
  watch(value, (now) => {
    try {
      localStorage.setItem(name, now as string)
    } catch {
      // as above
    }
  })
  return value
}

/** Whether single keys move through the pages: "on" or "off". */
const keys = remembered<'on' | 'off'>('pageladder.keys', 'on')
export const keysOn = ref(keys.value === 'on')
watch(keysOn, (on) => (keys.value = on ? 'on' : 'off'))

export type Look = 'light' | 'dark' | 'system'
export const look = remembered<Look>('pageladder.look', 'system')

const dark = matchMedia('(prefers-color-scheme: dark)')
function dress() {
  const now = look.value === 'system' ? (dark.matches ? 'dark' : 'light') : look.value
  document.documentElement.dataset.bsTheme = now
}
watch(look, dress)
dark.addEventListener('change', dress)
dress()

/** A change of a record, and how it can be undone. */
export interface Mark {
  set: string
  key: string[]
  did: 'added' | 'changed' | 'withdrawn' | 'deleted' | 'restored'
  undo?: () => Promise<unknown>
  undone?: 'deleted' | 'restored' // what undoing makes of it
}
export const mark = ref<Mark | null>(null)

/** The list that was left last, and how far down it had been scrolled. */
export const left = ref({ address: '', top: 0 })
