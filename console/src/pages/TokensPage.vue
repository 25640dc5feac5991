<script setup lang="ts">
// Tokens: who may call the service. A token is shown once, when it is created.
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { reactive, ref } from 'vue'
import { createToken, endToken, listSets, listTokens, type Token } from '../api'
import ProblemNote from '../components/ProblemNote.vue'
import { doneAt } from '../values'

document.title = 'Tokens – Page Ladder'
const queries = useQueryClient()
const { data, error, refetch } = useQuery({
  queryKey: ['tokens'],
  queryFn: ({ signal }) => listTokens(signal),
})
const { data: all } = useQuery({ queryKey: ['sets'], queryFn: ({ signal }) => listSets(signal) })

const form = reactive({ label: '', role: 'reader', sets: [] as string[] })
const made = ref<{ label: string; secret: string } | null>(null)
const says = ref('')

async function make() {
  says.value = ''
  made.value = null
  try {
    made.value = await createToken({
      label: form.label,
      role: form.role,
      sets: form.sets.length > 0 ? form.sets : undefined,
    })
    form.label = ''
    form.role = 'reader'
    form.sets = []
    await refetch()
    if (!error.value) await queries.invalidateQueries({ queryKey: ['session'] })
  } catch (problem) {
    says.value = (problem as Error).message
  }
}

const ending = ref<number | null>(null)
async function end(token: Token) {
  if (ending.value !== token.id) {
    ending.value = token.id
    return
  }
  says.value = ''
  try {
    await endToken(token.id)
  } catch (problem) {
    says.value = (problem as Error).message
  }
  ending.value = null
  await refetch()
}

const at = (text: string | null) => (text ? doneAt(text) : '')
</script>

<template>
  <h1>Tokens</h1>
  <div v-if="made" class="secret" role="status">
    <p>
      The token of <strong>{{ made.label }}</strong>. It is told this once: keep it now.
    </p>
    <code>{{ made.secret }}</code>
  </div>
  <ProblemNote v-if="error" :error="error" @again="refetch()" />
  <template v-else-if="data">
    <BTableSimple responsive class="tokens">
      <BThead>
        <BTr>
          <BTh>Label</BTh><BTh>Role</BTh><BTh>Sets</BTh><BTh>Made</BTh><BTh>Last used</BTh><BTh>Ended</BTh
          ><BTh><span class="visually-hidden">End it</span></BTh>
        </BTr>
      </BThead>
      <BTbody>
        <BTr v-for="token in data.tokens" :key="token.id" :class="{ ended: token.ended_at }">
          <BTd>{{ token.label }}</BTd><BTd>{{ token.role }}</BTd
          ><BTd>{{ token.sets?.join(', ') ?? 'all' }}</BTd
          ><BTd>{{ at(token.created_at) }}</BTd
          ><BTd>{{ at(token.used_at) }}</BTd
          ><BTd>{{ at(token.ended_at) }}</BTd
          ><BTd>
            <BButton
              v-if="!token.ended_at"
              size="sm"
              :variant="ending === token.id ? 'danger' : 'outline-danger'"
              :aria-label="(ending === token.id ? 'Yes, end ' : 'End ') + token.label"
              @click="end(token)"
              >{{ ending === token.id ? 'Yes, end it' : 'End' }}</BButton
            >
          </BTd>
        </BTr>
      </BTbody>
    </BTableSimple>
    <form class="new-token" @submit.prevent="make">
      <h2>New token</h2>
      <label class="choice"
        >Label <BFormInput v-model="form.label" required maxlength="200" autocomplete="off" />
      </label>
      <label class="choice"
        >Role
        <BFormSelect v-model="form.role" :options="['reader', 'editor', 'owner']" />
      </label>
      <fieldset v-if="all" class="sets-of">
        <legend>Only for these sets (none chosen: all)</legend>
        <label v-for="set in all.sets" :key="set.name" class="choice"
          ><input v-model="form.sets" type="checkbox" :value="set.name" /> {{ set.label }}</label
        >
      </fieldset>
      <BButton type="submit" variant="primary">Make a token</BButton>
      <p v-if="says" role="alert" class="wrong">{{ says }}</p>
    </form>
  </template>
</template>
