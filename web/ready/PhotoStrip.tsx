import AddAPhoto from '@mui/icons-material/AddAPhotoOutlined';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import IconButton from '@mui/material/IconButton';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { CheckPhoto } from '../../contract/api';
import { timeOf } from '../brief/dates';
import { useChoosePicture } from '../pictures/useChoosePicture';
import type { Photos } from './usePhotos';

interface PhotoStripProps {
  /** The check's. */
  checkKey: string;
  title: string;
  photos: Photos;
  nameOf: (id: string | null) => string;
}

export function PhotoButton({ checkKey, title, photos }: Omit<PhotoStripProps, 'nameOf'>) {
  const { choose, input } = useChoosePicture((file) => void photos.add(checkKey, file), {
    now: true,
  });
  const busy = photos.sending === checkKey;
  return (
    <>
      <IconButton
        aria-label={`Photo for ${title}`}
        title="Add a photo"
        disabled={busy}
        onClick={choose}
        sx={{ width: 48, height: 48, flex: 'none' }}
      >
        <AddAPhoto />
      </IconButton>
      {input}
    </>
  );
}

/** The photos that go with a check, each to be seen large. */
export function PhotoStrip({ checkKey, title, photos, nameOf }: PhotoStripProps) {
  const [large, setLarge] = useState<CheckPhoto | null>(null);
  const mine = photos.of(checkKey);
  const words = (photo: CheckPhoto): string =>
    `Photo for ${title}, ${nameOf(photo.by)} at ${timeOf(photo.at)}`;
  if (photos.sending !== checkKey && mine.length === 0) return null;
  return (
    <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 1, alignItems: 'center' }}>
      {mine.map((photo) => (
        <ButtonBase
          key={photo.id}
          aria-label={words(photo)}
          onClick={() => setLarge(photo)}
          sx={{ border: '1px solid var(--line-strong)', borderRadius: 1 }}
        >
          <Box
            component="img"
            src={photos.address(photo.id)}
            alt=""
            sx={{ width: 72, height: 72, objectFit: 'cover', borderRadius: 1, display: 'block' }}
          />
        </ButtonBase>
      ))}
      {photos.sending === checkKey && (
        <Typography variant="body2" role="status">
          Storing the photo…
        </Typography>
      )}
      {large && (
        <Dialog open onClose={() => setLarge(null)} maxWidth="lg" aria-label={words(large)}>
          <Box
            component="img"
            src={photos.address(large.id)}
            alt={words(large)}
            sx={{ maxWidth: '100%', maxHeight: '78vh', objectFit: 'contain', display: 'block' }}
          />
          <DialogActions>
            <Typography variant="body2" sx={{ flex: 1, pl: 1 }}>
              {nameOf(large.by)} at {timeOf(large.at)}
            </Typography>
            <Button
              onClick={() => {
                setLarge(null);
                void photos.remove(large.id);
              }}
            >
              Remove
            </Button>
            <Button variant="contained" onClick={() => setLarge(null)}>
              Close
            </Button>
          </DialogActions>
        </Dialog>
      )}
    </Box>
  );
}
