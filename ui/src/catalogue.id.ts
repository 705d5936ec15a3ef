import type { MessageId } from './i18n/words';
import { words as drawing } from './drawing/words.id';
import { words as shared } from './i18n/shared.id';
import { words as kit } from './kit/words.id';
import { words as kitDays } from './kit/days/words.id';
import { words as kitHooks } from './kit/hooks/words.id';
import { words as kitLists } from './kit/lists/words.id';
import { words as kitLoads } from './kit/loads/words.id';
import { words as kitLog } from './kit/log/words.id';
import { words as kitMeasured } from './kit/measured/words.id';
import { words as kitMixes } from './kit/mixes/words.id';
import { words as kitPickers } from './kit/pickers/words.id';
import { words as kitPlants } from './kit/plants/words.id';
import { words as kitSeason } from './kit/season/words.id';
import { words as bench } from './places/bench/words.id';
import { words as bins } from './places/bins/words.id';
import { words as blend } from './places/blend/words.id';
import { words as blendBatch } from './places/blend/batch/words.id';
import { words as blendFind } from './places/blend/find/words.id';
import { words as blendMix } from './places/blend/mix/words.id';
import { words as blendPicture } from './places/blend/picture/words.id';
import { words as blendRecipes } from './places/blend/recipes/words.id';
import { words as blendSituation } from './places/blend/situation/words.id';
import { words as blendState } from './places/blend/state/words.id';
import { words as blendVerdicts } from './places/blend/verdicts/words.id';
import { words as days } from './places/days/words.id';
import { words as library } from './places/library/words.id';
import { words as log } from './places/log/words.id';
import { words as outcomes } from './places/outcomes/words.id';
import { words as trials } from './places/trials/words.id';
import { words as right } from './places/right/words.id';
import { words as trainer } from './places/trainer/words.id';
import { words as people } from './places/people/words.id';
import { words as plants } from './places/plants/words.id';
import { words as pots } from './places/pots/words.id';
import { words as season } from './places/season/words.id';
import { words as start } from './places/start/words.id';
import { words as today } from './places/today/words.id';
import { words as shell } from './shell/words.id';

/** Every word in Indonesian, out of the same rooms. */
export const id: Record<MessageId, string> = {
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
