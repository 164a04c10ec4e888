/** The words of a demonstration against time: read line by line, edited in place, what is too long cut with one press. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { DemoBody } from '../../contract/repertoire';
import { linesOf, SAY_MOST, sayOf, USUAL_PACE, withoutCuts } from '../../core/repertoire/script';
import type { Demo } from '../../core/repertoire/types';
import { scriptOfMethod, type ScriptStep } from '../../core/ready/script/script';
import { upperFirst } from '../../core/words';
import { useDocument } from '../documents/useDocument';
import { EditingNotices, SaveBar } from '../parts/editing';
import { AutoForm } from '../parts/form';
import { Loading, Page, Trouble } from '../parts/page';
import { Pick } from '../parts/Pick';
import { QuestionPart } from '../repertoire/QuestionPart';
import { CameraPart } from './CameraPart';
import { ScriptSteps, scriptWords } from './ScriptSteps';

function EditWords({
  say,
  step,
  onSay,
}: {
  say: string;
  step: ScriptStep;
  onSay: (say: string) => void;
}) {
  const [isOpen, setOpen] = useState(false);
  return (
    <Box sx={{ mb: 0.5 }}>
      <Button
        size="small"
        onClick={() => setOpen(!isOpen)}
        aria-expanded={isOpen}
        aria-label={`${isOpen ? 'Done with' : 'Edit'} the words of “${step.name}”`}
        sx={{ minHeight: { xs: 44, md: 32 } }}
      >
        {isOpen ? 'Done' : say === '' ? 'Say something' : 'Edit'}
      </Button>
      {isOpen && (
        <TextField
          multiline
          fullWidth
          label={`Said in “${step.name}”`}
          value={say}
          onChange={(event) => onSay(event.target.value)}
          helperText="“Helper:”, “Host:”, “Volunteer:” or “Room:” begins what somebody else says, “Performer:” goes on."
          slotProps={{ htmlInput: { maxLength: SAY_MOST } }}
          sx={{ mt: 1 }}
        />
      )}
    </Box>
  );
}

const ROLES: Readonly<Record<string, string>> = { performer: 'Performer', helper: 'Helper' };

export default function WordsPage() {
  const { demoId = '' } = useParams();
  const [search, setSearch] = useSearchParams();
  const editing = useDocument<Demo & DemoBody>('/demos', demoId);
  const demo = editing.value;
  const method = demo?.methods.find(({ id }) => id === search.get('method')) ?? demo?.methods[0];
  if (!demo || !method)
    return (
      <Page title="Words">
        {editing.loadError ? <Trouble error={editing.loadError} /> : <Loading />}
      </Page>
    );
  const script = scriptOfMethod(demo, method);
  const at = `methods.${demo.methods.indexOf(method)}`;
  const say = (taskId: string, words: string): void =>
    editing.store.change((value) => ({
      ...value,
      methods: value.methods.map((one) =>
        one.id === method.id
          ? {
              ...one,
              tasks: one.tasks.map((task) => (task.id === taskId ? { ...task, say: words } : task)),
            }
          : one,
      ),
    }));
  const textOf = (taskId: string): string =>
    method.tasks.find(({ id }) => id === taskId)?.say ?? '';
  return (
    <Page
      wide
      title={`${demo.name}: words`}
      below={
        <>
          <Link to={`/demos/${demoId}?method=${method.id}`}>To the demo</Link> ·{' '}
          {scriptWords(script)}, at {USUAL_PACE} a minute; in a show at each one’s own pace
        </>
      }
      actions={<SaveBar editing={editing} />}
    >
      <EditingNotices editing={editing} noun="demo" />
      {demo.methods.length > 1 && (
        <Box sx={{ maxWidth: 320, mb: 2 }}>
          <Pick
            label="Method"
            value={method.id}
            options={demo.methods.map(({ id, name }) => ({ value: id, label: upperFirst(name) }))}
            onChange={(id) => setSearch({ method: id ?? method.id }, { replace: true })}
          />
        </Box>
      )}
      <AutoForm editing={editing} type={DemoBody}>
        <Box
          sx={{
            display: 'grid',
            columnGap: 4,
            rowGap: 3,
            alignItems: 'start',
            gridTemplateColumns: {
              xs: 'minmax(0, 1fr)',
              lg: 'minmax(0, 1fr) 330px',
              xl: 'minmax(0, 1fr) 420px',
            },
          }}
        >
          <Box>
            {script.steps.length === 0 && <p>Nothing is performed in this method yet.</p>}
            <ScriptSteps
              script={script}
              nameOf={(id) => ROLES[id] ?? ''}
              who={null}
              onCut={(step) =>
                say(step.taskId, sayOf(withoutCuts(linesOf(textOf(step.taskId)), step.cuts)))
              }
            >
              {(step) => (
                <EditWords
                  say={textOf(step.taskId)}
                  step={step}
                  onSay={(words) => say(step.taskId, words)}
                />
              )}
            </ScriptSteps>
          </Box>
          <Box sx={{ display: 'grid', gap: 3, minWidth: 0 }}>
            <QuestionPart at={at} method={method} />
            <CameraPart key={method.id} at={at} method={method} />
          </Box>
        </Box>
      </AutoForm>
    </Page>
  );
}
