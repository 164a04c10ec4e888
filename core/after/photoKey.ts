/** Under which key a photo is kept that shows how it went: of the whole show, or of one slot of it. */
const AFTER = 'after:';
const WHOLE = 'show';

export const afterKey = (slotId: string | null): string => `${AFTER}${slotId ?? WHOLE}`;

/** Whether a key is of the show, or of one of these slots. */
export const isAfterKey = (key: string, slots: readonly { id: string }[]): boolean =>
  key === afterKey(null) || slots.some(({ id }) => key === afterKey(id));
