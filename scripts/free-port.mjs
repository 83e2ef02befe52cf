// Prints a free loopback port: the one wished for if it is free, else any.
// With --only, a taken port is an error.
import { createServer } from 'node:net';

const [wish, only] = process.argv.slice(2);

function tryPort(port) {
  return new Promise((resolve) => {
    const server = createServer();
    server.once('error', () => resolve(null));
    server.listen({ port, host: '127.0.0.1', exclusive: true }, () => {
      const found = server.address().port;
      server.close(() => resolve(found));
    });
  });
}

const wished = wish ? await tryPort(Number(wish)) : null;
const port = wished ?? (only === '--only' ? null : await tryPort(0));
if (port === null) {
  process.stderr.write(`error: port ${wish} is taken on 127.0.0.1; choose another with PORT=...\n`);
  process.exit(1);
}
process.stdout.write(String(port));
