import { fileURLToPath } from 'node:url';
import { createApp } from './app.js';
import { readOptions } from './options.js';
import { toString } from 'qrcode';
import { networkAddresses, openAddresses, serve } from './serve.js';

const options = readOptions(process.argv.slice(2), process.env);
if (!options.ok) {
  console.error(options.error);
  process.exit(1);
}
const { host, port } = options.value;
const webRoot = fileURLToPath(new URL('../../web/dist', import.meta.url));
const served = await serve(createApp(webRoot), host, port);
if (!served.ok) {
  console.error(served.error);
  process.exit(1);
}
for (const line of openAddresses(host, served.value.port)) console.log(line);
// For a phone's camera.
const [other] = networkAddresses(host, served.value.port);
if (other !== undefined) console.log(await toString(other, { type: 'terminal', small: true }));
for (const signal of ['SIGINT', 'SIGTERM'] as const)
  process.on(signal, () => void served.value.stop().then(() => process.exit(0)));
