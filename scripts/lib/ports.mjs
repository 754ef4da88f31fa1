import net from 'node:net';

/** Whether a port can be listened on at this address. */
export function isFree(port, host = '127.0.0.1') {
  return new Promise((resolve) => {
    const probe = net.createServer();
    probe.once('error', () => resolve(false));
    probe.listen(port, host, () => probe.close(() => resolve(true)));
  });
}

export function freePort(host = '127.0.0.1') {
  return new Promise((resolve, reject) => {
    const probe = net.createServer();
    probe.once('error', reject);
    probe.listen(0, host, () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
  });
}

/** Waits until something listens. */
export async function answers(port, { host = '127.0.0.1', within = 20_000, alive = () => true } = {}) {
  const until = Date.now() + within;
  while (Date.now() < until && alive()) {
    const open = await new Promise((resolve) => {
      const socket = net.connect(port, host, () => {
        socket.destroy();
        resolve(true);
      });
      socket.once('error', () => resolve(false));
    });
    if (open) return true;
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
  return false;
}
