import Box from '@mui/material/Box';
import type { Demo } from '../../core/repertoire/types';
import { FAMILY_WORDS } from '../../core/repertoire/families';
import { ChooseFace } from '../faces/ChooseFace';
import { EditInPlace } from '../parts/EditInPlace';
import { Fact } from '../parts/Fact';
import { Choice, Figure, Many, Words } from '../parts/form';
import { pinked } from '../parts/tapeShape';
import { PictureField } from '../pictures/PictureEdit';
import { Shown } from '../pictures/Shown';
import { options, TALK } from '../parts/words';
import { Claims } from './Claims';
import { FollowUps } from './FollowUps';
import { grid } from './grid';
import { Energy } from './Energy';

const FIELDS = [
  'name',
  'hook',
  'idea',
  'talkPattern',
  'usualPosition',
  'family',
  'energy',
  'ageFrom',
  'ageTo',
  'keywords',
  'pinnedNote',
  'picture',
];

const Edit = ({ name }: { name: string }) => (
  <>
    <Box sx={grid(220)}>
      <Words name="name" label="Name" />
      <Words name="hook" label="Hook" />
      <Choice name="family" label="Family" none="not said" options={options(FAMILY_WORDS)} />
      <Choice name="talkPattern" label="Talk" options={options(TALK)} />
      <Words name="usualPosition" label="Usual position" />
      <Figure name="energy" label="Energy, 1 quiet to 5 roof-raiser" />
      <Figure name="ageFrom" label="Ages from" />
      <Figure name="ageTo" label="Ages to" />
      <Many name="keywords" label="Key words" help="Type a word and press Enter" />
    </Box>
    <Box sx={{ ...grid(300), mt: 1.5 }}>
      <Words name="idea" label="The idea it shows" multiline />
      <Words name="pinnedNote" label="Pinned for next time" multiline />
    </Box>
    <Box sx={{ mt: 1.5 }}>
      <PictureField name="picture" of={name} />
    </Box>
  </>
);

const note = {
  position: 'relative',
  border: '1px solid var(--line)',
  background: 'var(--card)',
  p: 2,
  pt: 2.5,
  font: '600 16px/21px Bricolage',
  '&::before': {
    content: '""',
    position: 'absolute',
    top: -9,
    left: 'calc(50% - 32px)',
    width: 64,
    height: 18,
    background: 'var(--chore)',
    clipPath: pinked(3, 3),
  },
} as const;

function Read({ demo }: { demo: Demo }) {
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <Box
        sx={{
          display: 'grid',
          columnGap: 4,
          rowGap: 1.5,
          alignItems: 'start',
          gridTemplateColumns: {
            xs: '1fr',
            lg: demo.pinnedNote ? '5fr 4fr minmax(220px, 3fr)' : '5fr 5fr',
          },
        }}
      >
        <Box sx={{ font: { xs: '700 22px/28px Bricolage', md: '700 27px/34px Bricolage' } }}>
          {demo.hook || (
            <Box component="span" sx={{ color: 'var(--muted)', fontWeight: 500 }}>
              What do people see? One sentence.
            </Box>
          )}
        </Box>
        <Box sx={{ maxWidth: 560, fontSize: 16, lineHeight: '23px' }}>
          <Box component="span" sx={{ display: 'block', fontSize: 14, color: 'var(--muted)' }}>
            The idea
          </Box>
          {demo.idea || (
            <Box component="span" sx={{ color: 'var(--muted)' }}>
              What does it show? Write it down here.
            </Box>
          )}
        </Box>
        {demo.pinnedNote && (
          <Box component="aside" aria-label="Pinned for next time" sx={note}>
            {demo.pinnedNote}
          </Box>
        )}
      </Box>
      <FollowUps demoId={demo.id} />
      <Claims demoId={demo.id} />
      <Box sx={{ display: 'flex', gap: 4, rowGap: 1, flexWrap: 'wrap' }}>
        <Fact label="Energy">
          <Energy energy={demo.energy} />
        </Fact>
        <Fact label="Ages">
          {demo.ageFrom} {demo.ageTo >= 99 ? 'up' : `to ${demo.ageTo}`}
        </Fact>
        {demo.family && <Fact label="Family">{FAMILY_WORDS[demo.family]}</Fact>}
        <Fact label="Talk">{TALK[demo.talkPattern]}</Fact>
        {demo.keywords.length > 0 && <Fact label="Key words">{demo.keywords.join(', ')}</Fact>}
      </Box>
    </Box>
  );
}

/** What a demonstration looks like and shows, to whom and where, and what was learned the last time. */
export const About = ({ demo, fresh }: { demo: Demo; fresh: boolean }) => (
  <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '136px 1fr' }, columnGap: 3 }}>
    <Box sx={{ display: 'grid', gap: 1.5, alignContent: 'start' }}>
      <ChooseFace words={`${demo.name} ${demo.hook}`} width={128} />
      {demo.picture && <Shown picture={demo.picture} of={demo.name} width={128} height={84} />}
    </Box>
    <EditInPlace
      what="what it shows"
      names={FIELDS}
      startsOpen={fresh}
      read={<Read demo={demo} />}
      edit={<Edit name={demo.name} />}
    />
  </Box>
);
