import Button from '@mui/material/Button';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useState } from 'react';

interface SaveAsProps {
  label: string;
  files: readonly (readonly [href: string, words: string])[];
}

/** Things that can be had as files. */
export function SaveAs({ label, files }: SaveAsProps) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const close = (): void => setAnchor(null);
  return (
    <>
      <Button
        variant="outlined"
        aria-haspopup="menu"
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        {label}
      </Button>
      <Menu open={Boolean(anchor)} anchorEl={anchor} onClose={close}>
        {files.map(([href, words]) => (
          <MenuItem key={href} component="a" href={href} download onClick={close}>
            {words}
          </MenuItem>
        ))}
      </Menu>
    </>
  );
}
