/** What it looked like: photos of the show, and of single demonstrations. */
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { afterKey } from '../../core/after/photoKey';
import { usePeople } from '../app/data';
import { useOpenShow } from '../brief/useShow';
import { Pick } from '../parts/Pick';
import { Section } from '../parts/page';
import { PhotoButton, PhotoStrip } from '../ready/PhotoStrip';
import { usePhotos } from '../ready/usePhotos';

interface Props {
  /** Of the run, with what they are called. */
  slots: readonly { slotId: string; name: string }[];
}

export function Photos({ slots }: Props) {
  const { show, answer } = useOpenShow();
  const { data: people = [] } = usePeople();
  const photos = usePhotos(show.id, answer.photos);
  const [about, setAbout] = useState<string | null>(null);
  const nameOf = (id: string | null): string =>
    people.find((person) => person.id === id)?.name ?? 'somebody';
  // A slot that has left the show since keeps what was kept of it, and gets no more.
  const here = slots.filter(({ slotId }) => show.slots.some(({ id }) => id === slotId));
  const named = [{ slotId: null, name: 'The show' }, ...slots];
  const chosen = named.find(({ slotId }) => slotId === about) ?? { slotId: null, name: 'The show' };
  return (
    <Section title="Photos">
      {named.map(({ slotId, name }) => {
        const key = afterKey(slotId);
        if (photos.of(key).length === 0 && photos.sending !== key) return null;
        return (
          <Box key={key} sx={{ mb: 1 }}>
            <Typography variant="body2">{name}</Typography>
            <PhotoStrip checkKey={key} title={name} photos={photos} nameOf={nameOf} />
          </Box>
        );
      })}
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
        <Pick
          label="Add a photo of"
          value={about}
          none="the show"
          options={here.map(({ slotId, name }) => ({ value: slotId, label: name }))}
          onChange={setAbout}
          sx={{ width: 240 }}
        />
        <PhotoButton checkKey={afterKey(chosen.slotId)} title={chosen.name} photos={photos} />
      </Box>
    </Section>
  );
}
