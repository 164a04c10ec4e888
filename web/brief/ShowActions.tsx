/** What can be made of a whole show: the same on another day, a tour, a template. */
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Template } from '../../contract/again';
import type { Versioned } from '../../contract/api';
import { templateOf } from '../../core/brief/copy';
import { copyName } from '../../core/repertoire/copy';
import type { Show, Venue } from '../../core/brief/types';
import { newId, send } from '../app/api';
import { queryClient, useTemplates } from '../app/data';
import { useMay } from '../app/me';
import { useAction } from '../parts/useAction';
import { useSayUndoable } from '../parts/undoable';
import { AgainDialog, weekAfter } from './AgainDialog';

export function ShowActions({ show, venue }: { show: Show; venue: Venue | null }) {
  const [again, setAgain] = useState(false);
  const { data: templates = [] } = useTemplates();
  const mayChange = useMay('presenter');
  const act = useAction();
  const undoable = useSayUndoable();
  if (!mayChange) return null;
  const keep = (): void =>
    void act(async () => {
      const names = templates.map(({ name }) => name);
      const name = names.includes(show.title) ? copyName(show.title, names) : show.title;
      const id = newId();
      const kept: Template = { id, name, show: templateOf(show, id) };
      const { version } = await send<Versioned<Template>>('POST', '/templates', kept);
      await queryClient.invalidateQueries({ queryKey: ['/templates'] });
      undoable(
        `Kept as the template “${name}”, under Shows`,
        () =>
          void act(async () => {
            await send('DELETE', `/templates/${id}?version=${version}`);
            await queryClient.invalidateQueries({ queryKey: ['/templates'] });
          }),
      );
    });
  return (
    <>
      <Button size="small" onClick={() => setAgain(true)}>
        Play it again
      </Button>
      <Button size="small" onClick={keep}>
        Keep as a template
      </Button>
      {again && (
        <AgainDialog
          of={{ path: '/shows', ...show }}
          place={venue?.name ?? ''}
          from={weekAfter(show.date)}
          hasCrew={show.crew.length > 0}
          onClose={() => setAgain(false)}
        />
      )}
    </>
  );
}
