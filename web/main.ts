import { createPinia } from 'pinia'
import { createApp } from 'vue'
import { config } from 'zod'
import '@fontsource-variable/atkinson-hyperlegible-next'
import '@fontsource/b612'
import './styles.css'
import App from './App.vue'
import { router } from './router'

config({ jitless: true }) // the page's policy forbids making code from text
createApp(App).use(createPinia()).use(router).mount('#app')
