/** Light, sound, pictures and words to helpers that a step sets off. */
import Box from '@mui/material/Box';
import { useWatch } from 'react-hook-form';
import { blankCue, type CueKind, type StepCue } from '../../core/repertoire/cues';
import { cueMoment } from '../../core/repertoire/cueWords';
import { newId } from '../app/api';
import { usePeople, useSettings } from '../app/data';
import { useMedia } from '../cues/useMedia';
import { Choice, Words } from '../parts/form';
import { TimeField } from '../parts/TimeFields';
import { CUE_KIND, CUE_MOMENT, options } from '../parts/words';
import { Rows } from './Rows';

/** What is chosen by its kind: where a light goes, which sound, to whom. */
function OfItsKind({ at }: { at: string }) {
  const cue = useWatch({ name: at }) as StepCue | undefined;
  const { data: settings } = useSettings();
  const { data: people = [] } = usePeople();
  const { data: media = [] } = useMedia();
  const output = settings?.outputs.find(({ id }) => id === cue?.output);
  switch (cue?.kind) {
    case 'light':
      return (
        <>
          <Choice
            name={`${at}.output`}
            label="Goes to"
            none="Nowhere yet"
            options={(settings?.outputs ?? []).map(({ id, name }) => ({ value: id, label: name }))}
          />
          <Words
            name={`${at}.send`}
            label={output?.kind === 'http' ? 'Added to its address' : 'Address'}
            help={output?.kind === 'http' ? '' : 'As /lights/wash'}
          />
          <Words name={`${at}.args`} label="With" help="As 0.5 blue" />
        </>
      );
    case 'sound':
    case 'picture':
      return (
        <Choice
          name={`${at}.media`}
          label={cue.kind === 'sound' ? 'Sound' : 'Picture'}
          none="None yet"
          options={media
            .filter(({ kind }) => kind === cue.kind)
            .map(({ id, name }) => ({ value: id, label: name }))}
        />
      );
    case 'message':
      return (
        <>
          <Words name={`${at}.words`} label="Words" />
          <Choice
            name={`${at}.to`}
            label="To"
            none="Everybody"
            options={people.map(({ id, name }) => ({ value: id, label: name }))}
          />
        </>
      );
    default:
      return null;
  }
}

function When({ at }: { at: string }) {
  const moment = useWatch({ name: `${at}.at` }) as StepCue['at'] | undefined;
  return (
    <>
      <Choice name={`${at}.at`} label="When" options={options(CUE_MOMENT)} />
      {moment === 'after' && <TimeField name={`${at}.seconds`} label="After" />}
    </>
  );
}

export const CueFields = ({ at }: { at: string }) => (
  <Rows
    name={`${at}.cues`}
    add="Add a light, sound, picture or message"
    fresh={() => blankCue(newId(), 'New cue', 'light')}
    row={(row) => (
      <>
        <Words name={`${row}.name`} label="Called" />
        <Choice name={`${row}.kind`} label="Kind" options={options(CUE_KIND)} />
        <When at={row} />
        <OfItsKind at={row} />
      </>
    )}
  />
);

const GLYPH: Record<CueKind, string> = { light: '☼', sound: '♪', picture: '▣', message: '✉' };

/** The same to be read, a line each. */
export const CueLines = ({ cues }: { cues: readonly StepCue[] }) => (
  <>
    {cues.map((cue) => (
      <Box key={cue.id}>
        <span aria-hidden="true">{GLYPH[cue.kind]}</span> {CUE_KIND[cue.kind]} <b>{cue.name}</b>,{' '}
        {cueMoment(cue)}
      </Box>
    ))}
  </>
);
