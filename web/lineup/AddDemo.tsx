import Button from '@mui/material/Button';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useState } from 'react';
import { Link } from 'react-router';
import { freshSlot } from '../../core/brief/freshSlot';
import type { Show, Slot } from '../../core/brief/types';
import { talkSlot } from '../../core/told/orderShow';
import { newId } from '../app/api';
import { demoQuery, queryClient, useDemos } from '../app/data';
import { useAction } from '../parts/useAction';

/** A list of the repertoire, and a talk; the one that is chosen goes to the end of the running order. */
export function AddDemo({ show, onAdd }: { show: Show; onAdd: (slot: Slot) => void }) {
  const { data: demos = [] } = useDemos();
  const act = useAction();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  return (
    <>
      <Button size="small" onClick={(event) => setAnchor(event.currentTarget)} aria-haspopup="menu">
        Add a demo
      </Button>
      <Menu open={Boolean(anchor)} anchorEl={anchor} onClose={() => setAnchor(null)}>
        {demos.length === 0 && (
          <MenuItem component={Link} to="/demos">
            No demos yet: write one first
          </MenuItem>
        )}
        <MenuItem
          divider
          onClick={() => {
            setAnchor(null);
            onAdd(talkSlot(newId(), 'A few words', null, show.crew));
          }}
        >
          A talk: words only
        </MenuItem>
        {demos.map((demo) => (
          <MenuItem
            key={demo.id}
            onClick={() => {
              setAnchor(null);
              const slot = freshSlot(show, demo, newId());
              // What follows from it is worked out on this page, and wants all of the demo.
              if (slot)
                void act(async () => {
                  await queryClient.fetchQuery(demoQuery(demo.id));
                  onAdd(slot);
                });
            }}
          >
            {demo.name}
          </MenuItem>
        ))}
      </Menu>
    </>
  );
}
