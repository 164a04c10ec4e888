/** Reading and storing a document over the wire: what comes back is a value, never a throw. */
import type { Versioned } from '../../contract/api';
import { ApiError, send } from '../app/api';

export type Failure =
  /** The server could not be reached: it will be later. */
  | { why: 'unreached' }
  /** The server can’t store or answer just now; `message` says what is in its way. */
  | { why: 'trouble'; message: string }
  /** Another page stored it since the version this was made from. */
  | { why: 'outdated' }
  /** It was removed, and can be brought back. */
  | { why: 'removed' }
  /** It can’t be stored as it is, and sending it again would not help. */
  | { why: 'refused'; error: ApiError };

export type Answer<T> = { ok: true; stored: Versioned<T> } | { ok: false; failure: Failure };

/** Where a document is kept. Nothing here rejects. */
export interface Transport<T> {
  read: () => Promise<Answer<T>>;
  /** `last`: the page is going, and the request must outlive it. */
  write: (value: T, version: number, last?: boolean) => Promise<Answer<T>>;
  restore: () => Promise<Answer<T>>;
}

export function failureOf(error: unknown): Failure {
  if (!(error instanceof ApiError))
    return { why: 'trouble', message: 'What came back can’t be understood.' };
  if (error.status === 0) return { why: 'unreached' };
  if (error.status >= 500 || error.status === 429)
    return { why: 'trouble', message: error.message };
  if (error.code === 'changed_elsewhere') return { why: 'outdated' };
  if (error.status === 410) return { why: 'removed' };
  return { why: 'refused', error };
}

async function answered<T>(request: Promise<Versioned<T>>): Promise<Answer<T>> {
  try {
    return { ok: true, stored: await request };
  } catch (error) {
    return { ok: false, failure: failureOf(error) };
  }
}

export function httpTransport<T extends object>(url: string): Transport<T> {
  return {
    read: () => answered(send<Versioned<T>>('GET', url)),
    write: (value, version, last = false) =>
      answered(send<Versioned<T>>('PUT', url, { ...value, version }, { last })),
    restore: () => answered(send<Versioned<T>>('POST', `${url}/restore`)),
  };
}
