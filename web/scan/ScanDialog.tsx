/** A label's code is read by the camera, and leads to what is labelled. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useCallback, useEffect, useRef, useState } from 'react';
import { pageOfCode } from '../../core/kit/codes';
import { useChoosePicture } from '../pictures/useChoosePicture';
import { codeIn, readFrom } from './read';

const canFilm = (): boolean => navigator.mediaDevices !== undefined;

interface Props {
  onPage: (page: string) => void;
  onClose: () => void;
}

export function ScanDialog({ onPage, onClose }: Props) {
  const video = useRef<HTMLVideoElement>(null);
  const [films, setFilms] = useState(canFilm);
  const [trouble, setTrouble] = useState('');
  const found = useCallback(
    (text: string): boolean => {
      const page = pageOfCode(text);
      if (page === null) setTrouble('That code is on none of our labels.');
      else onPage(page);
      return page !== null;
    },
    [onPage],
  );
  useEffect(() => {
    const screen = video.current;
    if (!films || !screen) return undefined;
    return readFrom(screen, found, () => setFilms(false));
  }, [films, found]);
  const { choose, input } = useChoosePicture(
    (file) => {
      setTrouble('');
      void (async () => {
        const text = await codeIn(file).catch(() => null);
        if (text !== null) found(text);
        else setTrouble('No code is to be seen in that picture. Go closer, and hold it still.');
      })();
    },
    { now: true },
  );
  return (
    <Dialog open onClose={onClose} aria-labelledby="scan-title" fullWidth maxWidth="xs">
      <DialogTitle id="scan-title">Find by a label’s code</DialogTitle>
      <DialogContent>
        {films ? (
          <>
            <Box
              component="video"
              ref={video}
              muted
              playsInline
              aria-label="What the camera sees"
              sx={{
                display: 'block',
                width: '100%',
                aspectRatio: '1',
                objectFit: 'cover',
                background: 'var(--sunk)',
                border: '2px solid var(--ink)',
                borderRadius: 1,
              }}
            />
            <p>Hold the code of a box or a bottle before the camera.</p>
          </>
        ) : (
          <p>
            This page may not film here: it has no camera, or it was not opened by a secure address.
            A picture of the code does as well.
          </p>
        )}
        {trouble !== '' && (
          <Box role="alert" sx={{ color: 'var(--ember)', fontWeight: 700 }}>
            △ {trouble}
          </Box>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={choose}>Take a picture of it</Button>
        {input}
        <Button variant="contained" onClick={onClose}>
          Close
        </Button>
      </DialogActions>
    </Dialog>
  );
}
