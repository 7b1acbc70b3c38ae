import { existsSync } from 'node:fs';
import { basename, extname, join } from 'node:path';
import { constants } from 'node:zlib';
import compression from 'compression';
import express, { type ErrorRequestHandler, type Express, type RequestHandler } from 'express';
import helmet from 'helmet';
import { scaleRoutes } from './scale.js';
import { yardRoutes } from './yard.js';

/** What a client did wrong, by status; anything else is our own slip, and what it was stays here. */
const CLIENT_ERRORS: Readonly<Record<number, string>> = {
  400: 'This address cannot be read.',
  403: 'There is no such file here.',
  404: 'There is no such file here. Kereta may have been updated: load the page again.',
  405: 'This cannot be done here.',
  413: 'This is too large.',
};

/** An answer holds neither a stack nor a path of this machine. */
const answerError: ErrorRequestHandler = (error: unknown, _request, response, next) => {
  if (response.headersSent) {
    next(error);
    return;
  }
  const status = (error as { status?: unknown } | null)?.status;
  const known = typeof status === 'number' ? CLIENT_ERRORS[status] : undefined;
  if (known === undefined) console.error(error);
  response
    .status(known === undefined ? 500 : (status as number))
    .type('text')
    .send(known ?? 'The server made a mistake.');
};

/** Sends the small form that the build has made of a file, to who reads it. */
const smallForm =
  (assets: string): RequestHandler =>
  (request, response, next) => {
    const name = basename(request.path);
    const file = join(assets, `${name}.br`);
    if (request.acceptsEncodings('br') !== 'br' || request.path !== `/${name}` || !existsSync(file)) {
      next();
      return;
    }
    response.set('Content-Encoding', 'br').vary('Accept-Encoding').type(extname(name));
    response.sendFile(file, { immutable: true, maxAge: '1y' });
  };

/** The worker that runs the solid modeller, which builds functions from text; it has no page, and may ask nothing of anybody else. */
const SOLID_WORKER = /^\/solids\.worker-[\w-]+\.js$/;
const SOLID_WORKER_POLICY =
  "default-src 'none'; script-src 'self' 'unsafe-eval' 'wasm-unsafe-eval'; connect-src 'self'; base-uri 'none'";

/** Serves the built application, says that it is there, and stands in for a yard; all of Kereta's own work is done in the browser. */
export const createApp = (webRoot: string): Express => {
  const app = express();
  app.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          'default-src': ["'self'"],
          // The solver that lays pieces on sticks is WASM.
          'script-src': ["'self'", "'wasm-unsafe-eval'"],
          // React and charts set styles on elements.
          'style-src': ["'self'", "'unsafe-inline'"],
          'img-src': ["'self'", 'data:', 'blob:'],
          'font-src': ["'self'"],
          'connect-src': ["'self'"],
          'worker-src': ["'self'", 'blob:'],
          // Served over plain http on this machine.
          'upgrade-insecure-requests': null,
        },
      },
      strictTransportSecurity: false,
    }),
  );
  // The built code is asked for once and kept: a tenth of a second here is a tenth less to load.
  app.use(compression({ brotli: { params: { [constants.BROTLI_PARAM_QUALITY]: 8 } } }));
  app.get('/api/health', (_request, response) => {
    response.json({ ok: true });
  });
  app.use('/api/yard', yardRoutes());
  app.use('/api/scale', scaleRoutes());
  app.use('/api', (_request, response) => {
    response.status(404).json({ error: 'not found' });
  });
  app.use('/assets', (request, response, next) => {
    if (SOLID_WORKER.test(request.path)) response.set('Content-Security-Policy', SOLID_WORKER_POLICY);
    next();
  });
  // Built files carry their content in their name and never change under it.
  app.use('/assets', smallForm(join(webRoot, 'assets')));
  app.use('/assets', express.static(join(webRoot, 'assets'), { immutable: true, maxAge: '1y', fallthrough: false }));
  app.use(express.static(webRoot, { maxAge: 0 }));
  app.get('/{*path}', (_request, response) => {
    const page = join(webRoot, 'index.html');
    if (existsSync(page)) response.sendFile(page);
    else response.status(503).type('text').send('Kereta is not built yet. Run: npm run build');
  });
  app.use(answerError);
  return app;
};
