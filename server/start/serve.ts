/** The web server: the built application behind the gateway, on loopback. PORT=3210 tsx server/start/serve.ts */
import next from 'next';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { handingOut } from '../runtime/static-assets/hand-out';
import { computing } from '../runtime/worker-pool/server-pool';
import { workOnOutlooks } from '../projections/due/awake';
import { makeGateway, SLOWEST_REQUEST_MS } from '../runtime/gateway/gateway';
import { settingsFrom } from '../runtime/gateway/settings';

// Nobody may be left to read what is printed: that is no reason to stop.
process.stdout.on('error', () => undefined);
process.stderr.on('error', () => undefined);

async function main(): Promise<void> {
  const { port, hosts, opens } = settingsFrom(process.env);
  const hostname = '127.0.0.1';
  // Its threads start while the pages are being loaded.
  computing();
  workOnOutlooks();
  const application = next({ dev: process.env.NODE_ENV === 'development', hostname, port });
  await application.prepare();
  const handle = application.getRequestHandler();
  const built = join(process.cwd(), process.env.NEXT_DIST_DIR ?? '.next', 'static');
  // While developing nothing is built.
  const handOut = existsSync(built) && process.env.NODE_ENV !== 'development' ? handingOut(built) : () => false;
  const server = makeGateway(
    (request, response) => (handOut(request, response) ? undefined : handle(request, response)),
    {
      hosts,
      opens,
      slowestRequestMs: SLOWEST_REQUEST_MS,
      mayUpgrade: process.env.NODE_ENV === 'development',
    },
  );
  const stop = (): void => {
    server.close(() => process.exit(0));
    server.closeIdleConnections();
    // Those still being answered get a moment.
    setTimeout(() => process.exit(0), 3_000).unref();
  };
  // Kept by ./start: when its supervisor goes, however it goes, this input ends and the server leaves too.
  if (process.env.CAIRN_KEPT !== undefined) process.stdin.once('end', stop).once('close', stop).resume();
  process.once('SIGTERM', stop);
  process.once('SIGINT', stop);
  server.listen(port, hostname);
}

main().catch((error: unknown) => {
  process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
  process.exitCode = 1;
});
