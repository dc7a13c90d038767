import { fileURLToPath } from 'node:url'
import express, { type Express } from 'express'
import helmet from 'helmet'

/** The built application; the same files work from any static server. */
export const BUILT = fileURLToPath(new URL('../dist', import.meta.url))

/** Serves the built application with strict headers: nothing from elsewhere, no inline code. */
export function makeApp(folder: string): Express {
  const app = express()
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'self'"],
          scriptSrc: ["'self'"],
          styleSrc: ["'self'", "'unsafe-inline'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          fontSrc: ["'self'", 'data:'],
          workerSrc: ["'self'"],
          connectSrc: ["'self'"],
          objectSrc: ["'none'"],
          baseUri: ["'none'"],
          formAction: ["'none'"],
          frameAncestors: ["'none'"],
        },
      },
      strictTransportSecurity: false, // loopback has no certificate
      referrerPolicy: { policy: 'no-referrer' },
    }),
  )
  app.use(express.static(folder, { index: 'index.html', maxAge: 0 }))
  app.use(
    (_, response) =>
      void response.status(404).type('text').send('There is nothing here. The application is at /.'),
  )
  return app
}
