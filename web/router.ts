import { createRouter, createWebHashHistory } from 'vue-router'
import type { Station } from '@core/say'
import { STATION_CODE } from '@web/shell/station-code'

const STATIONS = 'measure|shape|layout|tune|cut|build|log'

/** Behind the hash, so that any static file server will do. */
export const router = createRouter({
  history: createWebHashHistory(),
  routes: [
    { path: '/', name: 'jobs', component: () => import('@web/shell/JobsPage.vue') },
    {
      path: `/job/:id/:station(${STATIONS})/:view(kerf|first|price|count|cut)?`,
      name: 'job',
      component: () => import('@web/shell/JobPage.vue'),
    },
    {
      path: '/bench',
      name: 'bench',
      component: () => import('@web/bench/BenchPage.vue'),
      props: { shelf: 'stock' },
    },
    {
      path: '/bench/machines',
      name: 'machines',
      component: () => import('@web/bench/BenchPage.vue'),
      props: { shelf: 'machines' },
    },
    {
      path: '/bench/orders',
      name: 'orders',
      component: () => import('@web/bench/BenchPage.vue'),
      props: { shelf: 'orders' },
    },
    {
      path: '/bench/promises',
      name: 'promises',
      component: () => import('@web/bench/BenchPage.vue'),
      props: { shelf: 'promises' },
    },
    {
      path: '/bench/cuts',
      name: 'cuts',
      component: () => import('@web/bench/BenchPage.vue'),
      props: { shelf: 'cuts' },
    },
    { path: '/learn/:lesson?', name: 'learn', component: () => import('@web/course/CoursePage.vue') },
    { path: '/teach', name: 'teach', component: () => import('@web/course/TeacherPage.vue') },
    {
      path: '/job/:id',
      redirect: ({ params }) => ({ name: 'job', params: { id: params.id, station: 'measure' } }),
    },
    { path: '/:rest(.*)*', redirect: '/' },
  ],
})

// A station's code is asked for along with the page that it is shown on, not after it.
router.beforeEach(({ name, params }) => {
  if (name === 'job') void STATION_CODE[params.station as Station]().catch(() => undefined)
})
