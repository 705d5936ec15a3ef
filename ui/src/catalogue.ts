import type { MessageId } from './i18n/words';
import { words as drawing } from './drawing/words';
import { words as shared } from './i18n/shared';
import { words as kit } from './kit/words';
import { words as kitDays } from './kit/days/words';
import { words as kitHooks } from './kit/hooks/words';
import { words as kitLists } from './kit/lists/words';
import { words as kitLoads } from './kit/loads/words';
import { words as kitLog } from './kit/log/words';
import { words as kitMeasured } from './kit/measured/words';
import { words as kitMixes } from './kit/mixes/words';
import { words as kitPickers } from './kit/pickers/words';
import { words as kitPlants } from './kit/plants/words';
import { words as kitSeason } from './kit/season/words';
import { words as bench } from './places/bench/words';
import { words as bins } from './places/bins/words';
import { words as blend } from './places/blend/words';
import { words as blendBatch } from './places/blend/batch/words';
import { words as blendFind } from './places/blend/find/words';
import { words as blendMix } from './places/blend/mix/words';
import { words as blendPicture } from './places/blend/picture/words';
import { words as blendRecipes } from './places/blend/recipes/words';
import { words as blendSituation } from './places/blend/situation/words';
import { words as blendState } from './places/blend/state/words';
import { words as blendVerdicts } from './places/blend/verdicts/words';
import { words as days } from './places/days/words';
import { words as library } from './places/library/words';
import { words as log } from './places/log/words';
import { words as outcomes } from './places/outcomes/words';
import { words as trials } from './places/trials/words';
import { words as right } from './places/right/words';
import { words as trainer } from './places/trainer/words';
import { words as people } from './places/people/words';
import { words as plants } from './places/plants/words';
import { words as pots } from './places/pots/words';
import { words as season } from './places/season/words';
import { words as start } from './places/start/words';
import { words as today } from './places/today/words';
import { words as shell } from './shell/words';

/** Every word that the front end shows, in English (ICU message syntax), out of the rooms that say them. Another language is another file with the same keys. */
export const en: Record<MessageId, string> = {
  ...drawing,
  ...shared,
  ...kit,
  ...kitDays,
  ...kitHooks,
  ...kitLists,
  ...kitLoads,
  ...kitLog,
  ...kitMeasured,
  ...kitMixes,
  ...kitPickers,
  ...kitPlants,
  ...kitSeason,
  ...bench,
  ...bins,
  ...blend,
  ...blendBatch,
  ...blendFind,
  ...blendMix,
  ...blendPicture,
  ...blendRecipes,
  ...blendSituation,
  ...blendState,
  ...blendVerdicts,
  ...days,
  ...library,
  ...log,
  ...outcomes,
  ...trials,
  ...right,
  ...trainer,
  ...people,
  ...plants,
  ...pots,
  ...season,
  ...start,
  ...today,
  ...shell,
};
