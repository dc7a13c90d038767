import { existsSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import express, { type Express, type RequestHandler } from 'express'
import helmet from 'helmet'
import { laserRoutes } from './laser'

/** The built application; the same files work from any static server. */
export const BUILT = fileURLToPath(new URL('../dist', import.meta.url))

/**
 * Names that this server answers to. Under any other one a foreign page could reach it through a name that
 * it points here.
 */
const OWN_HOSTS = new Set(['127.0.0.1', 'localhost', '[::1]'])

const ownHostOnly: RequestHandler = ({ headers }, response, next) => {
  const host = (headers.host ?? '').replace(/:\d+$/, '').toLowerCase()
  if (OWN_HOSTS.has(host)) next()
  else {
    response
      .status(421)
      .type('text')
      .send('This server answers on this machine only. Open it as http://127.0.0.1.')
  }
}

/** Paths that a browser would take for another host are none of ours. */
const plainPathsOnly: RequestHandler = ({ originalUrl }, response, next) => {
  let path = originalUrl.split('?')[0]
  try {
    path = decodeURIComponent(path)
  } catch {
    path = '//'
  }
  // eslint-disable-next-line no-control-regex -- they are what is looked for
  if (/^\/[/\\]|\\|[\u0000-\u001f]/.test(path)) {
    response.status(400).type('text').send('That is no path of this application. It is at /.')
  } else next()
}

const YEAR = 365 * 24 * 60 * 60
/** Files whose names change with what is in them never change otherwise. */
const cacheFor = (path: string): string =>
  /[/\\]assets[/\\].*-[\w-]{8,}\.\w+$/.test(path) ? `public, max-age=${YEAR}, immutable` : 'no-cache'

const policy = {
  defaultSrc: ["'self'"],
  scriptSrc: ["'self'"],
  styleSrc: ["'self'"],
  imgSrc: ["'self'", 'data:', 'blob:'],
  fontSrc: ["'self'"],
  workerSrc: ["'self'"],
  manifestSrc: ["'self'"],
  connectSrc: ["'self'"],
  objectSrc: ["'none'"],
  baseUri: ["'none'"],
  formAction: ["'none'"],
  frameAncestors: ["'none'"],
}

/**
 * The worker that reads drawings has a policy of its own, for it runs a compiled program of ours; the page
 * does not.
 */
const READS_DRAWINGS = /[/\\]art\.worker-[\w-]+\.js$/
const READER_POLICY = "default-src 'none'; script-src 'self' 'wasm-unsafe-eval'; connect-src 'self'"

/**
 * Serves the built application with strict headers: nothing from elsewhere, no inline code, no redirects.
 */
export function makeApp(folder: string): Express {
  const app = express()
  app.disable('x-powered-by')
  app.use(ownHostOnly, plainPathsOnly)
  app.use(
    helmet({
      contentSecurityPolicy: { useDefaults: false, directives: policy },
      strictTransportSecurity: false, // loopback has no certificate
      referrerPolicy: { policy: 'no-referrer' },
    }),
  )
  app.use('/laser', laserRoutes())
  app.use(
    express.static(folder, {
      index: 'index.html',
      redirect: false,
      setHeaders: (response, path) => {
        response.setHeader('cache-control', cacheFor(path))
        if (READS_DRAWINGS.test(path)) response.setHeader('content-security-policy', READER_POLICY)
      },
    }),
  )
  app.use(
    (_, response) =>
      void response.status(404).type('text').send('There is nothing here. The application is at /.'),
  )
  return app
}

/** Whether there is an application to serve. */
export const isBuilt = (folder: string): boolean => existsSync(join(folder, 'index.html'))
