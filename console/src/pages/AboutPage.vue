<script setup lang="ts">
// The service and its API: how it is, and a way to try each call.
import { useQuery } from '@tanstack/vue-query'
import { computed, reactive, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { readHealth, readReady, root, type Health } from '../api'
import CodeBlock from '../components/CodeBlock.vue'
import ProblemNote from '../components/ProblemNote.vue'

document.title = 'About – Page Ladder'
const route = useRoute()
const router = useRouter()
const health = useQuery({
  queryKey: ['health'],
  queryFn: ({ signal }) => readHealth(signal),
  refetchInterval: 10_000,
})
const ready = useQuery({
  queryKey: ['ready'],
  queryFn: ({ signal }) => readReady(signal),
  refetchInterval: 10_000,
})

interface Operation {
  summary?: string
  description?: string
  parameters?: { name: string; in: string; required?: boolean; description?: string; example?: unknown }[]
  requestBody?: { content: { [media: string]: { example?: unknown } } }
}
interface Description {
  info: { version: string }
  paths: { [path: string]: { [method: string]: Operation } }
}
/** How the database is. */
const state = ({ status, since }: Health) =>
  status === 'reads'
    ? `to read only: the primary has not answered since ${since ? new Date(since).toLocaleTimeString() : 'the service began'}`
    : 'ready'
/** How one of its servers is. */
const how = ({ name, answers, why, age_s }: NonNullable<Health['servers']>[number]) => {
  if (!answers) return `passed over: ${why || 'it does not answer'}`
  if (name === 'primary') return 'answers'
  return age_s === null
    ? 'of unknown age'
    : `${age_s < 1 ? 'less than 1' : Math.round(age_s)} s behind at most`
}

const description = useQuery({
  queryKey: ['description'],
  queryFn: async ({ signal }) =>
    (await (await fetch(root + '/openapi.json', { signal })).json()) as Description,
})
const calls = computed(() =>
  Object.entries(description.data.value?.paths ?? {}).flatMap(([path, item]) =>
    Object.entries(item)
      .filter(([method]) => ['get', 'post', 'put', 'patch', 'delete'].includes(method))
      .map(([method, operation]) => ({
        id: `${method.toUpperCase()} ${path}`,
        method: method.toUpperCase(),
        path,
        operation,
      })),
  ),
)
const chosen = computed(
  () =>
    calls.value.find((call) => call.id === decodeURIComponent(route.hash.slice(1))) ??
    calls.value.find((call) => call.id === 'GET /api/sets'),
)
const inPath = computed(() => (chosen.value?.operation.parameters ?? []).filter((p) => p.in === 'path'))
const bodyTypes = computed(() => Object.keys(chosen.value?.operation.requestBody?.content ?? {}))

const form = reactive({ path: {} as { [name: string]: string }, query: '', ifMatch: '', media: '', body: '' })
watch(
  chosen,
  (call) => {
    form.query = form.ifMatch = ''
    form.media = bodyTypes.value[0] ?? ''
    const example = call?.operation.requestBody?.content[form.media]?.example
    form.body =
      example === undefined ? '' : typeof example === 'string' ? example : JSON.stringify(example, null, 2)
    answer.value = null
  },
  { immediate: false },
)
const answer = ref<{ head: string; body: string } | null>(null)
const says = ref('')
async function send() {
  const call = chosen.value!
  says.value = ''
  const path = call.path.replace(/\{([^}]+)\}/g, (_, name: string) =>
    encodeURIComponent(form.path[name] ?? ''),
  )
  const query = form.query.trim().replace(/^\?/, '')
  const headers: { [name: string]: string } = {}
  if (form.ifMatch) headers['If-Match'] = form.ifMatch
  if (form.media && form.body) headers['Content-Type'] = form.media
  try {
    const response = await fetch(root + path + (query && '?' + query), {
      method: call.method,
      headers,
      body: form.body && call.method !== 'GET' ? form.body : undefined,
      redirect: 'manual',
    })
    const text = await response.text()
    const json = (response.headers.get('Content-Type') ?? '').includes('json')
    answer.value = {
      head: [
        `HTTP ${response.status || 'redirect'}`,
        ...[...response.headers].map(([name, value]) => `${name}: ${value}`),
      ].join('\n'),
      body: json && text ? JSON.stringify(JSON.parse(text), null, 2) : text,
    }
  } catch {
    says.value = 'The service does not answer. Is it still running?'
  }
}
const choose = (id: string) => router.replace({ path: '/about', hash: '#' + encodeURIComponent(id) })
</script>

<template>
  <h1>About</h1>
  <dl class="facts">
    <div>
      <dt>Service</dt>
      <dd>
        {{
          health.data.value
            ? `Page Ladder ${health.data.value.version}, running`
            : health.error.value
              ? 'does not answer'
              : '…'
        }}
      </dd>
    </div>
    <div>
      <dt>Database</dt>
      <dd>
        {{ ready.error.value ? ready.error.value.message : ready.data.value ? state(ready.data.value) : '…' }}
      </dd>
    </div>
    <div v-if="ready.data.value?.servers">
      <dt>Its servers</dt>
      <dd v-for="server in ready.data.value.servers" :key="`${server.source} ${server.name}`">
        {{ server.source ? `${server.source}: ` : '' }}{{ server.name }}, {{ how(server) }}
      </dd>
    </div>
    <div>
      <dt>Description of the API</dt>
      <dd><a :href="root + '/openapi.json'">openapi.json</a></dd>
    </div>
    <div>
      <dt>Types of problems</dt>
      <dd><a :href="root + '/problems'">problems</a></dd>
    </div>
  </dl>
  <h2>Try a call</h2>
  <ProblemNote
    v-if="description.error.value"
    :error="description.error.value"
    @again="description.refetch()"
  />
  <form v-else-if="chosen" class="try" @submit.prevent="send">
    <label
      >Call
      <select
        class="form-select"
        :value="chosen.id"
        @change="choose(($event.target as HTMLSelectElement).value)"
      >
        <option v-for="call in calls" :key="call.id">{{ call.id }}</option>
      </select>
    </label>
    <p class="quiet">{{ chosen.operation.summary ?? chosen.operation.description }}</p>
    <label v-for="param in inPath" :key="param.name"
      >{{ param.name }}
      <input
        v-model="form.path[param.name]"
        class="form-control"
        required
        autocomplete="off"
        spellcheck="false"
    /></label>
    <label
      >Query
      <input
        v-model="form.query"
        class="form-control"
        placeholder="page=2&size=10"
        autocomplete="off"
        spellcheck="false"
    /></label>
    <label v-if="chosen.method !== 'GET'"
      >If-Match
      <input
        v-model="form.ifMatch"
        class="form-control"
        placeholder='"3-1"'
        autocomplete="off"
        spellcheck="false"
    /></label>
    <template v-if="bodyTypes.length">
      <label
        >Content-Type
        <select v-model="form.media" class="form-select">
          <option v-for="media in bodyTypes" :key="media">{{ media }}</option>
        </select>
      </label>
      <label>Body <textarea v-model="form.body" class="form-control" rows="6" spellcheck="false" /></label>
    </template>
    <p v-if="chosen.method !== 'GET'" class="quiet">
      This call changes something. It is sent to this service as it stands.
    </p>
    <div class="actions"><BButton type="submit" variant="primary">Send</BButton></div>
    <p v-if="says" class="wrong" role="alert">{{ says }}</p>
  </form>
  <template v-if="answer">
    <CodeBlock :text="answer.head" label="the headers of the answer" />
    <CodeBlock v-if="answer.body" :text="answer.body" label="the body of the answer" />
  </template>
</template>
