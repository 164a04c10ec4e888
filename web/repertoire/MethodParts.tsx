/** What a method is set to and what to mind: settings, hazards and warning, each edited in place. */
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useWatch } from 'react-hook-form';
import { blankHazard } from '../../core/repertoire/blank';
import { FIRST_AID } from '../../core/repertoire/hazards';
import { RISK_LEVEL_WORDS, riskLevel } from '../../core/repertoire/matrix';
import { toThreeFigures } from '../../core/calculators/calculator';
import type { Method, Setting } from '../../core/repertoire/types';
import { type SettingUse, usesOf } from '../../core/calculators/uses';
import { listInWords } from '../../core/words';
import { useRiskMatrix } from '../app/data';
import { newId } from '../app/api';
import { AmountField } from '../parts/AmountField';
import { EditInPlace } from '../parts/EditInPlace';
import { Choice, Figure, Words } from '../parts/form';
import { useAmountText } from '../parts/useAmountText';
import { HazardGlyph } from '../parts/HazardGlyph';
import { AT_RISK, HAZARD, options } from '../parts/words';
import { HazardFields } from './HazardFields';
import { Suggestions } from './Suggestions';
import { Heading, line, list, Nothing, type PartProps } from './partLayout';
import { Rows } from './Rows';

export function SettingsPart({ at, method }: PartProps) {
  const amountText = useAmountText();
  const settings = (useWatch({ name: `${at}.settings` }) ?? []) as Setting[];
  const calculators = (useWatch({ name: `${at}.calculators` }) ?? []) as Method['calculators'];
  const usedFor = (i: number): SettingUse => usesOf({ calculators }, settings[i]?.id ?? '');
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
                {setting.name}{' '}
                <b>
                  {setting.most !== null && `${toThreeFigures(setting.value)} to `}
                  {amountText(setting.most ?? setting.value, setting.unit)}
                </b>
                {setting.source && (
                  <Box component="span" sx={{ fontSize: 14, color: 'var(--muted)' }}>
                    {' '}
                    · {setting.source}
                  </Box>
                )}
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
            fresh={() => ({
              id: newId(),
              name: 'Setting',
              value: 0,
              unit: 'mL',
              most: null,
              source: '',
            })}
            held={(i) => {
              const used = usedFor(i).calculators;
              return used.length === 0
                ? null
                : `Reckoned with in ${listInWords(used.map((title) => `“${title}”`))}: take it out there first.`;
            }}
            row={(row, i) => {
              const { kinds } = usedFor(i);
              return (
                <>
                  <Words name={`${row}.name`} label="Setting" />
                  <AmountField
                    at={row}
                    part="value"
                    label="Value"
                    {...(kinds === null ? {} : { kinds })}
                  />
                  <Figure name={`${row}.most`} label="Up to, for a range" optional />
                  <Words name={`${row}.source`} label="From" help="Such as common practice" />
                </>
              );
            }}
          />
        </>
      }
    />
  );
}

export function HazardsPart({ at, method }: PartProps) {
  const matrix = useRiskMatrix();
  return (
    <EditInPlace
      what="the hazards"
      part="hazards"
      names={['hazards', 'ruledOut', 'warning'].map((name) => `${at}.${name}`)}
      read={
        <>
          <Heading>Hazards</Heading>
          {method.hazards.length === 0 && <Nothing>Nothing listed yet.</Nothing>}
          <Box component="ul" sx={list}>
            {method.hazards.map((hazard, i) => (
              <Box
                component="li"
                key={`${hazard.kind} ${i}`}
                sx={{ ...line, display: 'flex', gap: 1, alignItems: 'flex-start' }}
              >
                <Box sx={{ pt: '2px' }}>
                  <HazardGlyph kind={hazard.kind} size={18} />
                </Box>
                <span>
                  <b>{HAZARD[hazard.kind]}.</b> {hazard.control}
                  <Box
                    component="span"
                    sx={{ display: 'block', fontSize: 14, color: 'var(--muted)' }}
                  >
                    {listInWords(hazard.atRisk.map((one) => AT_RISK[one])) || 'nobody named'};
                    remaining risk:{' '}
                    {hazard.after ? RISK_LEVEL_WORDS[riskLevel(hazard.after, matrix)] : 'not rated'}
                    . {hazard.firstAid || FIRST_AID[hazard.kind]}
                  </Box>
                </span>
              </Box>
            ))}
          </Box>
          {method.ruledOut.length > 0 && (
            <Box sx={{ ...line, fontSize: 14, color: 'var(--muted)' }}>
              Not there:{' '}
              {method.ruledOut
                .map(({ kind, why }) => `${HAZARD[kind].toLowerCase()} (${why})`)
                .join('; ')}
            </Box>
          )}
          <Suggestions at={at} method={method} />
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
          <Heading>Hazards</Heading>
          <Rows
            name={`${at}.hazards`}
            add="Add a hazard"
            fresh={() => blankHazard('hot')}
            row={(row) => <HazardFields row={row} />}
          />
          <Box sx={{ mt: 1.5 }}>
            <Rows
              name={`${at}.ruledOut`}
              add="Rule a hazard out"
              fresh={() => ({ kind: 'latex', why: '' })}
              row={(row) => (
                <>
                  <Choice name={`${row}.kind`} label="Not there" options={options(HAZARD)} />
                  <Words name={`${row}.why`} label="Why" />
                </>
              )}
            />
          </Box>
          <Box sx={{ mt: 1.5 }}>
            <Words name={`${at}.warning`} label="Warning said before" />
          </Box>
        </>
      }
    />
  );
}
