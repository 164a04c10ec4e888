import type { Signature } from './types';

/** A signature with its moment in a zone (IANA name), as people write it. `at` in ms since 1970. */
export const signatureAt = (
  who: Pick<Signature, 'name' | 'role'>,
  at: number,
  zone: string,
): Signature => ({
  ...who,
  when: new Intl.DateTimeFormat('en-GB', {
    dateStyle: 'long',
    timeStyle: 'short',
    timeZone: zone,
  })
    .format(at)
    .replace(' at ', ', '),
});
