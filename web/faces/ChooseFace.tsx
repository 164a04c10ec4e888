/** What a demonstration looks like, chosen: a vessel and what happens to it, or a drawing of the library. */
import CheckIcon from '@mui/icons-material/Check';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useState } from 'react';
import { useFormContext } from 'react-hook-form';
import { type Face as Look, guessFace, HAPPENINGS, VESSELS } from '../../core/repertoire/face';
import { useLibrary } from '../app/data';
import { Face } from './Face';
import { HAPPENING_WORDS, VESSEL_WORDS } from './names';

interface TileProps {
  look: Look;
  name: string;
  chosen: boolean;
  onChoose: () => void;
}

const Tile = ({ look, name, chosen, onChoose }: TileProps) => (
  <ButtonBase
    onClick={onChoose}
    aria-pressed={chosen}
    sx={{
      flexDirection: 'column',
      p: 0.75,
      width: 96,
      border: '2px solid',
      borderColor: chosen ? 'var(--ember)' : 'transparent',
      borderRadius: 1.5,
      fontSize: 13,
      lineHeight: '16px',
    }}
  >
    <Face face={look} words="" width={64} />
    <span>
      {chosen && <CheckIcon sx={{ fontSize: 13, verticalAlign: -2 }} />}
      {name}
    </span>
  </ButtonBase>
);

const Tiles = ({ title, children }: { title: string; children: React.ReactNode }) => (
  <Box component="section" aria-label={title}>
    <Box component="h3" sx={{ font: '600 16px Bricolage', mb: 0.5 }}>
      {title}
    </Box>
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5 }}>{children}</Box>
  </Box>
);

interface PickerProps {
  /** Null as long as it is guessed. */
  face: Look | null;
  /** What it is guessed from. */
  words: string;
  width: number;
  onChoose: (face: Look | null) => void;
}

/** The face, pressed to choose another. Sits in a form with a field “face”. */
export function ChooseFace(props: Pick<PickerProps, 'words' | 'width'>) {
  const { watch, setValue } = useFormContext<{ face: Look | null }>();
  return (
    <FacePicker
      {...props}
      face={watch('face')}
      onChoose={(face) => setValue('face', face, { shouldDirty: true, shouldValidate: true })}
    />
  );
}

export function FacePicker({ face, words, width, onChoose: choose }: PickerProps) {
  const [open, setOpen] = useState(false);
  const { data: library } = useLibrary(open);
  const now = face ?? guessFace(words);
  return (
    <>
      <ButtonBase
        onClick={() => setOpen(true)}
        aria-label="Change its look"
        aria-haspopup="dialog"
        title="Change its look"
        sx={{ borderRadius: 1.5, '&:hover': { background: 'var(--sunk)' } }}
      >
        <Face face={face} words={words} width={width} />
      </ButtonBase>
      <Dialog open={open} onClose={() => setOpen(false)} maxWidth="md" aria-labelledby="look-title">
        <DialogTitle id="look-title">Its look</DialogTitle>
        <DialogContent sx={{ display: 'grid', gap: 2 }} tabIndex={0}>
          <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap' }}>
            <Face face={face} words={words} width={144} />
            <Box sx={{ maxWidth: 320 }}>
              {face === null
                ? 'Guessed from its words: choose what fits better.'
                : 'Chosen. It stands on cards, in the running order and on the tape of a show.'}
              {face !== null && (
                <Box>
                  <Button size="small" onClick={() => choose(null)}>
                    Guess it from its words
                  </Button>
                </Box>
              )}
            </Box>
          </Box>
          <Tiles title="What it is">
            {VESSELS.map((vessel) => (
              <Tile
                key={vessel}
                look={{ ...now, figure: null, vessel }}
                name={VESSEL_WORDS[vessel]}
                chosen={now.figure === null && now.vessel === vessel}
                onChoose={() => choose({ ...now, figure: null, vessel })}
              />
            ))}
          </Tiles>
          <Tiles title="What happens">
            {HAPPENINGS.map((happening) => (
              <Tile
                key={happening}
                look={{ ...now, figure: null, happening }}
                name={HAPPENING_WORDS[happening]}
                chosen={now.figure === null && now.happening === happening}
                onChoose={() => choose({ ...now, figure: null, happening })}
              />
            ))}
          </Tiles>
          {library && (
            <Tiles title="Or drawn for the library">
              {library.demos.map(({ id, name, face: look }) =>
                look?.figure == null ? null : (
                  <Tile
                    key={id}
                    look={look}
                    name={name}
                    chosen={now.figure === look.figure}
                    onChoose={() => choose(look)}
                  />
                ),
              )}
            </Tiles>
          )}
        </DialogContent>
        <DialogActions>
          <Button variant="contained" onClick={() => setOpen(false)}>
            Done
          </Button>
        </DialogActions>
      </Dialog>
    </>
  );
}
