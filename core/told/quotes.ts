/** Words in quotes are words: nothing in them is understood. A quotation mark inside is written twice. */

export const quoted = (text: string): string => `"${text.replace(/"/g, '""')}"`;

/** What stands in quotes, where a text is in quotes as a whole; else null. */
export function unquoted(text: string): string | null {
  const straight = /^"((?:[^"]|"")*)"$/.exec(text.trim());
  if (straight) return (straight[1] ?? '').replace(/""/g, '"');
  return /^“([^“”]*)”$/.exec(text.trim())?.[1] ?? null;
}

/** Source of a pattern for words in quotes. */
export const IN_QUOTES = String.raw`"(?:[^"]|"")*"|“[^“”]*”`;
