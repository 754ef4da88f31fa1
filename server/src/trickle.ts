import type { IncomingMessage, Server, ServerResponse } from 'node:http';

/** A body that is not all there after so long must at least be coming, ms and bytes. */
export interface Pace {
  readonly every: number;
  readonly least: number;
}
export const PACE: Pace = { every: 30_000, least: 1024 * 1024 };

const LATE = JSON.stringify({
  type: 'about:blank',
  title: 'The request did not come in time; nothing was saved. Send it again.',
  status: 408,
  problems: [],
});

/** Ends a request whose body trickles: whoever sends a few bytes a minute would hold its connection for ever. */
export function endTrickles(server: Server, { every, least }: Pace = PACE): void {
  server.on('request', (incoming: IncomingMessage, outgoing: ServerResponse) => {
    let before = incoming.socket.bytesRead;
    const timer = setInterval(() => {
      const bytesRead = incoming.socket.bytesRead;
      const came = bytesRead - before;
      before = bytesRead;
      // Where a part of it waits to be read it is we who are slow.
      if (incoming.complete) return clearInterval(timer);
      if (came >= least || incoming.readableLength > 0) return;
      clearInterval(timer);
      if (!outgoing.headersSent)
        outgoing
          .writeHead(408, { 'content-type': 'application/problem+json', connection: 'close' })
          .end(LATE);
      incoming.socket.destroySoon();
    }, every);
    timer.unref();
    outgoing.on('close', () => clearInterval(timer));
  });
}
