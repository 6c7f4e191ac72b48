import { createRouter, createWebHistory } from 'vue-router'
import BenchView from './bench/BenchView.vue'
import CallsView from './calls/CallsView.vue'

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
