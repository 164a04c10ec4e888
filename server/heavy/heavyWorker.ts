/** The thread that answers what takes long. It reads the data file and writes nothing. */
import { constants, setPriority } from 'node:os';
import Database from 'better-sqlite3';
import { workerData } from 'piscina';
import { createContext } from '../context';
import { HttpError } from '../http/errors';
import { answerTo, type Job } from './answers';
import type { HeavyAnswer } from './heavy';

/** On Linux this is of the one thread that asks: the stage, in the other, goes first. */
if (process.platform === 'linux') setPriority(constants.priority.PRIORITY_LOW);

const { file } = workerData as { file: string };
const context = createContext(new Database(file, { readonly: true }));

export default async function answer(job: Job): Promise<HeavyAnswer> {
  try {
    return { bytes: new TextEncoder().encode(JSON.stringify(await answerTo(context, job))) };
  } catch (error) {
    if (!(error instanceof HttpError)) throw error;
    const { status, code, message } = error;
    return { refused: { status, code, message } };
  }
}
