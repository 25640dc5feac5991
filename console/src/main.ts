// Starts the console.
import 'bootstrap/dist/css/bootstrap.min.css'
import './style/theme.css'
import './style/list.css'
import './style/desk.css'
import './style/forms.css'
import './style/rules.css'
import { VueQueryPlugin } from '@tanstack/vue-query'
import { createApp } from 'vue'
import { createRouter, createWebHistory } from 'vue-router'
import App from './App.vue'
import SetsPage from './pages/SetsPage.vue'
import { loadAnewWhereGone } from './reload'
import { left } from './state'

const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', component: SetsPage },
    { path: '/new', component: () => import('./pages/NewSetPage.vue') },
    { path: '/sets/:set', component: () => import('./pages/SetPage.vue'), props: true },
    { path: '/sets/:set/rules', component: () => import('./pages/RulesPage.vue'), props: true },
    { path: '/sets/:set/following', component: () => import('./pages/FollowingPage.vue'), props: true },
    { path: '/sets/:set/check', component: () => import('./pages/ClimbPage.vue'), props: true },
    { path: '/sets/:set/new-record', component: () => import('./pages/RecordPage.vue'), props: true },
    {
      path: '/sets/:set/records/:record(.*)', // which the page reads undecoded
      component: () => import('./pages/RecordPage.vue'),
      props: ({ params }) => ({ set: params.set }),
    },
    { path: '/calculator', component: () => import('./pages/CalculatorPage.vue') },
    { path: '/tokens', component: () => import('./pages/TokensPage.vue') },
    { path: '/sign-in', component: () => import('./pages/SignInPage.vue') },
    { path: '/about', component: () => import('./pages/AboutPage.vue') },
    { path: '/:path(.*)*', component: () => import('./pages/NothingHere.vue') },
  ],
  // Back and forward return to where the eye was; a list keeps its place from page to page.
  scrollBehavior: (to, from, saved) =>
    saved ??
    (to.path === from.path ? false : { top: to.fullPath === left.value.address ? left.value.top : 0 }),
})

loadAnewWhereGone(router)

createApp(App)
  .use(router)
  .use(VueQueryPlugin, { queryClientConfig: { defaultOptions: { queries: { retry: false } } } })
  .mount('#app')
