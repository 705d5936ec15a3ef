import { Spin } from 'antd';
import { Link, useSearchParams } from 'react-router';

import { type Schemas } from '../../api/client';
import { useComponentSheets } from '../../api/components';
import { useMeta } from '../../api/meta';
import { Swatch } from '../../drawing/Swatch';
import type { MessageId } from '../../i18n/words';
import { Trouble } from '../../kit/forms/Trouble';
import { useWords } from '../../i18n/words';
import { SieveChart } from './SieveChart';
import common from '../../styles/common.module.css';
import styles from './bins.module.css';

const MOST = 4;

type Sheet = Schemas['ComponentSheet'];

/** Two to four components side by side: sizes on one axis, then water, weight, reaction, price and life. */
export default function CompareComponentsPage() {
  const { t, n, percent, q, priceOf } = useWords();
  const currency = useMeta().data?.currency ?? 'EUR';
  const [parameters] = useSearchParams();
  const ids = [...new Set((parameters.get('ids') ?? '').split(',').map(Number).filter(Number.isInteger))].slice(
    0,
    MOST,
  );
  const found = useComponentSheets(ids);
  const sheets = found.map((sheet) => sheet.data).filter((sheet) => sheet !== undefined);
  const error = found.find((sheet) => sheet.error !== null)?.error;
  const rows: [MessageId, (sheet: Sheet) => string][] = [
    ['bins.kind', (sheet) => t(`kind.${sheet.component.kind}`)],
    [
      'compare.size',
      (sheet) =>
        t('compare.sizeText', {
          d10: n(sheet.poured.d10_mm, 2),
          d50: n(sheet.poured.d50_mm, 2),
          d90: n(sheet.poured.d90_mm, 2),
        }),
    ],
    ['compare.water', (sheet) => percent(sheet.poured.theta_10)],
    ['compare.given', (sheet) => percent(sheet.poured.theta_10 - sheet.poured.theta_100)],
    ['compare.flux', (sheet) => `${n(sheet.poured.flux_cm_s, 2)} ${t('unit.cmS')}`],
    ['compare.dry', (sheet) => `${n(sheet.poured.bulk_density)} ${t('unit.kgL')}`],
    ['compare.wet', (sheet) => `${n(sheet.poured.bulk_density + sheet.poured.theta_10)} ${t('unit.kgL')}`],
    ['bins.ph', (sheet) => (sheet.poured.ph === null ? '–' : n(sheet.poured.ph))],
    ['field.buffer', (sheet) => `${n(sheet.component.buffer)} ${t('unit.buffer')}`],
    ['field.cec', (sheet) => `${n(sheet.component.cec)} ${t('unit.cec')}`],
    ['compare.price', (sheet) => (sheet.price_per_l === null ? '–' : priceOf(sheet.price_per_l, 'L', currency))],
    ['compare.left', (sheet) => percent(sheet.ageing.left)],
    ['compare.fines', (sheet) => percent(sheet.ageing.finer_than_1_mm_then)],
    ['bins.stock', (sheet) => (sheet.component.stock_l > 0 ? q(sheet.component.stock_l, 'L') : '–')],
    ['bins.basis', (sheet) => t(`basis.${sheet.component.basis}`)],
  ];

  return (
    <div className={styles.componentPage}>
      <p className="sheet-back">
        <Link to="/bins">{t('component.back')}</Link>
      </p>
      <h1>{t('compare.title')}</h1>
      <Trouble line error={error} />
      {ids.length < 2 && <p className={common.listEmpty}>{t('compare.choose')}</p>}
      {sheets.length < ids.length && error == null && <Spin className={common.listWaiting} />}
      {sheets.length > 1 && sheets.length === ids.length && (
        <div className={styles.compare}>
          <SieveChart sheets={sheets} />
          <table className={common.plainTable}>
            <thead>
              <tr>
                <td />
                {sheets.map((sheet) => (
                  <th key={sheet.component.id} scope="col">
                    <Swatch kind={sheet.component.kind} colour={sheet.component.colour} />
                    <Link to={`/bins/${sheet.component.id}`}>{sheet.component.name}</Link>
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rows.map(([title, text]) => (
                <tr key={title}>
                  <th scope="row">{t(title)}</th>
                  {sheets.map((sheet) => (
                    <td key={sheet.component.id}>{text(sheet)}</td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </div>
  );
}
