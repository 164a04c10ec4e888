/** What must not be in a proposed show, and whether it is to be made of what is in the house. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import ListItemText from '@mui/material/ListItemText';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useState } from 'react';
import type { FitWishes } from '../../core/proposal/fitWishes';
import { HAZARDS, type HazardKind } from '../../core/repertoire/types';
import { listInWords, lowerFirst } from '../../core/words';
import { HAZARD } from '../parts/words';

interface WishProps {
  wishes: FitWishes;
  onWishes: (wishes: FitWishes) => void;
  /** Ids of things that are there. */
  atHand: ReadonlySet<string>;
}

/** More than this is not listed by name. */
const NAMED = 2;

export function FitWishFields({ wishes, onWishes, atHand }: WishProps) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const { without } = wishes;
  const toggle = (kind: HazardKind): void =>
    onWishes({
      ...wishes,
      without: without.includes(kind) ? without.filter((one) => one !== kind) : [...without, kind],
    });
  const named = without.map((kind) => lowerFirst(HAZARD[kind]));
  const words =
    named.length === 0
      ? 'Without …'
      : named.length <= NAMED
        ? `Without ${listInWords(named)}`
        : `Without ${named.length} hazards`;
  return (
    <Box component="span" sx={{ display: 'inline-flex', flexWrap: 'wrap' }}>
      <Button size="small" aria-haspopup="menu" onClick={(event) => setAnchor(event.currentTarget)}>
        {words}
      </Button>
      <Menu open={anchor !== null} anchorEl={anchor} onClose={() => setAnchor(null)}>
        {HAZARDS.map((kind) => (
          <MenuItem
            key={kind}
            dense
            role="menuitemcheckbox"
            aria-checked={without.includes(kind)}
            onClick={() => toggle(kind)}
          >
            <Checkbox
              checked={without.includes(kind)}
              size="small"
              tabIndex={-1}
              disableRipple
              slotProps={{ input: { 'aria-hidden': true } }}
            />
            <ListItemText>{HAZARD[kind]}</ListItemText>
          </MenuItem>
        ))}
      </Menu>
      {atHand.size > 0 && (
        <Button
          size="small"
          aria-pressed={wishes.atHand !== null}
          onClick={() => onWishes({ ...wishes, atHand: wishes.atHand ? null : atHand })}
        >
          {wishes.atHand ? '✓ ' : ''}Only with what is in the house
        </Button>
      )}
    </Box>
  );
}
