import { Button } from 'antd';

import type { Schemas } from '../../api/client';
import { useWhichPot, type Whose } from '../../api/pots';
import type { MessageId } from '../../i18n/words';
import { useWords } from '../../i18n/words';
import { ListState } from '../lists/ListState';
import { names } from '../mixes/verdictWords';
import common from '../../styles/common.module.css';
import styles from './days.module.css';
import { Side } from '../overlays/Side';

type Row = Schemas['WhichPotRow'];
const KMH_PER_MS = 3.6;
const OWN_MISSES: readonly string[] = ['not_free', 'too_narrow', 'too_shallow', 'topples'];

interface Props {
  whose: Whose;
  /** Pots wanted: as many as are alike. */
  count: number;
  close: () => void;
  /** Null where it may only be looked at. */
  take: ((pot: { id: number; name: string }) => void) | null;
}

/** Pots of the yard for a plant and its ball, best first: what each offers, and why it misses. */
export function WhichPot({ whose, count, close, take }: Props) {
  const { t, q } = useWords();
  const found = useWhichPot(whose);
  const buy = found.data?.buy ?? null;

  return (
    <Side open size={980} title={t('whichPot.title')} onClose={close}>
      <ListState found={found} isEmpty={found.data?.pots.length === 0} empty={t('whichPot.none')}>
        {buy !== null && (
          <p className={common.mind}>
            ◆{' '}
            {t('whichPot.buy', {
              length: q(buy.length_cm, 'cm'),
              width: q(buy.width_cm, 'cm'),
              depth: q(buy.depth_cm, 'cm'),
            })}
          </p>
        )}
        <table className={common.plainTable}>
          <thead>
            <tr>
              <th scope="col">{t('whichPot.pot')}</th>
              <th scope="col">{t('whichPot.litres')}</th>
              <th scope="col">{t('whichPot.beside')}</th>
              <th scope="col">{t('whichPot.beneath')}</th>
              <th scope="col">{t('whichPot.air')}</th>
              <th scope="col">{t('whichPot.dries')}</th>
              <th scope="col">{t('whichPot.weight')}</th>
              <th scope="col">{t('whichPot.gust')}</th>
              <th scope="col">{t('whichPot.suits')}</th>
              {take !== null && <th scope="col">{t('common.actions')}</th>}
            </tr>
          </thead>
          <tbody>
            {(found.data?.pots ?? []).map((row) => (
              <PotRow key={row.id} row={row} count={count} take={take} />
            ))}
          </tbody>
        </table>
      </ListState>
    </Side>
  );
}

function PotRow({ row, count, take }: { row: Row; count: number; take: Props['take'] }) {
  const { t, n, percent } = useWords();
  const number = (value: number | null) => (value === null ? '–' : n(value, 2));
  const own = row.misses.filter((miss) => OWN_MISSES.includes(miss));
  const criteria = row.misses.filter((miss) => !OWN_MISSES.includes(miss)) as Schemas['Criterion'][];
  const words = [
    ...own.map((miss) => t(`whichPot.miss.${miss}` as MessageId)),
    ...(criteria.length === 0
      ? []
      : [
          names(
            criteria.map((criterion) => ({ criterion })),
            t,
          ),
        ]),
  ];

  return (
    <tr>
      <th scope="row" className={styles.whichPot}>
        <strong>{row.name}</strong>
        <small>
          {row.is_own ? t('whichPot.own') : t('whichPot.free', { free: Math.max(0, row.free) })}
          {row.place !== '' && ` · ${row.place}`}
        </small>
        {row.one_size_up && <small>{t('whichPot.oneUp')}</small>}
        {row.proportions.length > 0 && (
          <small title={t('whichPot.rules')}>
            {row.proportions
              .map((rule) =>
                t(`whichPot.rule.${rule.rule}` as MessageId, { is: n(rule.is_cm, 2), should: n(rule.should_cm, 2) }),
              )
              .join(', ')}
          </small>
        )}
      </th>
      <td>{n(row.pot_l)}</td>
      <td>{number(row.beside_cm)}</td>
      <td>
        {number(row.beneath_cm)}
        {(row.thin_cm ?? 0) > 0 && <small className={common.quiet}> −{n(row.thin_cm ?? 0, 2)}</small>}
      </td>
      <td>{percent(row.air)}</td>
      <td>{row.dries_h === null ? '–' : n(row.dries_h / 24, 2)}</td>
      <td>{n(row.wet_kg, 2)}</td>
      <td>{row.gust_ms === null ? '–' : n(Math.round(row.gust_ms * KMH_PER_MS))}</td>
      <td className={styles.whichPotSuits}>
        {row.misses.length === 0 ? (
          t(`rating.${row.rating}`)
        ) : (
          <span className={row.fits && row.free >= count ? common.mind : common.stop}>◆ {words.join(', ')}</span>
        )}
      </td>
      {take !== null && (
        <td>
          <Button aria-label={t('whichPot.takeOne', { name: row.name })} onClick={() => take(row)}>
            {t('whichPot.take')}
          </Button>
        </td>
      )}
    </tr>
  );
}
