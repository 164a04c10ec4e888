/** A list of things on one side, the one that is open on the other: venues, people, the store. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import Typography from '@mui/material/Typography';
import type { UseQueryResult } from '@tanstack/react-query';
import { type ReactNode, useEffect, useState } from 'react';
import type { FieldValues } from 'react-hook-form';
import { useSearchParams } from 'react-router';
import type { Versioned } from '../../contract/api';
import { copyName } from '../../core/repertoire/copy';
import { newId, send } from '../app/api';
import { queryClient } from '../app/data';
import { forgetUntouched, madeHere } from '../documents/ghosts';
import { useDocument } from '../documents/useDocument';
import { useAction } from './useAction';
import { EditingNotices, SaveBar, useRemove } from './editing';
import { FactLines } from './FactLines';
import { AutoForm } from './form';
import { ListState, Loading, Page, Trouble } from './page';

interface Named extends FieldValues {
  id: string;
  name: string;
}

interface EntityPageProps<T extends Named> {
  title: string;
  noun: string;
  path: string;
  type: new () => T;
  query: UseQueryResult<Versioned<T>[]>;
  fresh: (id: string) => T;
  below: (value: T) => string;
  empty: string;
  /** Of the one that is open; a page of its own, with the others above it, where it is a function. */
  fields: ReactNode | ((value: T) => ReactNode);
  /** A copy is a good beginning of the next one. */
  copies?: boolean;
}

function Editor<T extends Named>({
  id,
  path,
  noun,
  type,
  fields,
  onCopy,
}: Pick<EntityPageProps<T>, 'path' | 'noun' | 'type' | 'fields'> & {
  id: string;
  onCopy: ((value: T) => void) | null;
}) {
  const editing = useDocument<T>(path, id);
  useEffect(() => () => void forgetUntouched(path, id), [path, id]);
  const remove = useRemove();
  if (!editing.value)
    return editing.loadError ? <Trouble error={editing.loadError} /> : <Loading />;
  return (
    <Box>
      <Box sx={{ display: 'flex', alignItems: 'center', flexWrap: 'wrap', mb: 2 }}>
        <Typography variant="h2" sx={{ flex: 1 }}>
          {editing.value.name}
        </Typography>
        <SaveBar editing={editing} />
        {onCopy && <Button onClick={() => editing.value && onCopy(editing.value)}>Copy</Button>}
        <Button
          onClick={() =>
            void remove({
              path: `${path}/${id}`,
              name: editing.value?.name ?? noun,
              version: () => editing.store.versionNow(),
              then: path,
            })
          }
        >
          Remove
        </Button>
      </Box>
      <EditingNotices editing={editing} noun={noun} />
      <AutoForm editing={editing} type={type}>
        {typeof fields === 'function' ? (
          fields(editing.value)
        ) : (
          <FactLines sx={{ display: 'grid', gap: 1, maxWidth: 640 }}>{fields}</FactLines>
        )}
      </AutoForm>
    </Box>
  );
}

export function EntityPage<T extends Named>(props: EntityPageProps<T>) {
  const { title, noun, path, query, fresh, below, empty, fields, copies = false } = props;
  const isPage = typeof fields === 'function';
  const [search] = useSearchParams();
  const [chosen, setChosen] = useState<string | null>(search.get('open'));
  const { data } = query;
  const act = useAction();
  const open = data?.find((entry) => entry.id === chosen)?.id ?? data?.[0]?.id ?? null;
  const add = (value: T, isFresh: boolean): Promise<boolean> =>
    act(async () => {
      const added = await send<Versioned<T>>('POST', path, value);
      if (isFresh) madeHere(path, added, path);
      // Listed before it is opened, so that nothing typed next goes to the one that was open.
      queryClient.setQueryData<Versioned<T>[]>([path], (known) => [...(known ?? []), added]);
      setChosen(added.id);
    });
  return (
    <Page
      wide={isPage}
      title={title}
      actions={
        <Button variant="contained" onClick={() => void add(fresh(newId()), true)}>
          Add {/^[aeiou]/.test(noun) ? 'an' : 'a'} {noun}
        </Button>
      }
    >
      <ListState query={query} emptyTitle={`No ${title.toLowerCase()} yet`}>
        {empty}
      </ListState>
      {data && open && (
        <Box
          sx={{
            display: 'grid',
            gap: isPage ? 1 : 3,
            gridTemplateColumns: { md: isPage ? 'minmax(0, 1fr)' : '300px 1fr' },
          }}
        >
          <Box
            component="ul"
            sx={{
              listStyle: 'none',
              p: 0,
              m: 0,
              ...(isPage
                ? { display: 'flex', flexWrap: 'wrap', columnGap: 1 }
                : {
                    display: 'grid',
                    gap: 0.5,
                    alignContent: 'start',
                    maxHeight: { xs: 260, md: 'none' },
                    overflow: 'auto',
                  }),
            }}
          >
            {data.map((entry) => (
              <li key={entry.id}>
                <ButtonBase
                  onClick={() => setChosen(entry.id)}
                  aria-current={entry.id === open ? 'true' : undefined}
                  sx={{
                    display: 'block',
                    width: '100%',
                    textAlign: 'left',
                    p: 1,
                    borderRadius: 1.5,
                    border: '1px solid',
                    borderColor: entry.id === open ? 'var(--ember)' : 'transparent',
                    background: entry.id === open ? 'var(--card)' : 'none',
                  }}
                >
                  <Typography variant="h3" component="span" sx={{ display: 'block' }}>
                    {entry.name}
                  </Typography>
                  <Typography variant="body2" component="span" color="textSecondary">
                    {below(entry)}
                  </Typography>
                </ButtonBase>
              </li>
            ))}
          </Box>
          <Editor<T>
            key={open}
            id={open}
            {...props}
            onCopy={
              copies
                ? (value) => {
                    const names = data.map(({ name }) => name);
                    void add(
                      { ...value, id: newId(), name: copyName(value.name, names, 60) },
                      false,
                    );
                  }
                : null
            }
          />
        </Box>
      )}
    </Page>
  );
}
