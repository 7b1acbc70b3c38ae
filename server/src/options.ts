export interface ServerOptions {
  readonly host: string;
  readonly port: number;
}

type Options = { readonly ok: true; readonly value: ServerOptions } | { readonly ok: false; readonly error: string };

/** This machine only, unless `--host` asks for the local network; `--port` or PORT choose the port. */
export const readOptions = (args: readonly string[], environment: NodeJS.ProcessEnv): Options => {
  let host = '127.0.0.1';
  let port = Number(environment['PORT'] ?? 4173);
  for (let i = 0; i < args.length; i += 1) {
    const [name, inline] = (args[i] ?? '').split('=');
    if (name === '--host') {
      const next = inline ?? (args[i + 1]?.startsWith('--') ? undefined : args[i + 1]);
      if (inline === undefined && next !== undefined) i += 1;
      host = next ?? '0.0.0.0';
    } else if (name === '--port') {
      port = Number(inline ?? args[i + 1]);
      if (inline === undefined) i += 1;
    } else {
      return { ok: false, error: `“${args[i]}” is not an option. There are --host [address] and --port number.` };
    }
  }
  if (!Number.isInteger(port) || port < 0 || port > 65535)
    return { ok: false, error: 'The port must be a whole number up to 65535.' };
  return { ok: true, value: { host, port } };
};
