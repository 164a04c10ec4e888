/** A demonstration of the library, to be read before it is taken. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMemo } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { hasIt } from '../../core/library/take';
import { methodFactsOf } from '../../core/lineup/recipe';
import { FAMILY_WORDS } from '../../core/repertoire/families';
import { formatDuration } from '../../core/time/clock';
import { readTold } from '../../core/told/read';
import { writeDemo } from '../../core/told/write';
import { useDemos, useLibrary } from '../app/data';
import { useMay } from '../app/me';
import { Face } from '../faces/Face';
import { HazardGlyph } from '../parts/HazardGlyph';
import { Loading, Page, Section, Trouble } from '../parts/page';
import { useAction } from '../parts/useAction';
import { HAZARD } from '../parts/words';
import { takeAll } from './takeAll';
import { Became } from '../write/Became';

export default function LibraryDemoPage() {
  const { libraryId = '' } = useParams();
  const { data: library, error } = useLibrary();
  const { data: own = [] } = useDemos();
  const mayTake = useMay('presenter');
  const navigate = useNavigate();
  const act = useAction();
  const demo = library?.demos.find(({ id }) => id === libraryId);
  const told = useMemo(() => {
    if (!demo || !library) return null;
    const knows = { things: library.items, people: [], positions: [] };
    return readTold(writeDemo(demo, knows), knows);
  }, [demo, library]);
  if (!demo || !told || !library)
    return (
      <Page title="Library">
        <Trouble error={error} />
        {library ? (
          <p>
            The library has no such demonstration. <Link to="/demos">All of them</Link>
          </p>
        ) : (
          <Loading />
        )}
      </Page>
    );
  const mine = own.find(({ id, origin }) => hasIt([{ id, origin }], libraryId));
  return (
    <Page
      title={demo.name}
      below={
        <>
          <Link to="/demos">All demos</Link> · starter library ·{' '}
          {demo.family && FAMILY_WORDS[demo.family]} · ages {demo.ageFrom}{' '}
          {demo.ageTo >= 99 ? 'up' : `to ${demo.ageTo}`}
        </>
      }
      actions={
        mine ? (
          <Button variant="contained" component={Link} to={`/demos/${mine.id}`}>
            Open mine
          </Button>
        ) : (
          mayTake && (
            <Button
              variant="contained"
              onClick={() =>
                void act(async () => {
                  const { demos } = await takeAll([libraryId]);
                  await navigate(`/demos/${demos[0]?.id ?? ''}`);
                })
              }
            >
              Take it
            </Button>
          )
        )
      }
    >
      <Box sx={{ display: 'flex', gap: 3, alignItems: 'center', flexWrap: 'wrap' }}>
        <Face face={demo.face} words={demo.name} width={150} />
        <Box sx={{ flex: '1 1 320px' }}>
          <Box sx={{ font: '700 24px/30px Bricolage' }}>{demo.hook}</Box>
          <p>{demo.idea}</p>
        </Box>
      </Box>
      {demo.methods.map((method, i) => {
        const { show, work } = methodFactsOf(method);
        const part = { ...told, methods: told.methods.slice(i, i + 1), questions: [] };
        return (
          <Section key={method.id} title={demo.methods.length > 1 ? method.name : 'How it is done'}>
            <Box sx={{ color: 'var(--muted)' }}>
              {method.summary} <b>{formatDuration(show)}</b> on stage, {formatDuration(work)}{' '}
              before.
            </Box>
            <Box sx={{ display: 'grid', gap: 4, gridTemplateColumns: { lg: '1fr 320px' } }}>
              <div>
                <Became told={part} onAnswer={() => undefined} />
              </div>
              <div>
                <h3>Careful</h3>
                <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
                  {method.hazards.map(({ kind, control }) => (
                    <Box
                      component="li"
                      key={kind}
                      sx={{
                        display: 'flex',
                        gap: 1,
                        py: 0.75,
                        borderBottom: '1px solid var(--line)',
                      }}
                    >
                      <HazardGlyph kind={kind} size={18} />
                      <span>
                        <b>{HAZARD[kind]}.</b> {control}
                      </span>
                    </Box>
                  ))}
                  {method.hazards.length === 0 && (
                    <li>Nothing that was found. Look for yourself.</li>
                  )}
                </Box>
                <Box sx={{ color: 'var(--muted)', fontSize: 14, mt: 1 }}>
                  A starting point. Your venue’s rules, the suppliers’ sheets and who is trained
                  decide; once it is yours you go through the hazards for yourselves.
                </Box>
              </div>
            </Box>
          </Section>
        );
      })}
    </Page>
  );
}
