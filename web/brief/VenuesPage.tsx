import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { VenueBody } from '../../contract/venue';
import { blankVenue } from '../../core/brief/blank';
import { useVenues } from '../app/data';
import { EntityPage } from '../parts/EntityPage';
import { newId } from '../app/api';
import { Choice, Figure, Words, YesNoField } from '../parts/form';
import { FLOOR, KNOWN, options } from '../parts/words';
import { Rows } from '../repertoire/Rows';

const row = {
  display: 'grid',
  gap: 2,
  gridTemplateColumns: 'repeat(auto-fit, minmax(140px, 1fr))',
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
      below={(venue) => venue.address || 'No address yet'}
      empty="Add the places you play: size, power, water, detectors, how to get there."
      fields={
        <>
          <Words name="name" label="Name" />
          <Words name="address" label="Address" />
          <Words name="travel" label="Getting there" multiline />
          <Box sx={row}>
            <Figure name="lengthM" label="Length" unit="m" optional />
            <Figure name="widthM" label="Width" unit="m" optional />
            <Figure name="ceilingM" label="Ceiling" unit="m" optional />
            <Figure name="frontRowM" label="Front row at" unit="m" optional />
            <Figure name="powerSockets" label="Sockets" optional />
          </Box>
          <YesNoField name="outdoors" label="Outdoors" />
          <Box sx={row}>
            <Choice name="water" label="Water" options={options(KNOWN)} />
            <Choice name="drain" label="Drain" options={options(KNOWN)} />
            <Choice name="dark" label="Can be dark" options={options(KNOWN)} />
            <Choice name="smokeDetectors" label="Smoke detectors" options={options(KNOWN)} />
          </Box>
          <Box sx={row}>
            <Figure name="airChanges" label="Air changes an hour" optional />
            <Figure name="stageWidthM" label="Stage, width" unit="m" optional />
            <Figure name="stageDepthM" label="Stage, depth" unit="m" optional />
            <Choice name="floor" label="Floor" options={options(FLOOR)} />
          </Box>
          <Box sx={row}>
            <Choice
              name="detectorsIsolable"
              label="Detectors can be isolated"
              options={options(KNOWN)}
            />
            <Choice
              name="alarmToFireService"
              label="Alarm calls the fire service"
              options={options(KNOWN)}
            />
          </Box>
          <Words name="detectorsIsolatedBy" label="Detectors isolated by" />
          <Words name="emergencyNumber" label="Emergency number" help="As it is called there" />
          <Words
            name="emergencyNote"
            label="In an emergency"
            help="First aid, defibrillator, meeting place, way in"
            multiline
          />
          <Words name="surface" label="Outdoors: what one stands on" />
          <Typography variant="h3" component="h3">
            Power circuits
          </Typography>
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
          <Typography variant="h3" component="h3">
            Exits, from the middle of the stage’s front edge
          </Typography>
          <Rows
            name="exits"
            add="Add an exit"
            fresh={() => ({ id: newId(), name: 'Exit', x: 0, y: 0 })}
            row={(at) => (
              <>
                <Words name={`${at}.name`} label="Exit" />
                <Figure name={`${at}.x`} label="To the right" unit="m" />
                <Figure name={`${at}.y`} label="Away from the audience" unit="m" />
              </>
            )}
          />
          <Words name="note" label="Notes" multiline />
        </>
      }
    />
  );
}
