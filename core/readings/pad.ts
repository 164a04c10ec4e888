/** A number typed on a pad, key by key. */

export const PAD_KEYS = ['0', '1', '2', '3', '4', '5', '6', '7', '8', '9', '.', '−', '⌫'] as const;
export type PadKey = (typeof PAD_KEYS)[number];

/** Digits that a reading has at the most. */
const DIGITS_MOST = 9;

/** What stands there after a key; a key that makes no number changes nothing. */
export function padded(text: string, key: PadKey): string {
  if (key === '⌫') return text.slice(0, -1);
  if (key === '−') return text.startsWith('−') ? text.slice(1) : `−${text}`;
  if (key === '.') return text.includes('.') ? text : `${/\d$/.test(text) ? text : `${text}0`}.`;
  if (text.replace(/\D/g, '').length >= DIGITS_MOST) return text;
  return /^−?0$/.test(text) ? `${text.slice(0, -1)}${key}` : text + key;
}

/** Null while it is no number yet. */
export function padValue(text: string): number | null {
  const plain = text.replace('−', '-');
  return /\d/.test(plain) ? Number(plain) : null;
}

/** A number as people type one in a field, with a comma or a minus sign of print; null where it is none. */
export function numberTyped(text: string): number | null {
  const plain = text.trim().replace(',', '.').replace('−', '-');
  const value = Number(plain);
  return plain === '' || !Number.isFinite(value) ? null : value;
}
