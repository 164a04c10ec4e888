/** The places one plays: each as a page one could send, drawn to scale, with what is not known as questions. */
import Box from '@mui/material/Box';
import { VenueBody } from '../../contract/venue';
import { blankVenue } from '../../core/brief/blank';
import { unknownOf } from '../../core/brief/venueFacts';
import { counted } from '../../core/words';
import { useVenues } from '../app/data';
import { EntityPage } from '../parts/EntityPage';
import { newId } from '../app/api';
import { FactLines } from '../parts/FactLines';
import { Choice, Figure, Words, YesNoField } from '../parts/form';
import { FigureGap, WordsGap } from '../parts/formGaps';
import { SentenceText } from '../parts/SentenceText';
import { FLOOR, KNOWN, options } from '../parts/words';
import { Rows } from '../repertoire/Rows';
import { Here } from './Here';
import { VenueDrawing } from './VenueDrawing';

const stack = { display: 'grid', gap: 2, alignContent: 'start', minWidth: 0 } as const;

/** Facts under their heading, side by side where there is room. */
function Part({
  title,
  below,
  children,
}: {
  title: string;
  below?: string;
  children: React.ReactNode;
}) {
  return (
    <Box
      component="section"
      aria-label={title}
      sx={{
        display: 'grid',
        rowGap: 1,
        columnGap: 3,
        gridTemplateColumns: 'repeat(auto-fill, minmax(min(100%, 230px), 1fr))',
        alignItems: 'start',
      }}
    >
      <Box
        component="h3"
        sx={{
          font: '700 18px/26px Bricolage',
          m: 0,
          borderBottom: '1px solid var(--line)',
          gridColumn: '1 / -1',
        }}
      >
        {title}
      </Box>
      {below && (
        <Box sx={{ gridColumn: '1 / -1', fontSize: 14, color: 'var(--muted)' }}>{below}</Box>
      )}
      {children}
    </Box>
  );
}

/** Beneath the drawing, what is drawn in it. */
const drawn = {
  display: 'grid',
  columnGap: 3,
  rowGap: 2,
  alignItems: 'start',
  gridTemplateColumns: 'repeat(auto-fill, minmax(min(100%, 280px), 1fr))',
} as const;

const Whole = ({ children }: { children: React.ReactNode }) => (
  <Box sx={{ gridColumn: '1 / -1', display: 'grid' }}>{children}</Box>
);

/** What the place is, in words that can be changed. */
function Sentence({ venue }: { venue: VenueBody }) {
  const inside = (
    <>
      <FigureGap name="lengthM" label="Length (m)" optional /> by{' '}
      <FigureGap name="widthM" label="Width (m)" optional /> m and{' '}
      <FigureGap name="ceilingM" label="Ceiling (m)" optional /> m high
    </>
  );
  return (
    <SentenceText>
      <WordsGap name="name" label="Name" least={6} />, {venue.outdoors ? 'in the open' : inside},
      the stage <FigureGap name="stageWidthM" label="Stage, width (m)" optional /> by{' '}
      <FigureGap name="stageDepthM" label="Stage, depth (m)" optional /> m, the front row{' '}
      <FigureGap name="frontRowM" label="Front row at (m)" optional /> m from it.
    </SentenceText>
  );
}

const Power = () => (
  <Part title="Power">
    <Figure name="powerSockets" label="Sockets" optional />
    <Whole>
      <Rows
        name="circuits"
        add="Add a circuit"
        fresh={() => ({ id: newId(), name: 'Circuit', watts: 2300 })}
        row={(at) => (
          <>
            <Words name={`${at}.name`} label="Circuit" />
            <Figure name={`${at}.watts`} label="Limit" unit="W" />
          </>
        )}
      />
    </Whole>
  </Part>
);

const WaysOut = () => (
  <Part
    title="Ways out"
    below="metres to the right and back from the middle of the stage’s front edge, as the audience sees it"
  >
    <Whole>
      <Rows
        name="exits"
        add="Add an exit"
        least={72}
        fresh={() => ({ id: newId(), name: 'Exit', x: 0, y: 0 })}
        row={(at) => (
          <>
            <Words name={`${at}.name`} label="Exit" />
            <Figure name={`${at}.x`} label="Right" unit="m" />
            <Figure name={`${at}.y`} label="Back" unit="m" />
          </>
        )}
      />
    </Whole>
  </Part>
);

const GettingThere = ({ venue }: { venue: VenueBody }) => (
  <Part title="Getting there">
    <Whole>
      <Words name="address" label="Address" />
    </Whole>
    <Whole>
      <Words name="travel" label="Getting there" multiline />
    </Whole>
    <YesNoField name="outdoors" label="Outdoors" />
    {venue.outdoors && <Words name="surface" label="Outdoors: what one stands on" />}
  </Part>
);

const WaterAndDark = () => (
  <Part title="Water and dark">
    <Choice name="water" label="Water" options={options(KNOWN)} />
    <Choice name="drain" label="Drain" options={options(KNOWN)} />
    <Choice name="dark" label="Can be dark" options={options(KNOWN)} />
    <Choice name="floor" label="Floor" options={options(FLOOR)} />
  </Part>
);

const Fire = ({ venue }: { venue: VenueBody }) => (
  <Part title="Fire">
    <Choice name="smokeDetectors" label="Smoke detectors" options={options(KNOWN)} />
    {venue.smokeDetectors !== 'no' && (
      <>
        <Choice
          name="detectorsIsolable"
          label="Detectors can be isolated"
          options={options(KNOWN)}
        />
        <Words name="detectorsIsolatedBy" label="Detectors isolated by" />
        <Choice
          name="alarmToFireService"
          label="Alarm calls the fire service"
          options={options(KNOWN)}
        />
      </>
    )}
    <Words name="emergencyNumber" label="Emergency number" help="As it is called there" />
    <Whole>
      <Words
        name="emergencyNote"
        label="In an emergency"
        help="First aid, defibrillator, meeting place, way in"
        multiline
      />
    </Whole>
  </Part>
);

function Facts({ venue }: { venue: VenueBody }) {
  const unknown = unknownOf(venue);
  return (
    <Box sx={{ display: 'grid', gap: 2 }}>
      <Sentence venue={venue} />
      <Box
        component="section"
        aria-label="What is not known"
        sx={{ font: '600 16px/24px Bricolage' }}
      >
        {unknown.length === 0 ? (
          'All of it is known.'
        ) : (
          <>
            <Box component="span" sx={{ color: 'var(--ember)' }}>
              ? {unknown.length} not known:
            </Box>{' '}
            {unknown.join(', ')}
          </>
        )}
      </Box>
      <Box
        sx={{
          display: 'grid',
          columnGap: 4,
          rowGap: 3,
          alignItems: 'start',
          gridTemplateColumns: {
            xs: 'minmax(0, 1fr)',
            md: 'minmax(0, 3fr) minmax(0, 2fr)',
            xl: 'minmax(0, 3fr) minmax(0, 2fr) minmax(0, 2fr)',
          },
        }}
      >
        <Box sx={{ ...stack, gridRow: { md: '1 / span 2', xl: 'auto' } }}>
          <VenueDrawing venue={venue} />
          <FactLines sx={drawn}>
            <Power />
            <WaysOut />
          </FactLines>
          <Here venue={venue} />
        </Box>
        <FactLines sx={stack}>
          <GettingThere venue={venue} />
          <WaterAndDark />
          <Part title="Air">
            <Figure name="airChanges" label="Air changes an hour" optional />
          </Part>
        </FactLines>
        <FactLines sx={stack}>
          <Fire venue={venue} />
          <Part title="Notes">
            <Whole>
              <Words name="note" label="Notes" multiline />
            </Whole>
          </Part>
        </FactLines>
      </Box>
    </Box>
  );
}

const standing = (venue: VenueBody): string => {
  const { length } = unknownOf(venue);
  return length === 0 ? 'all known' : `${counted(length, 'thing')} not known`;
};

export default function VenuesPage() {
  return (
    <EntityPage<VenueBody>
      title="Venues"
      noun="venue"
      copies
      path="/venues"
      type={VenueBody}
      query={useVenues()}
      fresh={(id) => blankVenue(id, 'New venue')}
      below={standing}
      empty="Add the places you play: size, power, water, detectors, how to get there."
      fields={(venue) => <Facts venue={venue} />}
    />
  );
}
