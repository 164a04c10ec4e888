/** A step’s time as it was guessed and as it was learned, with what the plan goes by, to be taken, frozen or put back. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { LearnedFigure } from '../../core/after/learned';
import { decidedWords, learnedWords } from '../../core/after/learnedWords';
import { useMay } from '../app/me';
import { type Decide, useFigures } from './useFigures';

interface Props {
  figure: LearnedFigure;
  /** Whose it is, where it is not everybody’s. */
  performer?: string | null;
}

export function LearnedLine({ figure, performer = null }: Props) {
  const decide = useFigures();
  const may = useMay('presenter');
  const { decided, state, task, performerId } = figure;
  const own = decided?.performerId === performerId ? decided : null;
  const button = (what: Decide, label: string, words: string) => (
    <Button
      size="small"
      aria-label={`${label}: ${task.name}${performer ? `, ${performer}` : ''}`}
      onClick={() => void decide([figure], what, words)}
    >
      {label}
    </Button>
  );
  return (
    <Box sx={{ fontSize: 14, lineHeight: '20px', color: 'var(--muted)' }}>
      {performer && `${performer}: `}
      {learnedWords(figure)}
      {state === 'thin' && !decided ? '' : `; ${decidedWords(figure)}`}{' '}
      {may && state === 'offered' && button('taken', 'Take it', 'Taken')}
      {may && own?.use === 'taken' && !own.frozen && button('frozen', 'Freeze', 'Frozen')}
      {may && own && button('back', 'Put back', 'The guess counts again')}
    </Box>
  );
}
