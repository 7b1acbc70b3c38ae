import { existsSync } from 'node:fs';
import { join } from 'node:path';
import compression from 'compression';
import express, { type Express } from 'express';
import helmet from 'helmet';

/** Serves the built application and says that it is there; all of Kereta's own work is done in the browser. */
export const createApp = (webRoot: string): Express => {
  const app = express();
  app.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          'default-src': ["'self'"],
          'script-src': ["'self'"],
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
  app.use(compression());
  app.get('/api/health', (_request, response) => {
    response.json({ ok: true });
  });
  app.use('/api', (_request, response) => {
    response.status(404).json({ error: 'not found' });
  });
  // Built files carry their content in their name and never change under it.
  app.use('/assets', express.static(join(webRoot, 'assets'), { immutable: true, maxAge: '1y', fallthrough: false }));
  app.use(express.static(webRoot, { maxAge: 0 }));
  app.get('/{*path}', (_request, response) => {
    const page = join(webRoot, 'index.html');
    if (existsSync(page)) response.sendFile(page);
    else response.status(503).type('text').send('Kereta is not built yet. Run: npm run build');
  });
  return app;
};
