import 'vuetify/styles'
import './theme/fonts.css'
import './theme/base.css'
import { createPinia } from 'pinia'
import { registerSW } from 'virtual:pwa-register'
import { createApp } from 'vue'
import App from './App.vue'
import { router } from './router'
import { vuetify } from './theme/vuetify'

const app = createApp(App).use(createPinia()).use(router).use(vuetify)
// where one is decides what frames it: drawn before that is known it would jump
void router.isReady().then(() => app.mount('#app'))

/** A newer screen is taken once nobody looks, so that nothing jumps under a finger. */
const renew = registerSW({
  onNeedRefresh() {
    document.addEventListener(
      'visibilitychange',
      () => {
        if (document.hidden) void renew(true)
      },
      { once: true },
    )
  },
})
