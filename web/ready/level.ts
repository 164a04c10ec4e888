import { LEVEL_WORDS } from '../../core/ready/verdict';
import type { Level } from '../../core/sums/sum';

const GLYPHS: Record<Level, string> = {
  stop: '■',
  fix: '△',
  unknown: '?',
  watch: '◔',
  fits: '✓',
};

/** Levels are told by glyph and word, never by hue alone. */
export const levelOf = (level: Level): { glyph: string; word: string } => ({
  glyph: GLYPHS[level],
  word: LEVEL_WORDS[level],
});

export const isTrouble = (level: Level): boolean => level === 'stop' || level === 'fix';
