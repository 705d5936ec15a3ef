import { Button, Checkbox } from 'antd';
import { useMemo } from 'react';

import { answerOf, api, type Schemas } from '../../../api/client';
import { useLastGood } from '../../../api/lastGood';
import { rules, useMeta } from '../../../api/meta';
import { LedgerBar } from '../../../drawing/LedgerBar';
import { PotSection } from '../../../drawing/PotSection';
import { Swatch } from '../../../drawing/Swatch';
import { type MessageId, useWords, type Words } from '../../../i18n/words';
import { RatingWord } from '../../../kit/mixes/RatingHead';
import { figure, rounds } from '../../../kit/mixes/verdictWords';
import { drawn } from '../state/drawn';
import { useRecipeWords } from './foundMix';
import { DoButton } from '../../../kit/people/DoButton';
import styles from './find.module.css';
import common from '../../../styles/common.module.css';

type Found = Schemas['FoundRecipe'];
type Shelf = Schemas['SearchShelfRow'][];

const ask = async (body: Schemas['EvaluationInput'], signal: AbortSignal) =>
  answerOf(await api.POST('/evaluate', { body, signal }));

interface Props {
  found: Found;
  number: number;
  shelf: Shelf;
  pots: number;
  question: Schemas['EvaluationInput'] | null;
  ticked: boolean;
  tick: (ticked: boolean) => void;
  take: () => void;
  /** What a batch of it is measured out from, on its sheet; null where nothing is to be mixed yet. */
  sheet: (() => void) | null;
}

/** One recipe that was found: why it is here, what it is in the pot, and what keeps it from being better. */
export function FoundRow({ found, number, shelf, pots, question, ticked, tick, take, sheet }: Props) {
  const words = useWords();
  const { t, n, percent, money, q } = words;
  const currency = useMeta().data?.currency ?? 'EUR';
  const quick = useMemo(() => (question === null ? null : { ...question, mends: false }), [question]);
  const { data } = useLastGood('evaluation', quick, ask);
  const cost = (value: number | null) => (value === null ? t('find.noPrice') : money(value, currency));
  const mix = useRecipeWords(shelf)(found);

  return (
    <li className={styles.found} aria-label={t('find.mix', { n: number, mix })}>
      <div className={styles.foundPicture}>
        {data !== undefined && (
          <PotSection
            section={data.section}
            materials={drawn(data)}
            packing={data.mix.packing_density}
            wetFootCm={data.pot.wet_foot_cm}
            contents={data.contents}
            title={t('find.mix', { n: number, mix })}
            small
          />
        )}
      </div>
      <div>
        <p className={styles.merits}>{found.merits.map((merit) => t(meritWord(merit, found.rating))).join(' · ')}</p>
        <ul className={styles.foundParts}>
          {found.parts.map(({ place, parts }) => {
            const row = shelf[place];

            return row === undefined ? null : (
              <li key={place}>
                <strong>{n(parts)}</strong> <Swatch kind={row.kind} colour={row.colour} /> {row.name}
              </li>
            );
          })}
        </ul>
        <p>
          <RatingWord rating={found.rating} /> <strong>{percent(found.fit)}</strong>{' '}
          <span className={found.is_sure ? '' : common.quiet}>
            {found.is_sure
              ? t('find.sure')
              : t('find.unsure', {
                  rating: t(`rating.${found.rating}`).toLowerCase(),
                  share: percent(found.probability),
                })}
          </span>
        </p>
        <p className={common.quiet}>
          {found.worst.level === 'good' || found.worst.value === null
            ? t('find.allGood')
            : t('find.worst', {
                criterion: t(`verdict.${found.worst.criterion}`),
                value: figure(found.worst.criterion, found.worst.value, words),
              })}
        </p>
        {data?.water != null && <p>{rounds(data.water, t)}</p>}
        {found.binding !== null && (
          <p className={styles.binds}>{binds(found, found.binding, shelf, words, currency)}</p>
        )}
      </div>
      <div className={styles.foundFigures}>
        <dl>
          <Figure name={t('find.air')} value={percent(found.air)} />
          <Figure name={t('find.reach')} value={q(found.reach_l, 'L')} />
          <Figure name={t('find.weight')} value={q(found.wet_kg, 'kg')} />
          <Figure name={t('find.lasts')} value={lasts(found.years, words)} />
          <Figure name={t('find.costOne')} value={cost(found.cost)} />
          {pots > 1 && (
            <Figure name={t('find.costAll', { pots })} value={cost(found.cost === null ? null : found.cost * pots)} />
          )}
        </dl>
        {!found.in_stock && <p className={common.quiet}>{t('find.toBuy')}</p>}
        <Button type={number === 1 ? 'primary' : 'default'} title={String(number)} onClick={take}>
          {t('find.take')} <kbd>{number}</kbd>
        </Button>
        {sheet !== null && (
          <DoButton aria-label={`${t('find.sheet')}: ${mix}`} onClick={sheet}>
            {t('find.sheet')}
          </DoButton>
        )}
        <Checkbox
          checked={ticked}
          onChange={(event) => tick(event.target.checked)}
          aria-label={`${t('find.compare')}: ${mix}`}
        >
          {t('find.compare')}
        </Checkbox>
      </div>
      {data !== undefined && (
        <div className={styles.foundLedger}>
          <LedgerBar ledger={data.ledger} volumeL={data.pot.volume_l} small />
        </div>
      )}
    </li>
  );
}

/** The cheapest is of those that are good, where any is. */
function meritWord(merit: Found['merits'][number], rating: Found['rating']): MessageId {
  return merit === 'cheapest' && rating !== 'good' ? 'find.merit.cheapestHere' : `find.merit.${merit}`;
}

function Figure({ name, value }: { name: string; value: string }) {
  return (
    <div>
      <dt>{name}</dt>
      <dd>{value}</dd>
    </div>
  );
}

function lasts(years: number | null, { t, n }: Words): string {
  return years === null
    ? t('find.lasts.more', { years: n(rules.horizon_years) })
    : t('find.lasts.n', { years: n(years, 2) });
}

/** What one part more of something would bring, and what speaks against it. */
function binds(found: Found, binding: Schemas['SearchBinding'], shelf: Shelf, words: Words, currency: string): string {
  const { t, percent, money, q } = words;
  const say = (recipe: Schemas['SearchedRecipe']) => {
    switch (found.merits[0]) {
      case 'cheapest':
        return recipe.cost === null ? '' : money(recipe.cost, currency);
      case 'longest':
        return lasts(recipe.years, words);
      case 'lightest':
        return q(recipe.wet_kg, 'kg');
      case 'water':
        return q(recipe.reach_l, 'L');
      default:
        return percent(recipe.fit);
    }
  };
  const merit = found.merits[0];
  const gain =
    merit === 'cheapest' || merit === 'longest' || merit === 'lightest' || merit === 'water' ? merit : 'best';

  return t('find.binds', {
    less: shelf[binding.less]?.name ?? '',
    more: shelf[binding.more]?.name ?? '',
    gain: t(`find.gain.${gain}`, { to: say(binding.then), from: say(found) }),
    against: binding.against.map((wish) => t(`find.against.${wish}`)).join(', '),
  });
}
