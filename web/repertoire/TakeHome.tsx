/** What goes home with the audience: written where it stands, beside what the judging says of it. */
import { useQueries } from '@tanstack/react-query';
import Box from '@mui/material/Box';
import { useWatch } from 'react-hook-form';
import type { ItemName } from '../../contract/api';
import { sheetEntry } from '../../core/ready/atHome/sheet';
import { ALLOWED_WORDS, SAID_WORDS } from '../../core/ready/atHome/words';
import { homeMethod } from '../../core/repertoire/handOut';
import { HAZARD_WORDS } from '../../core/repertoire/hazards';
import type { Item } from '../../core/repertoire/item';
import type { Demo } from '../../core/repertoire/types';
import { HOUSEHOLD } from '../../core/units/household';
import { upperFirst } from '../../core/words';
import { newId } from '../app/api';
import { itemQuery, useItemNames, useSettings } from '../app/data';
import { Entry } from '../handout/Entry';
import { Reasons } from '../handout/Reasons';
import { AmountField } from '../parts/AmountField';
import { EditInPlace } from '../parts/EditInPlace';
import { Choice, Figure, Find, Many, Words } from '../parts/form';
import { MAKE } from '../parts/make';
import { Loading, Section } from '../parts/page';
import { useAmountText } from '../parts/useAmountText';
import { options } from '../parts/words';
import { grid } from './grid';
import { Heading, Nothing } from './partLayout';
import { Rows } from './Rows';

const AT = 'handOut';

function Thing({ row, items }: { row: string; items: readonly ItemName[] }) {
  const itemId = useWatch({ name: `${row}.itemId` }) as string | undefined;
  return (
    <Box sx={{ gridColumn: '1 / -1', ...grid(130) }}>
      <Find
        name={`${row}.itemId`}
        label="Thing"
        options={items.map(({ id, name }) => ({ value: id, label: name }))}
        make={MAKE.thing}
      />
      <AmountField at={row} label="Amount" like={items.find(({ id }) => id === itemId)} />
    </Box>
  );
}

/** How it is done at home: only asked of what may be tried. */
function HomeFields({ demo, items }: { demo: Demo; items: readonly ItemName[] }) {
  const amountText = useAmountText();
  const method = homeMethod(demo);
  const [first] = items;
  const [setting] = method?.settings ?? [];
  return (
    <>
      {demo.methods.length > 1 && (
        <Choice
          name={`${AT}.methodId`}
          label="The way it is done at home"
          none="The first"
          options={demo.methods.map(({ id, name }) => ({ value: id, label: upperFirst(name) }))}
        />
      )}
      <Words name={`${AT}.steps`} label="How, a step a line" multiline />
      <Heading>What it takes, in household amounts</Heading>
      <Rows
        name={`${AT}.things`}
        add="Add a thing"
        fresh={() => ({ id: newId(), itemId: first?.id ?? '', amount: 1, unit: 'piece' })}
        row={(row) => <Thing row={row} items={items} />}
      />
      {setting && (
        <>
          <Heading>Figures of the method, as they are at home</Heading>
          <Rows
            name={`${AT}.figures`}
            add="Add a figure"
            fresh={() => ({ settingId: setting.id, value: setting.value })}
            row={(row) => (
              <>
                <Choice
                  name={`${row}.settingId`}
                  label="Figure"
                  options={(method?.settings ?? []).map(({ id, name, value, unit }) => ({
                    value: id,
                    label: `${name}, on stage ${amountText(value, unit)}`,
                  }))}
                />
                <Figure name={`${row}.value`} label="At home" help="In the same unit" />
              </>
            )}
          />
        </>
      )}
      {method && method.hazards.length > 0 && (
        <Many
          name={`${AT}.without`}
          label="Hazards that household amounts don’t have"
          options={method.hazards.map(({ kind }) => ({ value: kind, label: HAZARD_WORDS[kind] }))}
        />
      )}
    </>
  );
}

function Fields({ demo, items }: { demo: Demo; items: readonly ItemName[] }) {
  const { atHome } = demo.handOut;
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <Words name={`${AT}.saw`} label="What we saw" help="Empty: the hook" multiline />
      <Words name={`${AT}.why`} label="Why it is so" help="Empty: the idea it shows" multiline />
      <Many
        name={`${AT}.questions`}
        label="To think about"
        help="Press Enter after each question"
      />
      <Choice name={`${AT}.atHome`} label="Tried at home" options={options(SAID_WORDS)} />
      {atHome === 'never' && <Words name={`${AT}.whyNot`} label="Why not" multiline />}
      {(atHome === 'adult' || atHome === 'alone') && <HomeFields demo={demo} items={items} />}
    </Box>
  );
}

/** The things a hand-out names, with all that is judged of them; null until all that there are have come. */
function useThings(demo: Demo): Item[] | null {
  const ids = [...new Set(demo.handOut.things.map(({ itemId }) => itemId))].filter(Boolean);
  return useQueries({
    queries: ids.map(itemQuery),
    combine: (results) =>
      results.some(({ isPending }) => isPending) ? null : results.flatMap(({ data }) => data ?? []),
  });
}

export function TakeHome({ demo }: { demo: Demo }) {
  const things = useThings(demo);
  const { data: items = [] } = useItemNames();
  const sizes = useSettings().data?.household ?? HOUSEHOLD;
  // What is not here yet is not judged: it would be told as gone.
  const isWaiting = things === null;
  const entry = sheetEntry(demo, things ?? [], sizes);
  const { allowed, reasons } = entry.judged;
  const { atHome } = demo.handOut;
  return (
    <Section title="Take home">
      <Box
        sx={{
          display: 'grid',
          columnGap: 4,
          rowGap: 2,
          alignItems: 'start',
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 620px) minmax(0, 420px)' },
        }}
      >
        <EditInPlace
          what="what goes home"
          names={[AT]}
          read={isWaiting ? <Loading rows={2} /> : <Entry entry={entry} unnamed />}
          edit={<Fields demo={demo} items={items} />}
        />
        <Box component="section" aria-label="Judged with household amounts">
          <Heading>Judged with household amounts</Heading>
          {atHome === 'unknown' ? (
            <Nothing>
              Nobody has said whether it may be tried at home: it is not on the hand-out.
            </Nothing>
          ) : (
            <Box sx={{ fontWeight: 600 }} {...(isWaiting && { 'aria-busy': true })}>
              {isWaiting ? 'Being judged …' : ALLOWED_WORDS[allowed]}
              {!isWaiting && allowed === 'unknown' && ': not everything is known'}
            </Box>
          )}
          {!isWaiting && <Reasons judged={{ reasons }} />}
        </Box>
      </Box>
    </Section>
  );
}
