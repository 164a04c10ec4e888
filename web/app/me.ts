/** Who this device is to the server, as it was told last: kept, so that it is known offline too. */
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { isAtLeast, type MeAnswer, type Role } from '../../contract/share';
import { ApiError, onNotLetIn, send } from './api';
import { forgetLastKnown } from './lastKnown';
import { usePreferences } from './preferences';

interface Me {
  /** Null until it is known, or where this device is not let in. */
  me: MeAnswer | null;
  /** The server has said that this device is not let in. */
  out: boolean;
}

const LOOPBACK = new Set(['127.0.0.1', 'localhost', '[::1]']);
/** On the machine itself there is no question of being let in. */
const isOwn = (): boolean => LOOPBACK.has(window.location.hostname);

export const useMe = create<Me>()(
  persist((): Me => ({ me: null, out: false }), {
    name: 'hearty-stage-me',
    partialize: ({ me }) => ({ me }),
  }),
);

/** What this device may do; null while that is not known. */
export const roleOf = ({ me }: Pick<Me, 'me'>): Role | null =>
  me?.role ?? (isOwn() ? 'owner' : null);

export const useRole = (): Role | null => useMe(roleOf);

/** Whether this device may do what is for these and those above them. */
export const useMay = (least: Role): boolean => {
  const role = useRole();
  return role !== null && isAtLeast(role, least);
};

/** This device, as presses carry it. */
export const thisDevice = (): string | null => useMe.getState().me?.device?.id ?? null;
export const useThisDevice = (): string | null => useMe(({ me }) => me?.device?.id ?? null);

function isNow(me: MeAnswer): void {
  useMe.setState({ me, out: false });
  // Whose device it is, is said to the server, but for a laptop that changes hands.
  if (me.role !== 'owner') usePreferences.getState().setMe(me.device?.person ?? null);
}

function isOut(): void {
  useMe.setState({ me: null, out: true });
  forgetLastKnown();
}
onNotLetIn(isOut);

let answered: () => void = () => undefined;
/** The server has been asked once: from then on whatever this page sends carries its device. */
export const wasAsked = new Promise<void>((resolve) => {
  answered = resolve;
});

/** Asks the server; where it can't be reached, what was known last holds. */
export async function askWhoIAm(): Promise<void> {
  try {
    isNow(await send<MeAnswer>('GET', '/me'));
  } catch (error) {
    if (!(error instanceof ApiError)) throw error;
  } finally {
    answered();
  }
}

/** Comes in by the code. Throws ApiError. */
export async function joinBy(code: string, kind: 'phone' | 'tablet' | 'laptop'): Promise<void> {
  isNow(await send<MeAnswer>('POST', '/join', { code, kind }));
}

/** Says whose device this is. On the laptop that holds here at once, whatever the server says. */
export async function chooseMe(person: string | null): Promise<void> {
  if (roleOf(useMe.getState()) === 'owner') usePreferences.getState().setMe(person);
  isNow(await send<MeAnswer>('PUT', '/me', { person }));
}

export async function leave(): Promise<void> {
  await send('POST', '/leave');
  isOut();
}

/** Guessed from what the browser says of its screen and pointer. */
export function kindHere(): 'phone' | 'tablet' | 'laptop' {
  if (!window.matchMedia('(pointer: coarse)').matches) return 'laptop';
  return Math.min(window.screen.width, window.screen.height) < 600 ? 'phone' : 'tablet';
}

/** Where a device goes first, by its role. */
export function homeOf({ role, showId }: Pick<MeAnswer, 'role' | 'showId'>): string {
  switch (role) {
    case 'crew':
      return showId ? `/shows/${showId}/crew` : '/crew';
    case 'screen':
      return showId ? `/shows/${showId}/confidence` : '/crew';
    case 'audience':
      return showId ? `/screen/${showId}` : '/screen';
    default:
      return '/';
  }
}
