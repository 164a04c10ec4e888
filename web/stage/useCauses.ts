import { useMemo } from 'react';
import { likelyCauses } from '../../core/stage/causes';
import type { RunSlot } from '../../core/stage/types';
import type { OpenShow } from '../brief/useShow';

/** Why the slot on stage may not have worked, the likeliest first. */
export const useCauses = (open: OpenShow | null, slot: RunSlot | null): string[] =>
  useMemo(() => {
    const method = open?.bundle.demos
      .find(({ id }) => id === slot?.demoId)
      ?.methods.find(({ id }) => id === slot?.methodId);
    const record = open?.answer.records.find(
      (one) => one.demoId === slot?.demoId && one.methodId === slot?.methodId,
    );
    return likelyCauses(method ?? null, record?.causes ?? []);
  }, [open, slot]);
