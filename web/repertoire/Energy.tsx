import { tapePath } from '../parts/tapeShape';

const STEP = 9;

/** How far it energies the room: a stair of tape, climbed as far as it goes, with its number in words. */
export const Energy = ({ energy }: { energy: number }) => (
  <svg
    width={STEP * 5}
    height={20}
    role="img"
    aria-label={`Energy ${energy} of 5`}
    style={{ flex: 'none' }}
  >
    {[1, 2, 3, 4, 5].map((n) => (
      <path
        key={n}
        d={tapePath((n - 1) * STEP, 18 - n * 3, STEP - 1.5, 4.5)}
        fill={n <= energy ? 'var(--ink)' : 'var(--line-strong)'}
      />
    ))}
  </svg>
);
