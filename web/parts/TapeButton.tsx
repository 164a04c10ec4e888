import ButtonBase, { type ButtonBaseProps } from '@mui/material/ButtonBase';
import { pinked } from './tapeShape';

/** The one thing to press on a page: a piece of ember tape. */
export const TapeButton = (props: ButtonBaseProps) => (
  <ButtonBase
    {...props}
    sx={{
      minWidth: 160,
      height: 48,
      px: 3,
      background: 'var(--ember-area)',
      color: 'var(--on-ember)',
      clipPath: pinked(6, 4),
      font: '600 17px Bricolage',
      '&.Mui-disabled': { opacity: 0.6 },
      '&:focus-visible': { outline: '3px solid var(--ink)', outlineOffset: -6 },
    }}
  />
);
