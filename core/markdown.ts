/** Parts of a text in Markdown. */

/** Words as they are, in one line: nothing in them is taken for markup, for HTML or for the end of a cell. */
export const cell = (text: string): string =>
  text
    .replace(/\s*\n\s*/g, ' ')
    .replace(/[\\`*_[\]|~]/g, '\\$&')
    .replace(/&/g, '&amp;')
    .replace(/</g, '&lt;')
    .replace(/>/g, '&gt;')
    .replace(/^(\s*)([-+#])/, '$1\\$2')
    .replace(/^(\s*\d+)([.)])/, '$1\\$2');

const row = (texts: readonly string[]): string => `| ${texts.map(cell).join(' | ')} |`;

export const table = (heads: readonly string[], rows: readonly (readonly string[])[]): string[] => [
  row(heads),
  row(heads.map(() => '---')).replaceAll('\\', ''),
  ...rows.map(row),
  '',
];

export const bullets = (lines: readonly string[]): string[] =>
  lines.length > 0 ? [...lines.map((line) => `- ${cell(line)}`), ''] : [];

/** A part under its heading; nothing where there is nothing to say. */
export const part = (title: string, lines: readonly string[]): string[] =>
  lines.length > 0 ? [`## ${title}`, '', ...lines] : [];
