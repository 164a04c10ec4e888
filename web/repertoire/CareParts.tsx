/** What a method asks of the room, of those who do it, and of volunteers; each edited in place. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useFormContext } from 'react-hook-form';
import { NEVER_WORDS } from '../../core/ready/cautions';
import { EXTINGUISHER_WORDS } from '../../core/ready/words';
import { EXTINGUISHERS, type Needs } from '../../core/repertoire/care';
import { withFetching } from '../../core/repertoire/fetching';
import type { Method } from '../../core/repertoire/types';
import { MUST_NOT_WORDS } from '../../core/repertoire/volunteerCard';
import { formatAmount } from '../../core/units/format';
import { listInWords } from '../../core/words';
import { newId } from '../app/api';
import { EditInPlace } from '../parts/EditInPlace';
import { Choice, Figure, Many, Words, YesNoField } from '../parts/form';
import { options, ROLE, WHERE_NEEDED } from '../parts/words';
import { grid } from './grid';
import { Heading, line, list, Nothing, type PartProps } from './partLayout';

function needsInWords(needs: Needs): string[] {
  return [
    needs.where !== 'either' && WHERE_NEEDED[needs.where],
    needs.water && 'water',
    needs.drain && 'a drain',
    needs.dark && 'the dark',
    needs.levelFloor && 'a level floor',
    needs.ceilingM !== null && `${formatAmount(needs.ceilingM, 'm')} of height`,
    needs.clearM !== null && `${formatAmount(needs.clearM, 'm')} clear around it`,
    needs.windMost !== null && `no more wind than ${formatAmount(needs.windMost, 'mps')}`,
    needs.powerW !== null && formatAmount(needs.powerW, 'W'),
  ].filter((words) => words !== false);
}

export function NeedsPart({ at, method }: PartProps) {
  const needs = needsInWords(method.needs);
  return (
    <EditInPlace
      what="what it needs of the room"
      part="needs"
      names={[`${at}.needs`]}
      read={
        <>
          <Heading>Needs of the room</Heading>
          {needs.length === 0 ? (
            <Nothing>Nothing in particular.</Nothing>
          ) : (
            <Box sx={line}>{listInWords(needs)}</Box>
          )}
        </>
      }
      edit={
        <>
          <Heading>Needs of the room</Heading>
          <Box sx={grid(130)}>
            <Choice name={`${at}.needs.where`} label="Where" options={options(WHERE_NEEDED)} />
            <Figure name={`${at}.needs.clearM`} label="Clear around it" unit="m" optional />
            <Figure name={`${at}.needs.ceilingM`} label="Height" unit="m" optional />
            <Figure name={`${at}.needs.windMost`} label="Wind at the most" unit="m/s" optional />
            <Figure name={`${at}.needs.powerW`} label="Power" unit="W" optional />
            <YesNoField name={`${at}.needs.water`} label="Water" />
            <YesNoField name={`${at}.needs.drain`} label="Drain" />
            <YesNoField name={`${at}.needs.dark`} label="The dark" />
            <YesNoField name={`${at}.needs.levelFloor`} label="Level floor" />
          </Box>
        </>
      }
    />
  );
}

export function CarePart({ at, method }: PartProps) {
  const { disposal, extinguisher, heldBy, never } = method.care;
  return (
    <EditInPlace
      what="fire and what is left over"
      part="care"
      names={[`${at}.care`]}
      read={
        <>
          <Heading>Fire, and what is left over</Heading>
          <Box component="ul" sx={list}>
            <Box component="li" sx={line}>
              {extinguisher === 'none'
                ? 'No extinguisher named'
                : `${EXTINGUISHER_WORDS[extinguisher]}, held by ${heldBy ? ROLE[heldBy] : 'nobody named'}`}
            </Box>
            {disposal && (
              <Box component="li" sx={line}>
                Afterwards: {disposal}
              </Box>
            )}
            {never.map((one) => (
              <Box component="li" key={one} sx={{ ...line, color: 'var(--ember)' }}>
                ■ {NEVER_WORDS[one]}: not for a show
              </Box>
            ))}
          </Box>
        </>
      }
      edit={
        <>
          <Heading>Fire, and what is left over</Heading>
          <Box sx={grid(150)}>
            <Choice
              name={`${at}.care.extinguisher`}
              label="Extinguisher"
              options={EXTINGUISHERS.map((value) => ({ value, label: EXTINGUISHER_WORDS[value] }))}
            />
            <Choice
              name={`${at}.care.heldBy`}
              label="Held by"
              none="nobody"
              options={options(ROLE)}
            />
          </Box>
          <Box sx={{ display: 'grid', gap: 1.5, mt: 1.5 }}>
            <Words name={`${at}.care.disposal`} label="Where what is left over goes" />
            <Many
              name={`${at}.care.never`}
              label="It has (each stops the show)"
              options={options(NEVER_WORDS)}
            />
          </Box>
        </>
      }
    />
  );
}

/** The step in which they are fetched, put in with one press where none is named. */
function FetchingStep({ at, offered }: { at: string; offered: boolean }) {
  const { getValues, setValue } = useFormContext();
  const method = getValues(at) as Method | undefined;
  if (!offered || !method || !(method.volunteers > 0)) return null;
  const put = (): void => {
    const { tasks, volunteerCard } = withFetching(method, newId());
    setValue(`${at}.tasks`, tasks, { shouldDirty: true });
    setValue(`${at}.volunteerCard.fetchedIn`, volunteerCard.fetchedIn, { shouldDirty: true });
  };
  return (
    <Box>
      <Button variant="outlined" size="small" onClick={put}>
        Put in a step for fetching them
      </Button>
    </Box>
  );
}

export function VolunteersPart({ at, method }: PartProps) {
  const card = method.volunteerCard;
  const tasks = method.tasks.filter((task) => task.phase === 'perform' || task.phase === 'prepare');
  const fetched = tasks.find((task) => task.id === card.fetchedIn);
  return (
    <EditInPlace
      what="the volunteer card"
      part="volunteers"
      names={[`${at}.volunteerCard`, `${at}.volunteers`]}
      read={
        <>
          <Heading>Volunteers</Heading>
          {method.volunteers === 0 ? (
            <Nothing>Nobody from the audience.</Nothing>
          ) : (
            <Box component="ul" sx={list}>
              <Box component="li" sx={line}>
                <b>{method.volunteers}</b>
                {fetched ? `, fetched in “${fetched.name}”` : ''}
              </Box>
              {card.suits && (
                <Box component="li" sx={line}>
                  Suits: {card.suits}
                </Box>
              )}
              {card.mustNot.length > 0 && (
                <Box component="li" sx={line}>
                  <b>Not:</b> {listInWords(card.mustNot.map((one) => MUST_NOT_WORDS[one]))}
                </Box>
              )}
              {card.ask && (
                <Box component="li" sx={line}>
                  “{card.ask}”
                </Box>
              )}
              {card.letGo && (
                <Box component="li" sx={line}>
                  “{card.letGo}”
                </Box>
              )}
              {card.gear.length > 0 && (
                <Box component="li" sx={line}>
                  Put on: {listInWords(card.gear)}
                </Box>
              )}
              {card.steps.map((words, i) => (
                <Box component="li" key={words} sx={line}>
                  {i + 1}. {words}
                </Box>
              ))}
              {card.wayOff && (
                <Box component="li" sx={line}>
                  Off again: {card.wayOff}
                </Box>
              )}
            </Box>
          )}
        </>
      }
      edit={
        <>
          <Heading>Volunteers</Heading>
          <Box sx={{ display: 'grid', gap: 1.5 }}>
            <Figure name={`${at}.volunteers`} label="How many" />
            <Choice
              name={`${at}.volunteerCard.fetchedIn`}
              label="Fetched in"
              none="not said"
              options={tasks.map((task) => ({ value: task.id, label: task.name }))}
            />
            <FetchingStep at={at} offered={fetched === undefined} />
            <Words name={`${at}.volunteerCard.suits`} label="Who suits" multiline />
            <Many
              name={`${at}.volunteerCard.mustNot`}
              label="Who must not"
              options={options(MUST_NOT_WORDS)}
            />
            <Words name={`${at}.volunteerCard.ask`} label="Words to ask" />
            <Words name={`${at}.volunteerCard.letGo`} label="Words to let go" />
            <Many name={`${at}.volunteerCard.gear`} label="Put on" />
            <Many name={`${at}.volunteerCard.steps`} label="What they do, one line at a time" />
            <Words name={`${at}.volunteerCard.wayOff`} label="The way off" />
          </Box>
        </>
      }
    />
  );
}
