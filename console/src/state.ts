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

export type Theme = 'light' | 'dark' | 'system'
export const theme = remembered<Theme>('pageladder.look', 'system')

const dark = matchMedia('(prefers-color-scheme: dark)')
function dress() {
  const now = theme.value === 'system' ? (dark.matches ? 'dark' : 'light') : theme.value
  document.documentElement.dataset.bsTheme = now
}
watch(theme, dress)
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

/** A place in a list that was held still: the map of the list leads back to it. */
export interface Pin {
  set: string
  version: number
  row: number // the first on the page
  rows: number // of the whole list
  query: string // of the page
}
const pinsOfASet = 5
const pinsAt = 'pageladder.pins'
function rememberedPins(): Pin[] {
  try {
    const kept: unknown = JSON.parse(sessionStorage.getItem(pinsAt) ?? '[]')
    return Array.isArray(kept) ? (kept as Pin[]) : []
  } catch {
    return []
  }
}
export const pins = ref<Pin[]>(rememberedPins())
watch(pins, (now) => {
  try {
    sessionStorage.setItem(pinsAt, JSON.stringify(now))
  } catch {
    // storage may be switched off: the pins then last as long as the page
  }
})
/** Remembers the place where a held list is being read: one for each version, the last five of a set. */
export function pinHere(pin: Pin) {
  const others = pins.value.filter((p) => p.set !== pin.set)
  const ours = pins.value.filter((p) => p.set === pin.set && p.version !== pin.version)
  pins.value = [...others, ...ours.slice(1 - pinsOfASet), pin]
}
/** Forgets a pin whose list is not known any more. */
export const unpin = (set: string, version: number) =>
  (pins.value = pins.value.filter((p) => p.set !== set || p.version !== version))

/** The list that was left last, and how far down it had been scrolled. */
export const left = ref({ address: '', top: 0 })

/** The address of a page whose files could not be loaded. */
export const unloaded = ref<string>()
