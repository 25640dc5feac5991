<script setup lang="ts">
import mark from './mark.svg'
</script>

<template>
  <BApp>
    <a class="visually-hidden-focusable skip" href="#main">To the content</a>
    <header class="masthead">
      <RouterLink to="/" class="brand"
        ><img :src="mark" alt="" width="32" height="32" /> Page Ladder</RouterLink
      >
    </header>
    <main id="main" class="sheet" tabindex="-1">
      <RouterView />
    </main>
  </BApp>
</template>
