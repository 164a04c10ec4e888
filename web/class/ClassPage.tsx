/** A class that tries it itself: what may be chosen, sets for its groups, and what they chose and got wrong, counted. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import {
  blankClassSet,
  blankOption,
  type ClassOption,
  type ClassSet,
  commonestError,
  groupsCounted,
  groupsInWords,
  groupSizes,
} from '../../core/brief/classSet';
import { type ClassSheet, classSheets } from '../../core/ready/atHome/classSheet';
import { ALLOWED_WORDS, thingWords } from '../../core/ready/atHome/words';
import { counted, listInWords, upperFirst } from '../../core/words';
import { newId } from '../app/api';
import { useDemos } from '../app/data';
import { useOpenShow } from '../brief/useShow';
import { Reasons } from '../handout/Reasons';
import { AddForm } from '../parts/AddForm';
import { Count } from '../parts/Count';
import { Empty } from '../parts/page';
import { Pick } from '../parts/Pick';
import { ReadOnly } from '../parts/ReadOnly';

/** So many can be chosen among, and so many errors are told apart. */
const OPTIONS_MOST = 6;
const ERRORS_MOST = 12;
const GROUPS_MOST = 500;

type Change = (of: (set: ClassSet) => ClassSet) => void;

function Errors({ option, put }: { option: ClassOption; put: (to: ClassOption) => void }) {
  const [words, setWords] = useState('');
  const commonest = commonestError(option);
  const add = (): void => {
    const text = words.trim();
    if (text === '' || option.errors.length >= ERRORS_MOST) return;
    setWords('');
    put({ ...option, errors: [...option.errors, { id: newId(), words: text, count: 1 }] });
  };
  return (
    <>
      {option.errors.map((error) => (
        <Count
          key={error.id}
          label={error.words}
          value={error.count}
          least={0}
          most={GROUPS_MOST}
          onChange={(count) =>
            put({
              ...option,
              errors:
                count === 0 && error.count === 0
                  ? option.errors
                  : option.errors.map((one) => (one === error ? { ...one, count } : one)),
            })
          }
        />
      ))}
      {option.errors.length < ERRORS_MOST && (
        <AddForm label="Count it" onAdd={add}>
          <TextField
            size="small"
            label="What went wrong"
            value={words}
            onChange={(event) => setWords(event.target.value)}
            slotProps={{ htmlInput: { maxLength: 80 } }}
            sx={{ flex: '1 1 160px' }}
          />
        </AddForm>
      )}
      {commonest && (
        <Box sx={{ mt: 1 }} aria-live="polite">
          <b>Most often:</b> {listInWords(commonest.words)}, {counted(commonest.count, 'group')}
          {commonest.share !== null && ` (${Math.round(commonest.share * 100)} %)`}
        </Box>
      )}
    </>
  );
}

function Option({ sheet, set, change }: { sheet: ClassSheet; set: ClassSet; change: Change }) {
  const { option, judged, may } = sheet;
  const put = (to: ClassOption): void =>
    change((now) => ({
      ...now,
      options: now.options.map((one) => (one.id === option.id ? to : one)),
    }));
  const all = groupsCounted(set);
  const chose = option.chose ?? 0;
  return (
    <Box
      component="article"
      aria-label={sheet.name}
      sx={{ border: '1px solid var(--line-strong)', borderRadius: 1.5, p: 2, minWidth: 0 }}
    >
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline', flexWrap: 'wrap' }}>
        <Box component="h3" sx={{ font: '700 20px/26px Bricolage', m: 0, flex: 1 }}>
          <Link to={`/demos/${option.demoId}?method=${option.methodId}`}>{sheet.name}</Link>
        </Box>
        <Button
          size="small"
          aria-label={`Not ${sheet.name}`}
          onClick={() =>
            change((now) => ({
              ...now,
              options: now.options.filter(({ id }) => id !== option.id),
            }))
          }
        >
          Take it off
        </Button>
      </Box>
      <Box sx={{ color: 'var(--muted)' }}>
        {sheet.household ? 'in household amounts' : upperFirst(sheet.methodName)}
      </Box>
      {may ? (
        <Box sx={{ my: 1 }}>
          <Box sx={{ font: '600 17px/24px Bricolage' }}>{sheet.sets.words}</Box>
          <Box>Each: {sheet.things.map(thingWords).join(', ')}</Box>
          {judged.conditions.length > 0 && <Box>{upperFirst(judged.conditions.join(', '))}</Box>}
        </Box>
      ) : (
        <Box sx={{ my: 1 }}>
          <Box sx={{ font: '600 17px/24px Bricolage', color: 'var(--ember)' }}>
            △ Not for a class: {ALLOWED_WORDS[judged.allowed].toLowerCase()} either
          </Box>
          <Reasons judged={judged} />
        </Box>
      )}
      <Box component="h4" sx={{ font: '600 15px/22px Bricolage', m: 0, mt: 1.5 }}>
        Counted
      </Box>
      <Count
        label={`Groups that chose it${all > 0 ? `, of ${all}` : ''}`}
        value={chose}
        least={0}
        most={GROUPS_MOST}
        onChange={(value) => put({ ...option, chose: value })}
      />
      <Errors option={option} put={put} />
      {option.before.of > 0 && (
        <Box sx={{ mt: 1, fontSize: 14, color: 'var(--muted)' }}>
          In earlier classes {option.before.chose} of {counted(option.before.of, 'group')} chose it.
        </Box>
      )}
    </Box>
  );
}

function AddOption({ set, change }: { set: ClassSet; change: Change }) {
  const { data: demos = [] } = useDemos();
  const taken = new Set(set.options.map(({ demoId }) => demoId));
  if (set.options.length >= OPTIONS_MOST) return null;
  return (
    <Box sx={{ width: { xs: '100%', sm: 280 } }}>
      <Pick
        label="One more to choose from"
        value={null}
        none="Choose a demo"
        options={demos
          .filter(({ id, methods }) => !taken.has(id) && methods.length > 0)
          .map(({ id, name }) => ({ value: id, label: name }))}
        onChange={(id) => {
          const [method] = demos.find((one) => one.id === id)?.methods ?? [];
          if (id !== null && method)
            change((now) => ({
              ...now,
              options: [...now.options, blankOption(newId(), id, method.id)],
            }));
        }}
      />
    </Box>
  );
}

export default function ClassPage() {
  const { show, store, bundle, answer } = useOpenShow();
  const sheets = useMemo(() => classSheets(bundle, answer.records), [bundle, answer.records]);
  const set = show.classSet;
  if (!set)
    return (
      <Empty title="A class tries it itself">
        <p>
          Groups of pupils choose one of several demos. Sets for all groups, with spare ones, go on
          the kit list; each group gets a sheet to write on.
        </p>
        <ReadOnly quiet>
          <Button
            variant="contained"
            onClick={() =>
              store.change((now) => ({
                ...now,
                classSet: blankClassSet(Math.min(500, Math.max(1, Math.min(now.audience, 30)))),
              }))
            }
          >
            Plan it for a class
          </Button>
        </ReadOnly>
      </Empty>
    );
  const change: Change = (of) =>
    store.change((now) => ({ ...now, classSet: now.classSet && of(now.classSet) }));
  const gone = set.options.filter(({ id }) => !sheets.some(({ option }) => option.id === id));
  const counted = groupsCounted(set);
  const groups = groupSizes(set).length;
  return (
    <Box sx={{ maxWidth: 1200 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'center', mb: 1 }}>
        <Box sx={{ flex: '1 1 300px' }}>
          <Box component="h2" sx={{ font: '700 26px/32px Bricolage', m: 0 }}>
            In class
          </Box>
          <Box sx={{ color: 'var(--muted)' }}>
            {groupsInWords(set)}, one of {set.options.length} to choose
            {counted > 0 && ` · ${counted} of ${groups} counted`}
          </Box>
        </Box>
        {sheets.some(({ may }) => may) && (
          <Button
            variant="outlined"
            component="a"
            href={`/api/shows/${show.id}/observation.pdf`}
            download
          >
            Observation sheets (PDF)
          </Button>
        )}
        <Button component={Link} to="../kit">
          Kit, with these sets
        </Button>
      </Box>
      <ReadOnly quiet>
        <Box
          sx={{
            display: 'grid',
            columnGap: 3,
            mb: 2,
            gridTemplateColumns: { sm: 'repeat(3, minmax(0, 280px))' },
          }}
        >
          <Count
            label="Pupils"
            value={set.pupils}
            least={1}
            most={500}
            onChange={(pupils) => change((now) => ({ ...now, pupils }))}
          />
          <Count
            label="In a group at the most"
            value={set.perGroup}
            least={1}
            most={12}
            onChange={(perGroup) => change((now) => ({ ...now, perGroup }))}
          />
          <Pick
            label="Sets are enough in"
            value={String(set.enough)}
            options={[...new Set([80, 90, 95, 99, set.enough])].map((value) => ({
              value: String(value),
              label: `${value} of 100 classes`,
            }))}
            onChange={(value) => change((now) => ({ ...now, enough: Number(value) }))}
          />
        </Box>
        <Box
          sx={{
            display: 'grid',
            gap: 2,
            alignItems: 'start',
            gridTemplateColumns: 'repeat(auto-fill, minmax(min(100%, 320px), 1fr))',
          }}
        >
          {sheets.map((sheet) => (
            <Option key={sheet.option.id} sheet={sheet} set={set} change={change} />
          ))}
          {gone.map(({ id }) => (
            <Box key={id} sx={{ border: '1px dashed var(--line-strong)', p: 2 }}>
              A demo that is not there any more.{' '}
              <Button
                size="small"
                onClick={() =>
                  change((now) => ({
                    ...now,
                    options: now.options.filter((one) => one.id !== id),
                  }))
                }
              >
                Take it off
              </Button>
            </Box>
          ))}
        </Box>
        <Box sx={{ mt: 2, display: 'flex', gap: 2, flexWrap: 'wrap', alignItems: 'center' }}>
          <AddOption set={set} change={change} />
          <Button onClick={() => store.change((now) => ({ ...now, classSet: null }))}>
            No class
          </Button>
        </Box>
      </ReadOnly>
    </Box>
  );
}
