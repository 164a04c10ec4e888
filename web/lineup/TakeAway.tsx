import Button from '@mui/material/Button';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useState } from 'react';

const FILES: readonly [file: string, words: string][] = [
  ['running-order.pdf', 'One page for the wings (PDF)'],
  ['running-order.csv', 'Running order for a spreadsheet (CSV)'],
  ['calendar.ics', 'The day for a calendar, with alarms'],
];

/** The running order as files. */
export function TakeAway({ showId }: { showId: string }) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const close = (): void => setAnchor(null);
  return (
    <>
      <Button
        variant="outlined"
        aria-haspopup="menu"
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        Print or save
      </Button>
      <Menu open={Boolean(anchor)} anchorEl={anchor} onClose={close}>
        {FILES.map(([file, words]) => (
          <MenuItem
            key={file}
            component="a"
            href={`/api/shows/${showId}/${file}`}
            download
            onClick={close}
          >
            {words}
          </MenuItem>
        ))}
      </Menu>
    </>
  );
}
