import { LEVEL_WORDS } from '../../core/ready/verdict';
import type { VerdictLevel } from '../../core/calculators/calculator';

const GLYPHS: Record<VerdictLevel, string> = {
  stop: '■',
  fix: '△',
  unknown: '?',
  watch: '◔',
  ok: '✓',
};

/** Levels are told by glyph and word, never by hue alone. */
export const levelOf = (level: VerdictLevel): { glyph: string; word: string } => ({
  glyph: GLYPHS[level],
  word: LEVEL_WORDS[level],
});

export const isTrouble = (level: VerdictLevel): boolean => level === 'stop' || level === 'fix';
