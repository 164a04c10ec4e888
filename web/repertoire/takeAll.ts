import type { TakenAnswer } from '../../contract/library';
import { send } from '../app/api';

/** Takes some of the library into one’s own repertoire; answers with one’s own ids. */
export const takeAll = (ids: readonly string[]): Promise<TakenAnswer> =>
  send<TakenAnswer>('POST', '/library/take', { ids });
