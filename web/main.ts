import { createPinia } from 'pinia'
import { createApp } from 'vue'
import { config } from 'zod'
import '@fontsource-variable/atkinson-hyperlegible-next'
import '@fontsource/b612'
import './styles.css'
import App from './App.vue'
import { keepFocus } from './focus-kept'
import { watchStorage } from './leaving'
import { router } from './router'
import { installOffline } from './offline'

config({ jitless: true }) // the page's policy forbids making code from text
const pinia = createPinia()
createApp(App).use(pinia).use(router).mount('#app')
watchStorage(pinia)
installOffline()
keepFocus(document)
