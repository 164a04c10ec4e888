/** One item: what there is of it, where it travels, where it is bought, and what to mind. */
import ArrowBack from '@mui/icons-material/ArrowBack';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import { useWatch } from 'react-hook-form';
import { Link, useParams } from 'react-router';
import { ItemBody, STOCK_UNITS } from '../../contract/item';
import { HAZARD_CODES, hazardWords, PRECAUTION_CODES, precautionWords } from '../../core/kit/ghs';
import type { Item } from '../../core/repertoire/item';
import { dimensionOf, UNITS } from '../../core/units/units';
import { lowerFirst } from '../../core/words';
import { useBoxes } from '../app/data';
import { useDocument } from '../documents/useDocument';
import { AmountField, BaseAmountField } from '../parts/AmountField';
import { EditingNotices, SaveBar, useRemove } from '../parts/editing';
import { FactLines } from '../parts/FactLines';
import { AutoForm, Choice, Figure, Many, Words, YesNoField } from '../parts/form';
import { EitherGap, FigureGap, OneGap, WordsGap } from '../parts/formGaps';
import { PartHead } from '../parts/PartHead';
import { SentenceText } from '../parts/SentenceText';
import { Loading, Page, Trouble, useTitle } from '../parts/page';
import { Price } from '../parts/Price';
import { StrengthFields } from '../parts/StrengthFields';
import {
  COLD_KIND,
  ITEM_KIND,
  LID,
  MATERIAL,
  OUTLINE,
  options,
  SIGNAL,
  STOW,
  SUBSTANCE,
} from '../parts/words';
import { freshPack } from '../repertoire/fresh';
import { Rows } from '../repertoire/Rows';
import { BottleLabel } from './BottleLabel';
import { Lots } from './Lots';
import { StockAhead } from './ahead/StockAhead';
import { StockHead } from './StockHead';
import { Movements } from './Movements';
import { MeasuredFields } from './MeasuredFields';

const coded = (codes: readonly string[], words: (codes: string[]) => string[]) =>
  codes.map((code) => ({ value: code, label: words([code])[0] ?? code }));

const KINDS = options(ITEM_KIND).map((kind) => ({ ...kind, label: lowerFirst(kind.label) }));
const stack = {
  display: 'grid',
  gap: 3,
  alignContent: 'start',
  gridTemplateColumns: 'minmax(0, 1fr)',
} as const;
const twoColumns = {
  display: 'grid',
  columnGap: 5,
  rowGap: 3,
  mt: 2,
  gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) minmax(0, 1fr)' },
} as const;

const Part = ({ title, children }: { title: string; children: ReactNode }) => (
  <Box component="section" aria-label={title} sx={{ display: 'grid', gap: 0.5 }}>
    <PartHead title={title} />
    {children}
  </Box>
);

const units = STOCK_UNITS.map((id) => ({ value: id, label: UNITS[id].label }));

/** What it is, in words that can be changed. */
function Sentence({ item }: { item: Item }) {
  const { data: boxes = [] } = useBoxes();
  const consumable = item.kind === 'consumable';
  return (
    <SentenceText>
      <WordsGap name="name" label="Name" least={6} />,{' '}
      <OneGap name="kind" label="Kind" options={KINDS} />
      , counted in <OneGap name="unit" label="Counted in" options={units} />.{' '}
      {consumable ? (
        <>
          It is{' '}
          <EitherGap
            name="atVenue"
            label="Found at the venue, such as tap water"
            yes="found at the venue"
            no="brought along"
          />
        </>
      ) : (
        <>
          Where none is counted, there are{' '}
          <FigureGap name="owned" label="How many there are" unsaid="as many as wanted" optional />
        </>
      )}
      , in{' '}
      <OneGap
        name="boxId"
        label="Box"
        none="no box"
        options={[
          ...boxes.map((box) => ({ value: box.id, label: `box ${box.number}, ${box.name}` })),
          ...(item.boxId !== null && !boxes.some((box) => box.id === item.boxId)
            ? [{ value: item.boxId, label: 'a removed box' }]
            : []),
        ]}
      />
      .
    </SentenceText>
  );
}

const Packs = ({ item }: { item: Item }) => (
  <Part title={item.kind === 'consumable' ? 'Bought as' : 'Bought or hired as'}>
    <Rows
      name="packs"
      add="Add a pack"
      least={150}
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
          <Words name={`${row}.supplier`} label="Sold or lent by" />
          {item.kind === 'consumable' ? (
            <Figure name={`${row}.keeps`} label="Keeps unopened" unit="days" optional />
          ) : (
            <Figure name={`${row}.hireDays`} label="Hired for" unit="days" optional />
          )}
        </>
      )}
    />
  </Part>
);

const Testing = () => (
  <Part title="Test">
    <Words name="functionTest" label="Function test" help="Such as: battery reads above 7 V" />
    <Figure name="testEvery" label="Tested every" unit="days" optional />
    <YesNoField name="testHolds" label="The show waits for an undone test" />
    <MeasuredFields name="testMeasures" />
  </Part>
);

const Weighing = ({ item }: { item: Item }) => (
  <Part title="Packing">
    {['count', 'length'].includes(dimensionOf(item.unit)) ? (
      <BaseAmountField name="gramsEach" label="Weighs each" kind="mass" optional />
    ) : (
      <Figure name="density" label="Density" unit="g/mL" optional />
    )}
    <Choice
      name="outline"
      label="From above"
      none="As usual for its kind"
      options={options(OUTLINE)}
    />
    <Many name="stows" label="On the way" options={options(STOW)} />
  </Part>
);

const Chemical = ({ item }: { item: Item }) => (
  <>
    <Part title="Label">
      <BottleLabel item={item} />
      <Choice name="label.signal" label="Signal word" options={options(SIGNAL)} />
      <Box className="over" sx={{ display: 'grid', gap: 1 }}>
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
      <Typography variant="body2" color="textSecondary">
        Copy the codes from the supplier’s label and data sheet: those come first.
      </Typography>
    </Part>
    <Part title="Strength, and how it keeps">
      <StrengthFields name="strength" label="Strength" />
      <Choice
        name="substance"
        label="Substance"
        none="Not a solution"
        options={options(SUBSTANCE)}
      />
      <Figure name="waste" label="Lost in handling" unit="%" />
      <Figure name="keepsOpen" label="Keeps open" unit="days" optional />
      <Choice name="cold" label="Cold" none="Not a cold liquid" options={options(COLD_KIND)} />
      <Choice
        name="material"
        label="Cooled down as"
        none="Not cooled"
        options={options(MATERIAL)}
      />
    </Part>
  </>
);

const Vessel = () => (
  <Part title="With cold liquid">
    <Choice name="material" label="Made of" none="Not said" options={options(MATERIAL)} />
    <Choice name="lid" label="Closes, as a vessel" options={options(LID)} />
    <BaseAmountField name="holds" label="Holds, as a vessel" kind="volume" optional />
    <Figure name="boilsOff" label="Boils away in an hour" unit="mL, of dry ice g" optional />
  </Part>
);

function Facts() {
  const item = useWatch() as Item;
  return (
    <FactLines>
      <Sentence item={item} />
      <Box sx={twoColumns}>
        <Box sx={stack}>
          <Packs item={item} />
          <Weighing item={item} />
          <Testing />
          <Part title="Notes">
            <Words name="note" label="Notes" multiline />
          </Part>
        </Box>
        <Box sx={stack}>{item.kind === 'consumable' ? <Chemical item={item} /> : <Vessel />}</Box>
      </Box>
    </FactLines>
  );
}

export default function ItemPage() {
  const { itemId = '' } = useParams();
  const editing = useDocument<Item>('/items', itemId);
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
    <Box component="main" sx={{ px: { xs: 2, md: 3 }, pb: 6, maxWidth: 1240 }}>
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
      {!item.atVenue && (
        <>
          {item.kind === 'consumable' ? <StockAhead item={item} /> : <StockHead item={item} />}
          <Lots item={item} />
        </>
      )}
      <AutoForm editing={editing} type={ItemBody}>
        <Facts />
      </AutoForm>
      <Movements item={item} />
    </Box>
  );
}
