import Box from '@mui/material/Box';
import { useController } from 'react-hook-form';
import type { HandRole, Method } from '../../core/repertoire/types';
import { formatDuration } from '../../core/time/clock';
import { listInWords, lowerFirst } from '../../core/words';
import { newId } from '../app/api';
import { EditInPlace } from '../parts/EditInPlace';
import { Choice, Many } from '../parts/form';
import { TimeSpread } from '../parts/TimeFields';
import { Pick } from '../parts/Pick';
import { options, RESIDUE, ROLE, WHERE } from '../parts/words';
import { Heading, line, list, Nothing, type PartProps } from './partLayout';
import { Rows } from './Rows';

/** What a performance leaves on the stage, and what must not be about for it. */
export function ResiduesPart({ at, method }: PartProps) {
  return (
    <EditInPlace
      what="what is left behind"
      names={[`${at}.leaves`, `${at}.forbids`]}
      read={
        <>
          <Heading>Leaves behind</Heading>
          {method.leaves.length === 0 && <Nothing>Leaves nothing that matters.</Nothing>}
          <Box component="ul" sx={list}>
            {method.leaves.map((left) => (
              <Box component="li" key={left.id} sx={line}>
                <b>{RESIDUE[left.kind]}</b>{' '}
                {left.where === 'stage' ? 'everywhere' : 'where it is done'},{' '}
                {left.hands.length > 0
                  ? `cleared in ${formatDuration(left.time.likely)}`
                  : `gone by itself after ${formatDuration(left.time.likely)}`}
              </Box>
            ))}
          </Box>
          {method.forbids.length > 0 && (
            <Box sx={line}>
              Must be gone first:{' '}
              <b>{listInWords(method.forbids.map((kind) => lowerFirst(RESIDUE[kind])))}</b>
            </Box>
          )}
        </>
      }
      edit={
        <>
          <Heading>Leaves behind</Heading>
          <Rows
            name={`${at}.leaves`}
            add="Add what it leaves"
            fresh={() => ({
              id: newId(),
              kind: 'water',
              where: 'position',
              time: { shortest: 30, likely: 45, longest: 60 },
              hands: [{ role: 'anyone', count: 1, competence: null }],
            })}
            row={(row) => (
              <>
                <Choice name={`${row}.kind`} label="Leaves" options={options(RESIDUE)} />
                <Choice name={`${row}.where`} label="Where" options={options(WHERE)} />
                <TimeSpread at={`${row}.time`} family="clear" />
                <ClearedBy name={`${row}.hands`} />
              </>
            )}
          />
          <Box sx={{ mt: 1.5 }}>
            <Many name={`${at}.forbids`} label="Must be gone first" options={options(RESIDUE)} />
          </Box>
        </>
      }
    />
  );
}

/** By a task, or by time alone. */
function ClearedBy({ name }: { name: string }) {
  const { field } = useController({ name });
  const hands = (field.value as Method['leaves'][number]['hands'] | undefined) ?? [];
  return (
    <Pick
      label="Goes"
      value={hands[0]?.role ?? null}
      none="by itself"
      options={Object.entries(ROLE).map(([value, role]) => ({
        value: value as HandRole,
        label: `cleared by ${role}`,
      }))}
      onChange={(role) =>
        field.onChange(
          role === null ? [] : [{ count: 1, competence: hands[0]?.competence ?? null, role }],
        )
      }
    />
  );
}
