import { firstShow } from './migrations/001-first-show';
import { runningOrder } from './migrations/002-running-order';
import { theStore } from './migrations/003-store';
import { ready } from './migrations/004-ready';
import { photos } from './migrations/005-photos';
import { plainTerms } from './migrations/006-plain-terms';
import { numbered } from './migrations/007-numbered';
import { growing } from './migrations/008-growing';
import { judged } from './migrations/009-judged';
import { ends } from './migrations/010-ends';
import { live } from './migrations/011-live';
import { crew } from './migrations/012-crew';
import { trials } from './migrations/013-trials';
import { readings } from './migrations/014-readings';
import { sideBySide } from './migrations/015-side-by-side';
import { library } from './migrations/016-library';
import { templates } from './migrations/017-templates';
import { walk } from './migrations/018-walk';
import { script } from './migrations/019-script';
import { pictures } from './migrations/020-pictures';
import { orders } from './migrations/021-orders';
import { swaps } from './migrations/022-swaps';
import { tables } from './migrations/023-tables';

/** Schema changes in order; the database's user_version counts those applied. Never edit one that has shipped. */
export const MIGRATIONS: readonly string[] = [
  firstShow,
  runningOrder,
  theStore,
  ready,
  photos,
  plainTerms,
  numbered,
  growing,
  judged,
  ends,
  live,
  crew,
  trials,
  readings,
  sideBySide,
  library,
  templates,
  walk,
  script,
  pictures,
  orders,
  swaps,
  tables,
];
