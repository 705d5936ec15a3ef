import { rules } from '../../../api/meta';
import type { Schemas } from '../../../api/client';
import { useWords } from '../../../i18n/words';
import blendStyles from '../blend.module.css';

/** Reaction, surface and tipping in plain sentences. */
export function Remarks({ evaluation }: { evaluation: Schemas['Evaluation'] }) {
  const { t, n, percent, q } = useWords();
  const { reaction, surface, tipped, targets } = evaluation;
  const says: string[] = [];
  if (reaction !== null) {
    says.push(
      t('reaction.text', {
        buffered: reaction.buffered ? 'yes' : 'no',
        ph: n(reaction.ph, 2),
        buffer: n(reaction.buffer_mmol_l, 2),
        cec: n(reaction.cec_cmol_l, 2),
      }),
    );
    if (reaction.later_ph !== null && reaction.first_month_ph !== null) {
      says.push(
        t('reaction.later', {
          alkalinity: n(reaction.alkalinity_mg_l),
          rain: reaction.rain_share > 0 ? percent(reaction.rain_share) : 'none',
          feed: n(reaction.feed_acidity_mmol_l_year, 2),
          drained: q(reaction.drained_l_per_l ?? 0, 'L'),
          month: n(reaction.first_month_ph, 2),
          later: n(reaction.later_ph, 2),
          years: n(targets?.planned_years ?? 0),
        }),
      );
    }
    if (reaction.dose !== null) {
      says.push(
        t('reaction.dose', {
          agent: reaction.dose.agent,
          grams: n(reaction.dose.grams_per_l, 2),
          ph: n(reaction.dose.to_ph, 2),
        }),
      );
    }
  }
  if (surface !== null) {
    if (surface.washed_off > rules.notable.washed_off) {
      says.push(
        t('surface.washed', {
          share: percent(surface.washed_off),
          litres: q(surface.washed_off_l, 'L'),
          stone: percent(surface.washed_off_stone),
          moss: percent(surface.washed_off_moss),
        }),
      );
    }
    if (surface.warmer_k > rules.notable.warmer_k) {
      says.push(t('surface.heat', { kelvin: n(surface.warmer_k, 1) }));
    }
    if (surface.repels > rules.notable.repelled) {
      says.push(t('surface.repels', { share: percent(surface.repels) }));
    }
  }
  if (tipped !== null && tipped.lets_out_l > rules.notable.litres) {
    says.push(
      t('tipped.text', { degrees: n(tipped.degrees), litres: q(tipped.lets_out_l, 'L'), air: percent(tipped.air) }),
    );
  }

  return (
    <details className={blendStyles.notes}>
      <summary>{t('reaction.title')}</summary>
      <ul>
        {says.map((sentence) => (
          <li key={sentence}>{sentence}</li>
        ))}
      </ul>
    </details>
  );
}
