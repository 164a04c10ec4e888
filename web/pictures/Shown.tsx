/** A picture of how it should look, seen large when pressed. One that is gone is said to be. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Picture } from '../../core/repertoire/pictures';
import { mediaUrl } from '../cues/useMedia';

interface ShownProps {
  picture: Picture;
  /** Of what it is: “Foam fountain”. */
  of: string;
  width: number | string;
  height: number;
}

export function Shown({ picture, of, width, height }: ShownProps) {
  const [isLarge, setLarge] = useState(false);
  const [goneId, setGone] = useState<string | null>(null);
  const words = picture.words || `${of} as it should look`;
  if (goneId === picture.media)
    return (
      <Typography variant="body2" color="textSecondary">
        The picture of {of} isn’t here.
      </Typography>
    );
  const source = mediaUrl(picture.media);
  return (
    <>
      <ButtonBase
        aria-label={`${words}: larger`}
        onClick={() => setLarge(true)}
        sx={{ border: '1px solid var(--line-strong)', display: 'block', width, maxWidth: '100%' }}
      >
        <Box
          component="img"
          src={source}
          alt=""
          onError={() => setGone(picture.media)}
          sx={{ width: '100%', height, objectFit: 'cover', display: 'block' }}
        />
      </ButtonBase>
      {isLarge && (
        <Dialog open onClose={() => setLarge(false)} maxWidth="lg" aria-label={words}>
          <Box
            component="img"
            src={source}
            alt={words}
            sx={{ maxWidth: '100%', maxHeight: '78vh', objectFit: 'contain', display: 'block' }}
          />
          <DialogActions>
            <Typography variant="body2" sx={{ flex: 1, pl: 1 }}>
              {words}
            </Typography>
            <Button variant="contained" onClick={() => setLarge(false)}>
              Close
            </Button>
          </DialogActions>
        </Dialog>
      )}
    </>
  );
}
