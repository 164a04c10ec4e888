/** A picture put to something: taken by the camera or from a file, said in words, taken off again. */
import AddAPhoto from '@mui/icons-material/AddAPhotoOutlined';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useController } from 'react-hook-form';
import type { Picture } from '../../core/repertoire/pictures';
import { addMedia } from '../cues/useMedia';
import { useAction } from '../parts/useAction';
import { Shown } from './Shown';
import { shrunk } from './shrink';
import { useChoosePicture } from './useChoosePicture';

/** Characters of a file’s name. */
const NAME_MOST = 60;

interface PictureEditProps {
  /** Of what it is: “Foam fountain”. */
  of: string;
  value: Picture | null;
  onChange: (value: Picture | null) => void;
}

export function PictureEdit({ of, value, onChange }: PictureEditProps) {
  const act = useAction();
  const [isSending, setSending] = useState(false);
  const [fault, setFault] = useState('');
  const take = async (file: File): Promise<void> => {
    setFault('');
    let small: Blob;
    try {
      small = await shrunk(file);
    } catch (error) {
      setFault(error instanceof Error ? error.message : 'That is no picture.');
      return;
    }
    await act(async () => {
      const { id } = await addMedia(of.slice(0, NAME_MOST).trim() || 'Picture', small);
      onChange({ media: id, words: value?.words ?? '' });
    });
  };
  const { choose, input } = useChoosePicture((file) => {
    setSending(true);
    void take(file).finally(() => setSending(false));
  });
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'flex-start' }}>
      {value && <Shown picture={value} of={of} width={160} height={104} />}
      <Box sx={{ display: 'grid', gap: 1, justifyItems: 'start', flex: '1 1 200px', minWidth: 0 }}>
        {value && (
          <TextField
            fullWidth
            label="What is to be seen on it"
            value={value.words}
            onChange={(event) => onChange({ ...value, words: event.target.value })}
            slotProps={{ htmlInput: { maxLength: 120 } }}
          />
        )}
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
          <Button
            startIcon={<AddAPhoto />}
            disabled={isSending}
            onClick={choose}
            aria-label={`${value ? 'Another picture' : 'Add a picture'} of ${of}`}
            sx={{ minHeight: { xs: 44, md: 36 } }}
          >
            {isSending ? 'Storing the picture…' : value ? 'Another picture' : 'Add a picture'}
          </Button>
          {value && (
            <Button
              onClick={() => onChange(null)}
              aria-label={`No picture of ${of}`}
              sx={{ minHeight: { xs: 44, md: 36 } }}
            >
              No picture
            </Button>
          )}
        </Box>
        {fault && (
          <Typography color="error" role="alert">
            △ {fault}
          </Typography>
        )}
        {input}
      </Box>
    </Box>
  );
}

/** The same in a form. */
export function PictureField({ name, of }: { name: string; of: string }) {
  const { field } = useController({ name });
  return <PictureEdit of={of} value={field.value as Picture | null} onChange={field.onChange} />;
}
