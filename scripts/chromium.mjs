/** How Debian's Chromium is started, for tests and pictures. */
import { existsSync } from 'node:fs';

/** Headless only: it takes about two thirds of the time. */
const HEADLESS = '/usr/bin/chromium-headless-shell';
const WHOLE = '/usr/bin/chromium';

export const CHROMIUM = {
  executablePath: process.env.CHROMIUM ?? (existsSync(HEADLESS) ? HEADLESS : WHOLE),
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    // Pages live for seconds here: what the last compiler gains, it never pays back, and the young
    // part of the heap is better large from the start; the middle compiler waits until it is worth it.
    // Together a third less of the processor.
    '--js-flags=--no-turbofan --invocation-count-for-maglev=4000 --min-semi-space-size=32',
  ],
};
