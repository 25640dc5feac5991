// Starts the console.
import 'bootstrap/dist/css/bootstrap.min.css'
import 'bootstrap-vue-next/dist/bootstrap-vue-next.css'
import './style.css'
import { VueQueryPlugin } from '@tanstack/vue-query'
import { createApp } from 'vue'
import { createRouter, createWebHistory } from 'vue-router'
import App from './App.vue'
import SetsPage from './pages/SetsPage.vue'

const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', component: SetsPage },
    { path: '/sets/:set', component: () => import('./pages/SetPage.vue'), props: true },
    { path: '/tokens', component: () => import('./pages/TokensPage.vue') },
    { path: '/:path(.*)*', component: () => import('./pages/NothingHere.vue') },
  ],
})

createApp(App)
  .use(router)
  .use(VueQueryPlugin, { queryClientConfig: { defaultOptions: { queries: { retry: false } } } })
  .mount('#app')
