import { createServer, type RequestListener } from 'node:http';
import { networkInterfaces } from 'node:os';

export interface Served {
  readonly port: number;
  /** resolves when no connection is left, at the latest after a few seconds */
  readonly stop: () => Promise<void>;
}
type Serving = { readonly ok: true; readonly value: Served } | { readonly ok: false; readonly error: string };

/** Requests that are under way may end within this time; then they are cut off, ms. */
const ENDS_WITHIN_MS = 3000;

/** Opens the port; nothing is called open before it is. */
export const serve = (app: RequestListener, host: string, port: number): Promise<Serving> =>
  new Promise((resolve) => {
    const server = createServer(app);
    server.once('error', (error: NodeJS.ErrnoException) => {
      resolve({
        ok: false,
        error:
          error.code === 'EADDRINUSE'
            ? `Port ${port} is taken by another program, or Kereta is running there already. Choose another: npm start -- --port ${port + 1} (another port is another shed: the browser keeps trailers by address).`
            : `The server could not start: ${error.message}`,
      });
    });
    server.listen(port, host, () => {
      const address = server.address();
      resolve({
        ok: true,
        value: {
          port: typeof address === 'object' && address ? address.port : port,
          stop: () =>
            new Promise((ended) => {
              server.close(() => ended());
              server.closeIdleConnections();
              setTimeout(() => server.closeAllConnections(), ENDS_WITHIN_MS).unref();
            }),
        },
      });
    });
  });

/** The port under which trailers have been kept from the first. */
const USUAL_PORT = 4173;

const isEverywhere = (host: string): boolean => host === '0.0.0.0' || host === '::';

/** Addresses by which other machines of the local network reach it; none where it serves this machine alone. */
export const networkAddresses = (
  host: string,
  port: number,
  interfaces: ReturnType<typeof networkInterfaces> = networkInterfaces(),
): readonly string[] =>
  isEverywhere(host)
    ? Object.values(interfaces).flatMap((addresses) =>
        (addresses ?? []).flatMap(({ family, internal, address }) =>
          family === 'IPv4' && !internal ? [`http://${address}:${port}/`] : [],
        ),
      )
    : [];

/**
 * What is said when the server is open: one name for this machine, always the same, for the browser keeps trailers by address. Other
 * machines have addresses of their own, and sheds of their own.
 */
export const openAddresses = (
  host: string,
  port: number,
  interfaces: ReturnType<typeof networkInterfaces> = networkInterfaces(),
): readonly string[] => {
  const own = isEverywhere(host) ? '127.0.0.1' : host;
  return [
    `Kereta is open at http://${own}:${port}/`,
    ...networkAddresses(host, port, interfaces).map(
      (address) =>
        `On the local network: ${address} (each browser keeps its own trailers; whoever is on it can open this page)`,
    ),
    ...(port === USUAL_PORT
      ? []
      : [`Port ${port} is another shed than port ${USUAL_PORT}: the browser keeps trailers by address.`]),
  ];
};
