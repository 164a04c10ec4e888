/** Running orders that are kept to begin from. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { Template } from '../../contract/again';
import type { Versioned } from '../../contract/api';
import { send } from '../app/api';
import { queryClient, useTemplates } from '../app/data';
import { useMay } from '../app/me';
import { useRemove } from '../parts/editing';
import { Section } from '../parts/page';
import { useAction } from '../parts/useAction';
import { AgainDialog } from './AgainDialog';
import { dayAfter } from '../../core/time/days';
import { today } from './dates';
import { cardGrid } from './ShowCard';
import { ShowTape } from './ShowTape';

const orderOf = ({ show }: Template): Parameters<typeof ShowTape>[0]['order'] =>
  show.slots.map(({ demoId, positionId }) => ({
    demoId,
    mark: show.positions.find(({ id }) => id === positionId)?.mark ?? null,
  }));

function TemplateName({ template }: { template: Versioned<Template> }) {
  const [name, setName] = useState(template.name);
  const act = useAction();
  const fault = name.trim() === '' ? 'It needs a name' : null;
  const save = (): void => {
    if (fault || name.trim() === template.name) return;
    void act(async () => {
      await send('PUT', `/templates/${template.id}`, { ...template, name: name.trim() });
      await queryClient.invalidateQueries({ queryKey: ['/templates'] });
    });
  };
  return (
    <TextField
      label="Template"
      size="small"
      value={name}
      error={fault !== null}
      helperText={fault}
      onChange={(event) => setName(event.target.value)}
      onBlur={save}
      onKeyDown={(event) => {
        if (event.key === 'Enter') save();
      }}
      slotProps={{ htmlInput: { maxLength: 80 } }}
      fullWidth
    />
  );
}

export function Templates() {
  const { data: templates = [] } = useTemplates();
  const [used, setUsed] = useState<Template | null>(null);
  const mayChange = useMay('presenter');
  const remove = useRemove();
  if (templates.length === 0) return null;
  return (
    <Section title="Templates">
      <Box component="ul" sx={{ ...cardGrid, rowGap: 2 }}>
        {templates.map((template) => (
          <li key={`${template.id} ${template.version}`}>
            {mayChange ? <TemplateName template={template} /> : <b>{template.name}</b>}
            <ShowTape order={orderOf(template)} />
            {mayChange && (
              <>
                <Button
                  size="small"
                  variant="outlined"
                  aria-label={`A show from ${template.name}`}
                  onClick={() => setUsed(template)}
                >
                  A show from it
                </Button>
                <Button
                  size="small"
                  aria-label={`Remove the template ${template.name}`}
                  onClick={() =>
                    void remove({
                      path: `/templates/${template.id}`,
                      name: template.name,
                      version: template.version,
                    })
                  }
                >
                  Remove
                </Button>
              </>
            )}
          </li>
        ))}
      </Box>
      {used && (
        <AgainDialog
          of={{
            path: '/templates',
            id: used.id,
            title: used.name,
            start: used.show.start,
            tour: '',
          }}
          place=""
          from={dayAfter(today(), 7)}
          hasCrew={false}
          onClose={() => setUsed(null)}
        />
      )}
    </Section>
  );
}
