/** Show files of earlier versions, brought up to what is read now. */
import {
  fromVersion1,
  fromVersion2,
  fromVersion3,
  fromVersion4,
  fromVersion5,
  fromVersion6,
} from './upgrades/first';
import {
  fromVersion7,
  fromVersion8,
  fromVersion9,
  fromVersion10,
  fromVersion11,
  fromVersion12,
  fromVersion13,
  fromVersion14,
  fromVersion15,
} from './upgrades/later';
import { isPlain, type Plain } from './upgrades/plain';

/** Each makes the next version of the one before. */
const STEPS: Record<number, (file: Plain) => Plain> = {
  1: fromVersion1,
  2: fromVersion2,
  3: fromVersion3,
  4: fromVersion4,
  5: fromVersion5,
  6: fromVersion6,
  7: fromVersion7,
  8: fromVersion8,
  9: fromVersion9,
  10: fromVersion10,
  11: fromVersion11,
  12: fromVersion12,
  13: fromVersion13,
  14: fromVersion14,
  15: fromVersion15,
};

/** The file as the present version has it. */
export function upgraded(plain: unknown): unknown {
  let file = plain;
  for (;;) {
    const step =
      isPlain(file) && typeof file.version === 'number' ? STEPS[file.version] : undefined;
    if (!step) return file;
    file = step(file as Plain);
  }
}
