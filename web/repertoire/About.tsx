import Box from '@mui/material/Box';
import type { Demo } from '../../core/repertoire/types';
import { EditInPlace } from '../parts/EditInPlace';
import { Fact } from '../parts/Fact';
import { Choice, Figure, Many, Words } from '../parts/form';
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
  'energy',
  'ageFrom',
  'ageTo',
  'keywords',
  'pinnedNote',
];

const Edit = () => (
  <>
    <Box sx={grid(220)}>
      <Words name="name" label="Name" />
      <Words name="hook" label="Hook" />
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
  </>
);

function Read({ demo }: { demo: Demo }) {
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <Box sx={{ maxWidth: 680, fontSize: 17, lineHeight: '26px' }}>
        {demo.idea || (
          <Box component="span" sx={{ color: 'var(--muted)' }}>
            What does it show? Write it down here.
          </Box>
        )}
      </Box>
      {demo.pinnedNote && (
        <Box
          sx={{
            maxWidth: 680,
            borderLeft: '6px solid var(--ember)',
            background: 'var(--ember-wash)',
            px: 2,
            py: 1,
          }}
        >
          <b>From last time:</b> {demo.pinnedNote}
        </Box>
      )}
      <FollowUps demoId={demo.id} />
      <Claims demoId={demo.id} />
      <Box sx={{ display: 'flex', gap: 4, rowGap: 1, flexWrap: 'wrap' }}>
        <Fact label="Energy">
          <Energy energy={demo.energy} />
        </Fact>
        <Fact label="Ages">
          {demo.ageFrom} to {demo.ageTo}
        </Fact>
        <Fact label="Talk">{TALK[demo.talkPattern]}</Fact>
        {demo.usualPosition && <Fact label="Usually at">{demo.usualPosition}</Fact>}
        {demo.keywords.length > 0 && <Fact label="Key words">{demo.keywords.join(', ')}</Fact>}
      </Box>
    </Box>
  );
}

/** What a demonstration shows, to whom and where, and what was learned the last time. */
export const About = ({ demo, fresh }: { demo: Demo; fresh: boolean }) => (
  <EditInPlace
    what="what it shows"
    names={FIELDS}
    startsOpen={fresh}
    read={<Read demo={demo} />}
    edit={<Edit />}
  />
);
