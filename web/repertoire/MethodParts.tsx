/** What a method needs and what to mind: its kit, settings, hazards and warning, each edited in place. */
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Item } from '../../core/repertoire/types';
import { formatAmount } from '../../core/units/format';
import { KIT_UNITS, UNIT_IDS, UNITS } from '../../core/units/units';
import { newId } from '../app/api';
import { EditInPlace } from '../parts/EditInPlace';
import { Choice, Figure, Words } from '../parts/form';
import { HazardGlyph } from '../parts/HazardGlyph';
import { BASIS, HAZARD, options } from '../parts/words';
import { freshLine } from './fresh';
import { Heading, line, list, Nothing, type PartProps } from './partLayout';
import { Rows } from './Rows';

const unitOptions = (ids: readonly (keyof typeof UNITS)[]) =>
  ids.map((id) => ({ value: id, label: UNITS[id].label }));

export function KitPart({ at, method, items }: PartProps & { items: readonly Item[] }) {
  const nameOf = (id: string): string => items.find((item) => item.id === id)?.name ?? 'no item';
  return (
    <EditInPlace
      what="the kit"
      names={[`${at}.kit`]}
      read={
        <>
          <Heading>Kit</Heading>
          {method.kit.length === 0 && <Nothing>Nothing listed yet.</Nothing>}
          <Box component="ul" sx={list}>
            {method.kit.map((entry) => (
              <Box component="li" key={entry.id} sx={line}>
                <b>{formatAmount(entry.amount, entry.unit)}</b> {nameOf(entry.itemId)}
                <Typography variant="body2" component="span" color="textSecondary">
                  {entry.basis === 'perShow' ? '' : ` ${BASIS[entry.basis]}`}
                  {entry.note && ` · ${entry.note}`}
                </Typography>
              </Box>
            ))}
          </Box>
        </>
      }
      edit={
        <>
          <Heading>Kit</Heading>
          <Rows
            name={`${at}.kit`}
            add="Add a kit line"
            fresh={() => freshLine(items[0]?.id ?? 'none')}
            row={(row) => (
              <>
                <Choice
                  name={`${row}.itemId`}
                  label="Item"
                  options={items.map((item) => ({ value: item.id, label: item.name }))}
                />
                <Figure name={`${row}.amount`} label="Amount" />
                <Choice name={`${row}.unit`} label="Unit" options={unitOptions(KIT_UNITS)} />
                <Choice name={`${row}.basis`} label="Counted" options={options(BASIS)} />
                <Words name={`${row}.note`} label="Note" />
              </>
            )}
          />
        </>
      }
    />
  );
}

export function SettingsPart({ at, method }: PartProps) {
  return (
    <EditInPlace
      what="the settings"
      names={[`${at}.settings`]}
      read={
        <>
          <Heading>Settings</Heading>
          {method.settings.length === 0 && <Nothing>None that anybody changes.</Nothing>}
          <Box component="ul" sx={list}>
            {method.settings.map((setting) => (
              <Box component="li" key={setting.id} sx={line}>
                {setting.name} <b>{formatAmount(setting.value, setting.unit)}</b>
              </Box>
            ))}
          </Box>
        </>
      }
      edit={
        <>
          <Heading>Settings</Heading>
          <Rows
            name={`${at}.settings`}
            add="Add a setting"
            fresh={() => ({ id: newId(), name: 'Setting', value: 0, unit: 'mL' })}
            row={(row) => (
              <>
                <Words name={`${row}.name`} label="Setting" />
                <Figure name={`${row}.value`} label="Value" />
                <Choice name={`${row}.unit`} label="Unit" options={unitOptions(UNIT_IDS)} />
              </>
            )}
          />
        </>
      }
    />
  );
}

export function HazardsPart({ at, method }: PartProps) {
  return (
    <EditInPlace
      what="what could hurt"
      names={[`${at}.hazards`, `${at}.warning`]}
      read={
        <>
          <Heading>What could hurt</Heading>
          {method.hazards.length === 0 && <Nothing>Nothing listed yet.</Nothing>}
          <Box component="ul" sx={list}>
            {method.hazards.map((hazard) => (
              <Box
                component="li"
                key={hazard.kind}
                sx={{ ...line, display: 'flex', gap: 1, alignItems: 'flex-start' }}
              >
                <Box sx={{ pt: '2px' }}>
                  <HazardGlyph kind={hazard.kind} size={18} />
                </Box>
                <span>
                  <b>{HAZARD[hazard.kind]}.</b> {hazard.control}
                </span>
              </Box>
            ))}
          </Box>
          {method.warning && (
            <Box sx={{ ...line }}>
              Say before: <b>“{method.warning}”</b>
            </Box>
          )}
          <Typography variant="body2" color="textSecondary" sx={{ mt: 0.5 }}>
            Local rules, the venue and the supplier’s safety data sheet come first.
          </Typography>
        </>
      }
      edit={
        <>
          <Heading>What could hurt</Heading>
          <Rows
            name={`${at}.hazards`}
            add="Add a hazard"
            fresh={() => ({ kind: 'hot', control: '' })}
            row={(row) => (
              <>
                <Choice name={`${row}.kind`} label="Hazard" options={options(HAZARD)} />
                <Words name={`${row}.control`} label="Kept in hand by" />
              </>
            )}
          />
          <Box sx={{ mt: 1.5 }}>
            <Words name={`${at}.warning`} label="Warning said before" />
          </Box>
        </>
      }
    />
  );
}
