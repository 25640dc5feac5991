<template>
  <h1>Nothing here</h1>
  <p>This address is no page of the console. <RouterLink to="/">All record sets</RouterLink></p>
</template>
