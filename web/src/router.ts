import { createRouter, createWebHistory } from 'vue-router'
import CallsView from './calls/CallsView.vue'

/** Not needed for the list of calls; fetched once that stands, so that a tap on a call need not wait for it. */
const BenchView = () => import('./bench/BenchView.vue')
void Promise.resolve()
  .then(() => router.isReady())
  .then(() => window.setTimeout(() => void BenchView(), 1500))

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: '/calls' },
    { path: '/calls', component: CallsView },
    { path: '/calls/:id(\\d+)', component: BenchView },
    { path: '/quick', component: BenchView },
    { path: '/units', component: () => import('./units/UnitsView.vue') },
    { path: '/units/:id(\\d+)', component: () => import('./units/UnitRecord.vue') },
    { path: '/truck', component: () => import('./truck/TruckView.vue') },
    { path: '/rules', component: () => import('./rules/RulesView.vue') },
    { path: '/:anything(.*)', redirect: '/calls' },
  ],
})
