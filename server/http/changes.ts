/** Tells every open page what was stored, so that a second tab is never out of date for long. */
import type { Request, Response } from 'express';
import type { Change } from '../../contract/api';

/** Comments sent this often keep proxies and browsers from closing a quiet stream, in ms. */
const HEARTBEAT = 20_000;

export class Changes {
  private readonly listeners = new Set<Response>();

  tell(change: Change): void {
    const line = `data: ${JSON.stringify(change)}\n\n`;
    for (const listener of this.listeners) listener.write(line);
  }

  listen(req: Request, res: Response): void {
    res.writeHead(200, {
      'Content-Type': 'text/event-stream',
      'Cache-Control': 'no-cache, no-transform',
      Connection: 'keep-alive',
    });
    res.write('retry: 1500\n\n');
    this.listeners.add(res);
    const beat = setInterval(() => res.write(': here\n\n'), HEARTBEAT);
    req.on('close', () => {
      clearInterval(beat);
      this.listeners.delete(res);
    });
  }

  close(): void {
    for (const listener of this.listeners) listener.end();
    this.listeners.clear();
  }
}
