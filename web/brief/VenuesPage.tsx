import Box from '@mui/material/Box';
import { VenueBody } from '../../contract/brief';
import { blankVenue } from '../../core/brief/blank';
import { useVenues } from '../app/data';
import { EntityPage } from '../parts/EntityPage';
import { Figure, Words, YesNoField } from '../parts/form';

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
          <Box sx={row}>
            <YesNoField name="outdoors" label="Outdoors" />
            <YesNoField name="water" label="Water" />
            <YesNoField name="dark" label="Can be dark" />
            <YesNoField name="smokeDetectors" label="Smoke detectors" />
          </Box>
          <Words name="detectorsIsolatedBy" label="Detectors isolated by" />
          <Words name="note" label="Notes" multiline />
        </>
      }
    />
  );
}
