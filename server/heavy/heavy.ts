/** Asks what takes long of a thread of its own, so that the stage never waits behind it. */
import { Piscina } from 'piscina';
import type { AppContext } from '../context';
import { HttpError } from '../http/errors';
import { ASIDE, answerTo, type Asked, type Job, type Question, type Told } from './answers';

export interface Heavy {
  /** The answer as JSON, in bytes as they go out. */
  bytes: <Q extends Question>(question: Q, ...asked: Asked<Q>) => Promise<Buffer>;
  told: <Q extends Question>(question: Q, ...asked: Asked<Q>) => Promise<Told<Q>>;
  close: () => Promise<void>;
}

/** What is refused in the other thread, told in this one as it was meant. */
export interface HeavyAnswer {
  bytes?: Uint8Array;
  refused?: { status: HttpError['status']; code: string; message: string };
}

/** Questions that wait at the most; the next is told to come back. */
const WAITING_MOST = 200;

/** A thread that is seldom asked ends after so long, in ms. */
const ASIDE_IDLE = 60_000;

/** Answers in the same thread, one after another: for tests, and where nothing is bundled. */
export const inThisThread = (context: AppContext): Heavy => ({
  bytes: (question, ...asked) =>
    Promise.resolve().then(async () =>
      Buffer.from(JSON.stringify(await answerTo(context, { question, asked }))),
    ),
  told: <Q extends Question>(question: Q, ...asked: Asked<Q>) =>
    Promise.resolve().then(() => answerTo(context, { question, asked }) as Told<Q>),
  close: () => Promise.resolve(),
});

/** Answers from a thread that reads the same data file. `worker`: the bundled program of the thread. */
export function inOwnThread(context: AppContext, file: string, worker: string): Heavy {
  const usual = new Piscina<Job, HeavyAnswer>({
    filename: worker,
    // One thread: it keeps what it has worked out.
    minThreads: 1,
    maxThreads: 1,
    idleTimeout: Infinity,
    maxQueue: WAITING_MOST,
    workerData: { file },
  });
  const aside = new Piscina<Job, HeavyAnswer>({
    filename: worker,
    minThreads: 0,
    maxThreads: 1,
    idleTimeout: ASIDE_IDLE,
    maxQueue: WAITING_MOST,
    workerData: { file },
  });
  const bytes = async <Q extends Question>(question: Q, ...asked: Asked<Q>): Promise<Buffer> => {
    const pool = ASIDE.has(question) ? aside : usual;
    if (pool.queueSize >= WAITING_MOST)
      throw new HttpError(
        503,
        'busy',
        'So much is asked at once that this has to wait. Try again.',
      );
    // The thread only reads: what runs came to is brought up to date for it here.
    context.outcomes.refresh();
    const { bytes: answer, refused } = await pool.run({ question, asked });
    if (refused) throw new HttpError(refused.status, refused.code, refused.message);
    return Buffer.from(answer?.buffer ?? new ArrayBuffer(0));
  };
  return {
    bytes,
    told: async <Q extends Question>(question: Q, ...asked: Asked<Q>) =>
      JSON.parse((await bytes(question, ...asked)).toString()) as Told<Q>,
    close: async () => {
      await Promise.all([usual.destroy(), aside.destroy()]);
    },
  };
}
