import { type RefObject, useEffect, useRef } from 'react';
import { useSearchParams } from 'react-router';

/** True where an address asks for a part by its name, as “?edit=steps”; what has the ref is scrolled to then. */
export function useAskedFor(
  name: 'edit' | 'see',
  part: string | undefined,
): { asked: boolean; place: RefObject<HTMLDivElement | null> } {
  const [search] = useSearchParams();
  const asked = part !== undefined && search.get(name) === part;
  const place = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (asked) place.current?.scrollIntoView({ block: 'center' });
  }, [asked]);
  return { asked, place };
}
