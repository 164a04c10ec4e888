import { v4 as uuid } from 'uuid';
import { type ApiErrorBody, NUMBER_HEADER } from '../../contract/api';
import type { FieldFault } from '../../contract/validate';

/** What the server refused, in its own words. */
export class ApiError extends Error {
  constructor(
    readonly status: number,
    readonly code: string,
    message: string,
    readonly fields: FieldFault[],
  ) {
    super(message);
  }
}

/** True when the request never reached the server. */
export const isOffline = (error: unknown): boolean =>
  error instanceof ApiError && error.status === 0;

async function refusal(response: Response): Promise<ApiError> {
  const answer = (await response.json().catch(() => null)) as ApiErrorBody | null;
  return new ApiError(
    response.status,
    answer?.error?.code ?? 'unknown',
    answer?.error?.message ?? 'Hearty Stage could not do that.',
    answer?.error?.fields ?? [],
  );
}

interface Numbered {
  epoch: string;
  n: number;
}

let tellFirst: (numbered: Numbered) => void = () => undefined;
/** The number of the last change before the first answer: whatever this page knows is as new as that. */
export const firstNumber = new Promise<Numbered>((resolve) => {
  tellFirst = resolve;
});

function noteNumber(response: Response): void {
  const [epoch, n] = (response.headers.get(NUMBER_HEADER) ?? '').split(':');
  if (epoch && n !== undefined) tellFirst({ epoch, n: Number(n) });
}

let notLetIn: () => void = () => undefined;
/** Called when the server says that this device is not let in. */
export const onNotLetIn = (listener: () => void): void => {
  notLetIn = listener;
};

/** Most bytes that browsers let a request hold that outlives its page. */
const MOST_AT_LAST = 60_000;

interface SendOptions {
  /** The page is going: the request must outlive it. */
  last?: boolean;
}

/** Sends one request; `body` goes as JSON, a string and a blob as they are. Throws ApiError. */
export async function send<T>(
  method: 'GET' | 'POST' | 'PUT' | 'DELETE',
  path: string,
  body?: unknown,
  { last = false }: SendOptions = {},
): Promise<T> {
  const raw = typeof body === 'string' || body instanceof Blob;
  const type = body instanceof Blob ? body.type : 'application/json';
  const text = raw ? body : JSON.stringify(body);
  const keepalive = last && typeof text === 'string' && text.length < MOST_AT_LAST;
  let response: Response;
  try {
    response = await fetch(`/api${path}`, {
      method,
      ...(keepalive ? { keepalive } : {}),
      ...(body === undefined ? {} : { body: text, headers: { 'Content-Type': type } }),
    });
  } catch {
    throw new ApiError(0, 'offline', 'Hearty Stage can’t be reached. Is it still running?', []);
  }
  noteNumber(response);
  if (response.status === 401) notLetIn();
  if (!response.ok) throw await refusal(response);
  return (response.status === 204 ? undefined : await response.json()) as T;
}

/** A name that nothing else has. On a page without a secure context the browser makes none by itself. */
export const newId = (): string => uuid();
