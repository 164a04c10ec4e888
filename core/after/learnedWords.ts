/** What was learned, in words: what it rests on, and what it changes. */
import { formatDuration } from '../time/clock';
import { counted } from '../words';
import { type LearnedFigure, moves } from './learned';

/** “7 goes”, “3 goes and 2 in rehearsal”. */
export function evidenceWords({ goes, rehearsed }: LearnedFigure['learned']): string {
  const shown = counted(goes, 'go', 'goes');
  if (rehearsed === 0) return shown;
  return goes === 0 ? `${rehearsed} in rehearsal` : `${shown} and ${rehearsed} in rehearsal`;
}

/** “3:30 guessed, 3:52 from 7 goes”. */
export function learnedWords({ guess, learned }: Pick<LearnedFigure, 'guess' | 'learned'>): string {
  const guessed = `${formatDuration(guess.likely)} guessed`;
  return learned.goes + learned.rehearsed === 0
    ? `${guessed}, not timed yet`
    : `${guessed}, ${formatDuration(Math.round(learned.mean))} from ${evidenceWords(learned)}`;
}

/** “+0:15”; with the sign of less written as people write it. */
export function movesWords(figure: Pick<LearnedFigure, 'learned' | 'planned'>): string {
  const by = moves(figure);
  return `${by < 0 ? '−' : '+'}${formatDuration(Math.abs(by))}`;
}

/** What counts for the plan now: “by the guess”, “taken from 7 goes”, “frozen, from 7 goes”. */
export function decidedWords({ decided }: Pick<LearnedFigure, 'decided'>): string {
  if (!decided) return 'the plan goes by the guess';
  if (decided.use === 'mine') return 'the guess was kept';
  const from = `${formatDuration(decided.time.likely)} taken from ${counted(decided.from, 'go', 'goes')}`;
  return decided.frozen ? `${from}, frozen` : from;
}
