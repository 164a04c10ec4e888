/**
 * How a document gets from the page to the server: the states of saving, and what each answer makes
 * of them. Pure: the store of the document carries out what is to be done.
 *
 * | while      | answer                | then        | what happens                                        |
 * | ---------- | --------------------- | ----------- | --------------------------------------------------- |
 * | sending    | stored                | saved       | or waiting, when more was typed in the meantime     |
 * | sending    | unreached             | offline     | kept on the device, sent again after a pause        |
 * | sending    | trouble               | offline     | the same, with the server’s words                   |
 * | sending    | outdated              | catchingUp  | what the other stored is read, at once              |
 * | sending    | removed               | removed     | kept; sent again once it is brought back            |
 * | sending    | refused               | refused     | kept; sent again with the next change               |
 * | catchingUp | read, no conflict     | waiting     | brought together and sent at once                   |
 * | catchingUp | read, a conflict      | conflict    | the person is asked; nothing is sent till then      |
 * | catchingUp | unreached or trouble  | offline     | sent again after a pause, which reads again         |
 * | catchingUp | removed               | removed     |                                                     |
 * | catchingUp | refused               | refused     |                                                     |
 *
 * In every state but `saved` something is typed that the server does not have. Every state either has
 * a timer running, a request under way, or tells the person what to do.
 */
import type { FieldFault } from '../../contract/validate';
import type { Failure } from './transport';

export type SaveState =
  | { is: 'saved' }
  /** A timer runs until it is sent. */
  | { is: 'waiting' }
  | { is: 'sending' }
  | { is: 'catchingUp' }
  /** A timer runs until it is tried again. `message`: what the server said is in its way. */
  | { is: 'offline'; message: string | null }
  | { is: 'conflict' }
  | { is: 'refused'; message: string; faults: FieldFault[] }
  | { is: 'removed' };

export type SaveEvent =
  | { event: 'changed' }
  /** The pause is over, or the page is going. */
  | { event: 'due' }
  /** `clean`: nothing else was typed since. */
  | { event: 'stored'; clean: boolean }
  | { event: 'failed'; failure: Failure }
  /** What others stored was brought together with what is typed here. */
  | { event: 'broughtTogether'; clean: boolean; conflict: boolean }
  | { event: 'settled'; clean: boolean }
  | { event: 'restored'; clean: boolean };

export type SaveEffect =
  | { do: 'nothing' }
  | { do: 'send' }
  | { do: 'catchUp' }
  /** Ends in `due`, unless something else comes first. In ms. */
  | { do: 'wait'; ms: number };

/** Typing pauses this long before it is sent, in ms. */
export const SEND_AFTER = 350;
/** Between tries while it can’t be stored, in ms. */
export const RETRY_AFTER = 2000;

type Next = [SaveState, SaveEffect];

const NOTHING: SaveEffect = { do: 'nothing' };
const saved: Next = [{ is: 'saved' }, NOTHING];
const waiting = (ms: number): Next => [{ is: 'waiting' }, { do: 'wait', ms }];

function afterFailure(failure: Failure): Next {
  switch (failure.why) {
    case 'unreached':
      return [
        { is: 'offline', message: null },
        { do: 'wait', ms: RETRY_AFTER },
      ];
    case 'trouble':
      return [
        { is: 'offline', message: failure.message },
        { do: 'wait', ms: RETRY_AFTER },
      ];
    case 'outdated':
      return [{ is: 'catchingUp' }, { do: 'catchUp' }];
    case 'removed':
      return [{ is: 'removed' }, NOTHING];
    case 'refused':
      return [
        { is: 'refused', message: failure.error.message, faults: failure.error.fields },
        NOTHING,
      ];
  }
}

/** Under way or asked: what is typed meanwhile goes with what comes after. */
const HELD = new Set<SaveState['is']>(['sending', 'catchingUp', 'conflict', 'removed']);

/** The state after an event, and what is to be done. */
export function next(state: SaveState, event: SaveEvent): Next {
  switch (event.event) {
    case 'changed':
      return HELD.has(state.is) || state.is === 'offline' ? [state, NOTHING] : waiting(SEND_AFTER);
    case 'due':
      return state.is === 'waiting' || state.is === 'offline'
        ? [{ is: 'sending' }, { do: 'send' }]
        : [state, NOTHING];
    case 'stored':
      return event.clean ? saved : waiting(SEND_AFTER);
    case 'failed':
      return afterFailure(event.failure);
    case 'broughtTogether':
      if (event.conflict) return [{ is: 'conflict' }, NOTHING];
      return event.clean ? saved : waiting(0);
    case 'settled':
    case 'restored':
      return event.clean ? saved : waiting(0);
  }
}
