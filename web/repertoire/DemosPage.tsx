/** One’s own demonstrations and the library: which of them do for a show, or for what one says, and what they make. */
import { useEffect, useMemo, useState } from 'react';
import { useShows } from '../app/data';
import { comingShows } from '../brief/coming';
import { type OpenShow, useShow } from '../brief/useShow';
import { useBrowsing } from './browsing';
import { Demos } from './Demos';

/** A show that is opened beside the page; null while it is on its way. */
type Opening = { open: OpenShow | null } | null;

/** Opens a show beside the page: what is typed there stays while another one comes. */
function Opened({ id, onOpen }: { id: string; onOpen: (opening: Opening) => void }) {
  const { open, error } = useShow(id);
  // One that can’t be opened is told of where it is opened itself: here it says nothing of what one has.
  useEffect(() => onOpen(open || error ? { open } : null), [open, error, onOpen]);
  // While the same one is told anew, it is not gone in between.
  useEffect(() => () => onOpen(null), [onOpen]);
  return null;
}

export default function DemosPage() {
  const { data: shows, error } = useShows();
  const about = useBrowsing((state) => state.about);
  const coming = useMemo(() => comingShows(shows ?? []), [shows]);
  const meant = about === undefined ? coming[0] : coming.find(({ id }) => id === about);
  const [opening, setOpening] = useState<Opening>(null);
  return (
    <>
      {meant && <Opened key={meant.id} id={meant.id} onOpen={setOpening} />}
      <Demos
        coming={coming}
        about={meant?.id ?? null}
        open={meant ? (opening?.open ?? null) : null}
        isLoading={meant ? opening === null : !shows && !error}
      />
    </>
  );
}
