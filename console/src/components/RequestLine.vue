<script setup lang="ts">
// The request that the desk shows, as an editable line, and its parameters as
// chips. What is given stays in the address; a chip says where another value is used.
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { pagePath, type Adjustment, type ParamNames, type Rules } from '../api'
import { parameters } from '@pageladder/core'
import { setAddress } from '../paths'
import { paramHelp, paramSays } from '../filters'
import AddressLink from './AddressLink.vue'

const props = defineProps<{
  set: string
  query: string
  rules?: Rules
  params?: ParamNames
  labels: Map<string, string>
  adjusted: Adjustment[]
}>()
const router = useRouter()
const line = computed(() => pagePath(props.set, props.query))
const typed = ref(line.value)
const wrong = ref('')
watch(line, (now) => {
  typed.value = now
  wrong.value = ''
})

/** What the parameter under the caret is. */
const caret = ref('')
function tell(event: Event) {
  const input = event.target as HTMLInputElement
  const at = input.selectionStart ?? 0
  const text = input.value
  const from = Math.max(text.lastIndexOf('?', at - 1), text.lastIndexOf('&', at - 1))
  if (from < 0 || at <= text.indexOf('?')) {
    caret.value = ''
    return
  }
  const piece = text.slice(from + 1).split('&')[0]!
  const name = parameters(piece)[0]?.name
  caret.value = name ? `${name}: ${paramHelp(props.rules, props.params, props.labels, name)}` : ''
}

function send() {
  const text = typed.value.trim().replace(/^GET\s+/, '')
  const path = /^(?:https?:\/\/[^/]+(?:\/.*?)?)?\/api\/sets\/([^/?#]+)\/records(?:\?|$)/.exec(text)
  if (!path) {
    wrong.value = 'Right would be /api/sets/NAME/records, with ? and parameters after it.'
    return
  }
  wrong.value = ''
  let name: string
  try {
    name = decodeURIComponent(path[1]!)
  } catch {
    wrong.value = 'The set’s name is not percent-encoded as it should be.'
    return
  }
  router.push(setAddress(name, text))
}

const chips = computed(() => {
  const pieces = parameters(props.query)
  return pieces.map((piece, i) => {
    const change = props.adjusted.find((a) => a.param === piece.name)
    const last = pieces.findLastIndex((other) => other.name === piece.name) === i
    return {
      ...piece,
      says: paramSays(props.rules, props.params, props.labels, piece.name),
      used:
        change && last && change.why !== 'param.unknown' && change.used !== piece.value
          ? (change.used ?? 'nothing')
          : undefined,
      without: setAddress(
        props.set,
        '?' +
          pieces
            .filter((_, j) => j !== i)
            .map((other) => other.raw)
            .join('&'),
      ),
    }
  })
})
</script>

<template>
  <form class="request" @submit.prevent="send">
    <label for="request-line">Request</label>
    <code aria-hidden="true">GET</code>
    <BFormInput
      id="request-line"
      v-model="typed"
      spellcheck="false"
      autocomplete="off"
      autocapitalize="off"
      :aria-invalid="wrong !== ''"
      :aria-describedby="wrong ? 'request-wrong' : caret ? 'request-caret' : undefined"
      @keyup="tell"
      @click="tell"
      @focus="tell"
      @blur="caret = ''"
    />
    <BButton type="submit" variant="primary">Send</BButton>
    <p v-if="caret && !wrong" id="request-caret" class="quiet caret-says" role="status">{{ caret }}</p>
    <p v-if="wrong" id="request-wrong" class="wrong" role="alert">{{ wrong }}</p>
  </form>
  <ul v-if="chips.length" class="chips" aria-label="Parameters of the request">
    <li v-for="(chip, i) in chips" :key="i + chip.raw" class="chip">
      <span class="chip-says">{{ chip.says }}</span>
      <code
        ><bdi>{{ chip.name }}={{ chip.value }}</bdi></code
      >
      <span v-if="chip.used" class="chip-used">→ {{ chip.used }}</span>
      <AddressLink :to="chip.without" class="chip-off" :aria-label="`Leave out ${chip.name}=${chip.value}`"
        >×</AddressLink
      >
    </li>
  </ul>
</template>
