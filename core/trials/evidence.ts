/** What a claim rests on, in words: the level that it names, what it is held against, and what would not have shown. */
import { roundedTo } from '../statistics/rounded';
import type { Analysis, LevelResult } from './analyse';
import { about, type Claim, levelWords, type Naming, shareWords } from './claim';

/** A piece of a sentence. */
export interface Phrase {
  words: string;
  /** The figures that it hangs on. */
  strong: boolean;
}

const plain = (words: string): Phrase => ({ words, strong: false });
const strong = (words: string): Phrase => ({ words, strong: true });

/** “4 teaspoons 44.5 cm (40.9 to 48.1, n 4)”. */
function meanWords({ level, mean, n, low, high }: LevelResult, naming: Naming): string {
  const half = low === null || high === null ? null : (high - low) / 2;
  const figure = (value: number): number => roundedTo(value, half);
  const unit = naming.unit && ` ${naming.unit}`;
  const interval =
    low === null || high === null ? '' : ` (${figure(low)} to ${figure(high)}, n ${n})`;
  return `${levelWords(level, naming)} ${figure(mean)}${unit}${interval}`;
}

const moreOrLess = (value: number): string =>
  `${Math.abs(roundedTo(value, 1))} ${value < 0 ? 'less' : 'more'}`;

/** Empty where nothing is read, or no level is named. */
export function evidencePhrases(analysis: Analysis, claim: Claim, naming: Naming): Phrase[] {
  const { levels, plateau, exact, smallest } = analysis;
  const unit = naming.unit && ` ${naming.unit}`;
  if (exact) {
    const shares = levels.map((one) => `${levelWords(one.level, naming)} ${shareWords(one)}`);
    const often =
      exact.p < 0.001 ? 'less than once in 1,000' : `${about(exact.p * 100)} times in 100`;
    return [
      strong(shares.join(', ')),
      plain(`. If it made no difference, results as unlike as these come ${often}.`),
    ];
  }
  const at = levels.find(({ level }) => level.id === claim.level);
  if (!at) return [];
  const rival = plateau ? levels[plateau.best] : undefined;
  return [
    strong(meanWords(at, naming)),
    ...(rival && rival !== at
      ? [plain(' against the best, '), strong(meanWords(rival, naming))]
      : []),
    plain('.'),
    ...(plateau?.gain && plateau.more === 'waste'
      ? [
          plain(
            ` Going further gives ${moreOrLess(plateau.gain.low)} to ${moreOrLess(plateau.gain.high)}${unit && ` (${naming.unit})`}.`,
          ),
        ]
      : []),
    ...(smallest !== null
      ? [plain(` A difference under ${about(smallest)}${unit} would not have shown.`)]
      : []),
  ];
}

/** The same in one piece. */
export const evidenceWords = (analysis: Analysis, claim: Claim, naming: Naming): string =>
  evidencePhrases(analysis, claim, naming)
    .map(({ words }) => words)
    .join('');
