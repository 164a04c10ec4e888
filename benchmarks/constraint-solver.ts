/**
 * Chuffed, a constraint solver that learns as ours does, from the npm package minizinc (WebAssembly). The
 * package means its solvers for browsers; here its worker runs in a thread of Node.js.
 */
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { Worker } from 'node:worker_threads';

const require = createRequire(import.meta.url);

/** What a browser's worker has and a thread has not. */
const SHIM = `
const { parentPort, workerData } = require('node:worker_threads');
const { dirname } = require('node:path');
globalThis.require = require;
globalThis.__filename = workerData;
globalThis.__dirname = dirname(workerData);
globalThis.addEventListener = (_kind, listen) =>
  parentPort.on('message', (data) => listen({ data }));
globalThis.postMessage = (message) => parentPort.postMessage(message);
require(workerData);
`;

export interface Solved {
  /** Null when nothing was found in time. */
  objective: number | null;
  proven: boolean;
  /** Seconds of search, without reading and flattening the model; as long as it was let, where it did not end. */
  seconds: number;
}

interface Message {
  type: string;
  status?: string;
  statistics?: { objective?: number; solveTime?: number };
}

/** Solves a model in the MiniZinc language; given up after so many seconds. */
export async function solveModel(model: string, seconds: number): Promise<Solved> {
  const script = require.resolve('minizinc/minizinc-worker.js');
  const folder = dirname(script);
  const worker = new Worker(SHIM, { eval: true, workerData: script, stderr: true, stdout: true });
  const found: Solved = { objective: null, proven: false, seconds };
  try {
    await new Promise<void>((done, fail) => {
      let timer: NodeJS.Timeout | undefined;
      worker.on('error', fail);
      worker.on('message', ({ type, status, statistics }: Message) => {
        if (type === 'ready') {
          timer = setTimeout(done, seconds * 1000);
          worker.postMessage({
            jsonStream: true,
            files: { 'show.mzn': model },
            args: ['--solver', 'chuffed', '--statistics', 'show.mzn'],
          });
        }
        if (statistics?.objective !== undefined) found.objective = statistics.objective;
        if (statistics?.solveTime !== undefined) found.seconds = statistics.solveTime;
        if (status === 'OPTIMAL_SOLUTION') found.proven = true;
        if (type === 'exit') {
          clearTimeout(timer);
          done();
        }
      });
      worker.postMessage({
        wasmURL: join(folder, 'minizinc.wasm'),
        dataURL: join(folder, 'minizinc.data'),
      });
    });
  } finally {
    await worker.terminate();
  }
  return found;
}
