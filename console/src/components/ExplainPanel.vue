<script setup lang="ts">
// How a page came about, step by step, and the same page as programs see it.
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { pagePath, readAbout, root, type Adjustment, type Answer, type Reply } from '../api'
import { asCode, languages } from '../code'
import CodeBlock from './CodeBlock.vue'
import TabRow from './TabRow.vue'

const props = defineProps<{
  set: string
  query: string
  page: Reply<Answer>
  open: string
  seek: (which: 'after' | 'before') => string | undefined
}>()
defineEmits<{ choose: [tab: string] }>()

const tabs = [
  { id: 'made', label: 'How this page came about' },
  { id: 'json', label: 'JSON' },
  { id: 'headers', label: 'Headers' },
  { id: 'link', label: 'Link' },
  { id: 'code', label: 'Code' },
  { id: 'html', label: 'HTML' },
]
const name = computed(() => props.set)
const query = computed(() => props.query)
const made = useQuery({
  queryKey: ['made', name, query, computed(() => props.page.body.paging.version)],
  queryFn: ({ signal }) => readAbout(props.set, props.query, 'pl.explain', 'true', signal),
  enabled: () => props.open === 'made',
  placeholderData: (last, from) => (from?.queryKey[1] === props.set ? last : undefined),
})
const style = ref('plain')
const markup = useQuery({
  queryKey: ['markup', name, query, style],
  queryFn: ({ signal }) => readAbout(props.set, props.query, 'pl.markup', style.value, signal),
  enabled: () => props.open === 'html',
  placeholderData: (last) => last,
})

const took = (us: number) => (us < 1000 ? `${us} µs` : `${(us / 1000).toFixed(1)} ms`)
const steps = computed(() =>
  (made.data.value?.made?.steps ?? []).map((step) => ({ ...step, took: took(step.took_us) })),
)
/** What is in the cursors: a place in the list, by a record that stands there. */
const cursors = computed(() =>
  (made.data.value?.made?.cursors ?? []).map((cursor) => ({
    ...cursor,
    says: cursor.which === 'asked' ? 'Asked for' : cursor.which === 'after' ? 'After this page' : 'Before it',
    leads: cursor.which === 'asked' ? undefined : props.seek(cursor.which as 'after' | 'before'),
  })),
)
const adjusted = computed<Adjustment[]>(() => props.page.body.adjusted)
const address = computed(() => location.origin + root + pagePath(props.set, props.query))
const language = ref(languages[0]!)
const headers = computed(() =>
  [
    `HTTP ${props.page.status}`,
    ...[...props.page.headers].map(([header, value]) => `${header}: ${value}`),
  ].join('\n'),
)
const links = computed(() => (props.page.headers.get('Link') ?? 'no Link header').replace(/, </g, ',\n<'))
const json = computed(() => JSON.stringify(props.page.body, null, 2))
</script>

<template>
  <section class="made" aria-label="The page, taken apart">
    <TabRow :tabs="tabs" :open="open" label="The page, taken apart" @choose="$emit('choose', $event)">
      <template v-if="open === 'made'">
        <p v-if="made.error.value" class="wrong" role="alert">
          {{ made.error.value.message }}
          <BButton size="sm" variant="outline-danger" @click="made.refetch()">Try again</BButton>
        </p>
        <ol v-else class="steps">
          <li v-for="step in steps" :key="step.step">
            <span class="step-name">{{ step.step }}</span> <span class="took">{{ step.took }}</span>
            <p>{{ step.says }}</p>
          </li>
        </ol>
        <table v-if="adjusted.length" class="table table-sm changes">
          <caption>
            What was changed
          </caption>
          <thead>
            <tr>
              <th scope="col">Parameter</th>
              <th scope="col">Given</th>
              <th scope="col">Used</th>
              <th scope="col">Why</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="a in adjusted" :key="a.param">
              <td>
                <code>{{ a.param }}</code>
              </td>
              <td>
                <bdi>{{ a.given }}</bdi>
              </td>
              <td>
                <bdi>{{ a.used || '–' }}</bdi>
              </td>
              <td>
                {{ a.says }} <code>{{ a.why }}</code>
              </td>
            </tr>
          </tbody>
        </table>
        <p v-else class="quiet">Nothing was changed: what was asked for is what was used.</p>
        <table v-if="cursors.length" class="table table-sm changes cursors">
          <caption>
            What is in the cursors
          </caption>
          <thead>
            <tr>
              <th scope="col">Cursor</th>
              <th scope="col">Place</th>
              <th scope="col">Values of that record</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="cursor in cursors" :key="cursor.which">
              <td>
                <RouterLink v-if="cursor.leads" :to="cursor.leads">{{ cursor.says }}</RouterLink>
                <template v-else>{{ cursor.says }}</template>
              </td>
              <td>right {{ cursor.behind ? 'behind' : 'before' }} a record</td>
              <td>
                <div v-for="one in cursor.values" :key="one.field">
                  {{ one.field }} <span v-if="one.sealed" class="quiet">sealed</span>
                  <span v-else-if="one.value === null" class="quiet">missing</span>
                  <bdi v-else
                    ><code>{{ one.value }}</code></bdi
                  >
                </div>
              </td>
            </tr>
          </tbody>
        </table>
        <details v-if="made.data.value?.made?.sql?.length">
          <summary>SQL, values left out</summary>
          <CodeBlock :text="made.data.value.made.sql.join(';\n\n') + ';'" label="the SQL" />
        </details>
      </template>
      <CodeBlock v-else-if="open === 'json'" :text="json" label="the JSON" />
      <CodeBlock v-else-if="open === 'headers'" :text="headers" label="the headers" />
      <CodeBlock v-else-if="open === 'link'" :text="links" label="the Link header" />
      <template v-else-if="open === 'code'">
        <label class="choice"
          >Language <BFormSelect v-model="language" size="sm" :options="languages" />
        </label>
        <CodeBlock :text="asCode(language, address)" :label="`the code (${language})`" />
      </template>
      <template v-else>
        <label class="choice"
          >Markup <BFormSelect v-model="style" size="sm" :options="['plain', 'bootstrap', 'classed']" />
        </label>
        <p v-if="markup.error.value" class="wrong" role="alert">
          {{ markup.error.value.message }}
          <BButton size="sm" variant="outline-danger" @click="markup.refetch()">Try again</BButton>
        </p>
        <template v-else-if="markup.data.value">
          <p v-if="!markup.data.value.markup" class="quiet">A single page has no ladder under these rules.</p>
          <template v-else>
            <!-- eslint-disable-next-line vue/no-v-html -- the service's own markup, whose values it escapes -->
            <div class="drawn" inert aria-hidden="true" v-html="markup.data.value.markup" />
            <CodeBlock :text="markup.data.value.markup" label="the HTML" />
          </template>
        </template>
      </template>
    </TabRow>
  </section>
</template>
