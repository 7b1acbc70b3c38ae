import { fileURLToPath } from 'node:url';
import { createApp } from './app.js';
import { readOptions } from './options.js';

const options = readOptions(process.argv.slice(2), process.env);
if (!options.ok) {
  console.error(options.error);
  process.exit(1);
}
const { host, port } = options.value;
const webRoot = fileURLToPath(new URL('../../web/dist', import.meta.url));
const server = createApp(webRoot).listen(port, host, () => {
  const address = server.address();
  const used = typeof address === 'object' && address ? address.port : port;
  console.log(`Kereta is open at http://${host === '0.0.0.0' ? 'localhost' : host}:${used}/`);
});
server.on('error', (error: NodeJS.ErrnoException) => {
  console.error(
    error.code === 'EADDRINUSE'
      ? `Port ${port} is taken by another program. Choose another: npm start -- --port ${port + 1}`
      : `The server could not start: ${error.message}`,
  );
  process.exit(1);
});
for (const signal of ['SIGINT', 'SIGTERM'] as const) process.on(signal, () => server.close(() => process.exit(0)));
