/**
 * Keys of maps that stand for two or more ids. Each is a type of its own, made in one place, so that
 * none can be taken for another or put together in another order. Ids hold no slash, so no two
 * things share a key.
 */
declare const of: unique symbol;
type Key<What extends string> = string & { readonly [of]: What };

const joined = <What extends string>(...parts: readonly (string | number)[]): Key<What> =>
  parts.join('/') as Key<What>;

/** A task of a slot. */
export type TaskKey = Key<'task'>;
export const taskKey = ({ slot, task }: { slot: string; task: string }): TaskKey =>
  joined(slot, task);

/** One time that a task of a slot is done: in a go of its block, or around it. */
export type TimeKey = Key<'time'>;
export const timeKey = (
  { slot, task }: { slot: string; task: string },
  go: number,
  inBlock: boolean,
): TimeKey => joined(slot, task, go, inBlock ? 'in' : 'around');

/** A method of a demo. */
export type MethodKey = Key<'method'>;
export const methodKey = (demoId: string, methodId: string): MethodKey => joined(demoId, methodId);

/** A kit line of a method. */
export type LineKey = Key<'line'>;
export const lineKey = (demoId: string, methodId: string, lineId: string): LineKey =>
  joined(demoId, methodId, lineId);

/** An item in one of the kinds of amount that it is counted in. */
export type AmountKey = Key<'amount'>;
export const amountKey = (itemId: string, dimension: string): AmountKey =>
  joined(itemId, dimension);

/** An item on a day. */
export type ItemDayKey = Key<'itemDay'>;
export const itemDayKey = (itemId: string, day: string): ItemDayKey => joined(itemId, day);

/** Two of a kind, whichever is named first. */
export type PairKey = Key<'pair'>;
export const pairKey = (a: number, b: number): PairKey => joined(Math.min(a, b), Math.max(a, b));
