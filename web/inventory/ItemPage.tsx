/** One item: what there is of it, where it travels, where it is bought, and what to mind. */
import ArrowBack from '@mui/icons-material/ArrowBack';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useWatch } from 'react-hook-form';
import { Link, useParams } from 'react-router';
import { ItemBody, STOCK_UNITS } from '../../contract/item';
import { HAZARD_CODES, hazardWords, PRECAUTION_CODES, precautionWords } from '../../core/kit/ghs';
import type { Item } from '../../core/repertoire/types';
import { dimensionOf, UNITS } from '../../core/units/units';
import { useBoxes } from '../app/data';
import { useNoGhost } from '../documents/ghosts';
import { useDocument } from '../documents/useDocument';
import { AmountField, BaseAmountField } from '../parts/AmountField';
import { EditingNotices, SaveBar, useRemove } from '../parts/editing';
import { AutoForm, Choice, Figure, Many, Words, YesNoField } from '../parts/form';
import { Loading, Page, Section, Trouble, useTitle } from '../parts/page';
import { Price } from '../parts/Price';
import { StrengthFields } from '../parts/StrengthFields';
import { COLD_KIND, ITEM_KIND, LID, MATERIAL, options, SIGNAL, SUBSTANCE } from '../parts/words';
import { freshPack } from '../repertoire/fresh';
import { grid } from '../repertoire/grid';
import { Rows } from '../repertoire/Rows';
import { Lots } from './Lots';
import { Movements } from './Movements';
import { MeasuredFields } from './MeasuredFields';

const coded = (codes: readonly string[], words: (codes: string[]) => string[]) =>
  codes.map((code) => ({ value: code, label: words([code])[0] ?? code }));

const units = STOCK_UNITS.map((id) => ({ value: id, label: UNITS[id].label }));

function Facts() {
  const item = useWatch() as Item;
  const { data: boxes = [] } = useBoxes();
  const consumable = item.kind === 'consumable';
  const counted = ['count', 'length'].includes(dimensionOf(item.unit));
  return (
    <>
      <Section title="What it is">
        <Box sx={grid(180)}>
          <Words name="name" label="Name" />
          <Choice name="kind" label="Kind" options={options(ITEM_KIND)} />
          <Choice name="unit" label="Counted in" options={units} />
          {!consumable && (
            <Figure
              name="owned"
              label="How many there are"
              optional
              help="While none is in the store below; empty for as many as wanted"
            />
          )}
        </Box>
        {consumable && <YesNoField name="atVenue" label="Found at the venue, such as tap water" />}
        <Box sx={{ mt: 1.5, display: 'grid' }}>
          <Words name="note" label="Notes" multiline />
        </Box>
      </Section>
      <Section title="Test">
        <Box sx={grid(220)}>
          <Words
            name="functionTest"
            label="Function test"
            help="Such as: battery reads above 7 V"
          />
          <Figure name="testEvery" label="Tested every" unit="days" optional />
          <YesNoField name="testHolds" label="An undone test holds the show" />
          <MeasuredFields name="testMeasures" />
        </Box>
      </Section>
      <Section title="Packing">
        <Box sx={grid(180)}>
          <Choice
            name="boxId"
            label="Box"
            none="In no box"
            options={[
              ...boxes.map((box) => ({ value: box.id, label: `${box.number} · ${box.name}` })),
              ...(item.boxId !== null && !boxes.some((box) => box.id === item.boxId)
                ? [{ value: item.boxId, label: 'a removed box' }]
                : []),
            ]}
          />
          {counted ? (
            <BaseAmountField name="gramsEach" label="Weighs each" kind="mass" optional />
          ) : (
            <Figure name="density" label="Density" unit="g/mL" optional />
          )}
        </Box>
      </Section>
      <Section title="Bought as">
        <Rows
          name="packs"
          add="Add a pack"
          fresh={() => freshPack(item.unit)}
          row={(row) => (
            <>
              <AmountField
                at={row}
                label="Pack"
                kinds={['volume', 'mass', 'count', 'length']}
                like={item}
              />
              <Price name={`${row}.price`} label="Price" />
              <Figure name={`${row}.leadDays`} label="Delivery time" unit="days" />
              <Words name={`${row}.supplier`} label="Sold by" />
            </>
          )}
        />
      </Section>
      {consumable ? (
        <Section title="Strength and label">
          <Box sx={grid(200)}>
            <Choice
              name="substance"
              label="Substance"
              none="Not a solution"
              options={options(SUBSTANCE)}
            />
            <Figure name="waste" label="Lost in handling" unit="%" />
            <Figure name="keepsOpen" label="Keeps open" unit="days" optional />
            <Choice
              name="cold"
              label="Cold"
              none="Not a cold liquid"
              options={options(COLD_KIND)}
            />
            <Choice
              name="material"
              label="Cooled down as"
              none="Not cooled"
              options={options(MATERIAL)}
            />
          </Box>
          <Box sx={{ mt: 1.5, maxWidth: 480, display: 'grid' }}>
            <StrengthFields name="strength" label="Strength" />
          </Box>
          <Box sx={{ ...grid(260), mt: 1.5 }}>
            <Choice name="label.signal" label="Signal word" options={options(SIGNAL)} />
            <Many
              name="label.hazards"
              label="Hazard codes"
              options={coded(HAZARD_CODES, hazardWords)}
            />
            <Many
              name="label.precautions"
              label="Precaution codes"
              options={coded(PRECAUTION_CODES, precautionWords)}
            />
          </Box>
          <Typography variant="body2" color="textSecondary" sx={{ mt: 1 }}>
            Copy the codes from the supplier’s label and data sheet: those come first.
          </Typography>
        </Section>
      ) : (
        <Section title="With cold liquid">
          <Box sx={grid(180)}>
            <Choice name="material" label="Made of" none="Not said" options={options(MATERIAL)} />
            <Choice name="lid" label="Closes, as a vessel" options={options(LID)} />
            <BaseAmountField name="holds" label="Holds, as a vessel" kind="volume" optional />
            <Figure
              name="boilsOff"
              label="Boils away in an hour"
              unit="mL, of dry ice g"
              optional
            />
          </Box>
        </Section>
      )}
    </>
  );
}

export default function ItemPage() {
  const { itemId = '' } = useParams();
  const editing = useDocument<Item>('/items', itemId);
  useNoGhost('/items', itemId, `/store/items/${itemId}`);
  const remove = useRemove();
  const item = editing.value;
  useTitle(item?.name ?? 'Item');
  if (!item)
    return (
      <Page title="Item">
        {editing.loadError ? <Trouble error={editing.loadError} /> : <Loading />}
      </Page>
    );
  return (
    <Box component="main" sx={{ px: { xs: 2, md: 3 }, pb: 6, maxWidth: 1000 }}>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap', py: 1.5 }}>
        <Button component={Link} to="/store" startIcon={<ArrowBack />}>
          Items
        </Button>
        <Typography variant="h1" sx={{ flex: '1 1 240px' }}>
          {item.name}
        </Typography>
        <SaveBar editing={editing} />
        <Button
          onClick={() =>
            void remove({
              path: `/items/${item.id}`,
              name: item.name,
              version: () => editing.store.versionNow(),
              then: '/store',
            })
          }
        >
          Remove
        </Button>
      </Box>
      <EditingNotices editing={editing} noun="item" />
      {!item.atVenue && <Lots item={item} />}
      <AutoForm editing={editing} type={ItemBody}>
        <Facts />
      </AutoForm>
      <Movements item={item} />
    </Box>
  );
}
