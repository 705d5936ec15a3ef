import { Button } from 'antd';
import { useMemo } from 'react';
import { Link } from 'react-router';

import { answerOf, api, type Schemas } from '../../../api/client';
import { useLastGood } from '../../../api/lastGood';
import { usePots } from '../../../api/pots';
import { useRecipeVersions } from '../../../api/recipes';
import { useSites, useSpecies } from '../../../api/situations';
import { LedgerBar } from '../../../drawing/LedgerBar';
import { PotSection } from '../../../drawing/PotSection';
import { Swatch } from '../../../drawing/Swatch';
import { useWords } from '../../../i18n/words';
import { useBlend } from '../state/BlendProvider';
import { amountOf, sumIn, sumOf } from '../state/mix';
import { questionOf } from '../state/question';
import { drawn } from '../state/drawn';
import { RatingHead } from '../../../kit/mixes/RatingHead';
import { usePreparationWords } from '../../../kit/mixes/usePreparationWords';
import { VerdictList } from '../verdicts/VerdictList';
import styles from './recipes.module.css';
import common from '../../../styles/common.module.css';
import blendStyles from '../blend.module.css';

const ask = async (body: Schemas['EvaluationInput'], signal: AbortSignal) =>
  answerOf(await api.POST('/evaluate', { body, signal }));

/** The mix on the bench as a card: to print, or to read at the tub on a phone. */
export default function CardPage() {
  const words = useWords();
  const { t, percent, date } = words;
  const { history } = useBlend();
  const mix = history.now;
  const question = useMemo(() => questionOf(mix), [mix]);
  const { data } = useLastGood('evaluation', question, ask);
  const said = usePreparationWords();
  const pot = usePots(just(mix.potId)).data?.data.find((each) => each.id === mix.potId);
  const site = useSites(just(mix.situation.siteId)).data?.data.find((each) => each.id === mix.situation.siteId);
  const plant = useSpecies(just(mix.situation.speciesId)).data?.data.find(
    (each) => each.id === mix.situation.speciesId,
  );
  const version = useRecipeVersions(mix.recipeId).data?.data[0];
  const total = sumOf(mix);
  if (mix.rows.length === 0) {
    return (
      <div className={common.listEmpty}>
        <p>{t('card.needMix')}</p>
        <Link to="/blend">{t('compare.back')}</Link>
      </div>
    );
  }
  const { situation } = mix;

  return (
    <div className={styles.cardPage}>
      <p className={`${common.sheetTools} ${common.noPrint}`}>
        <Link to="/blend">{t('compare.back')}</Link>
        <Button type="primary" onClick={() => window.print()}>
          {t('view.print')}
        </Button>
      </p>
      <article className={styles.recipeCard}>
        <header>
          <h1>{mix.recipeName === '' ? t('card.title') : mix.recipeName}</h1>
          <p>
            {plant?.name ?? t(`group.${mix.group}`)} · {t('card.inPot', { pot: pot?.name ?? '' })}
            {version !== undefined && ` · ${t('blend.versionN', { n: version.number })}, ${date(version.made_at)}`}
          </p>
          {mix.recipeTags.length > 0 && <p className={common.quiet}>{mix.recipeTags.join(' · ')}</p>}
        </header>
        <table className={styles.cardParts}>
          <thead>
            <tr>
              <th scope="col">{t('bins.name')}</th>
              <th scope="col">{t('card.amount')}</th>
              <th scope="col">{t('card.share')}</th>
            </tr>
          </thead>
          <tbody>
            {mix.rows.map((row) => (
              <tr key={row.componentId}>
                <th scope="row">
                  <Swatch kind={row.kind} colour={row.colour} /> {row.name}
                  {row.preparation != null && <em className={blendStyles.partsPrepared}>{said(row.preparation)}</em>}
                </th>
                <td>{row.text}</td>
                <td>{total > 0 ? percent((amountOf(row) ?? 0) / total) : '–'}</td>
              </tr>
            ))}
          </tbody>
          <tfoot>
            <tr>
              <th scope="row">{t('sheet.total')}</th>
              <td colSpan={2}>
                {t(`write.total.${mix.notation}`, {
                  sum: sumIn(mix.notation, total, words),
                })}
              </td>
            </tr>
          </tfoot>
        </table>
        {mix.recipeNote !== '' && <p>{mix.recipeNote}</p>}
        <p className={common.quiet}>
          {t('card.where')}: {t(`purpose.${situation.purpose}`)} · {site?.name ?? t('blend.noSite')} ·{' '}
          {t(`exposure.${situation.exposure}`)} · {t('season.summer')}:{' '}
          {t('habit.hours', { hours: String(situation.hours.summer) })} · {t(`method.${situation.method}`)} ·{' '}
          {t(`surface.${situation.surface}`)} · {t(`stand.${situation.stand}`)} · {t('situation.feed').toLowerCase()}:{' '}
          {t(`feed.${situation.feed}`).toLowerCase()}
        </p>
        {data !== undefined && (
          <div className={styles.cardAnswer}>
            <div>
              <PotSection
                section={data.section}
                materials={drawn(data)}
                packing={data.mix.packing_density}
                wetFootCm={data.pot.wet_foot_cm}
                title={t('section.title')}
              />
              <LedgerBar ledger={data.ledger} volumeL={data.pot.volume_l} />
            </div>
            <div>
              <RatingHead rated={data} hasSite={site !== undefined} />
              <VerdictList bare verdicts={data.verdicts} group={mix.group} pot={data.pot} years={data.years} />
            </div>
          </div>
        )}
      </article>
    </div>
  );
}

/** Asks for one of a list, to have its name. */
const just = (id: number | null) => ({ per_page: 1, ...(id === null ? {} : { with: id }) });
