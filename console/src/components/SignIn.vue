<script setup lang="ts">
// Signs in with a token. The browser then holds a session, never the token.
import { useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { signIn } from '../api'

const token = ref('')
const says = ref('')
const queries = useQueryClient()

async function enter() {
  says.value = ''
  try {
    await signIn({ token: token.value.trim() })
    token.value = ''
    await queries.resetQueries()
  } catch (error) {
    says.value = (error as Error).message
  }
}
</script>

<template>
  <form class="sign-in" @submit.prevent="enter">
    <h2>Sign in</h2>
    <p>
      This needs a token. On the machine of the service, <code>pageladder console</code> prints a link that
      signs this browser in. Others get a token from an owner, who makes it with
      <code>pageladder token create</code> or on the page of tokens.
    </p>
    <label class="choice">
      Token
      <BFormInput
        v-model="token"
        type="password"
        autocomplete="off"
        required
        :aria-describedby="says ? 'sign-in-says' : undefined"
      />
    </label>
    <BButton type="submit" variant="primary">Sign in</BButton>
    <p v-if="says" id="sign-in-says" role="alert" class="wrong">{{ says }}</p>
  </form>
</template>
