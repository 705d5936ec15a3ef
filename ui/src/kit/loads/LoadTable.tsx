import type { ReactNode } from 'react';

import type { Schemas } from '../../api/client';
import { Swatch } from '../../drawing/Swatch';
import { useWords } from '../../i18n/words';
import common from '../../styles/common.module.css';
import { grouped, type ScoopedLine, type ShownLoad } from './loads';
import { Scrolls } from '../Scrolls';
import styles from './loads.module.css';
import { useLoadWords } from './useLoadWords';

/** Deviations below this are those of rounding what is shown. */
const SHOWN_SHARE = 0.0005;

export interface LoadRow {
  component_id: number;
  name: string;
  kind: Schemas['Kind'];
  colour: string;
  true_share: number | null;
  deviation_share: number | null;
  /** Beside the name. */
  beside?: ReactNode;
  /** After the rest. */
  more?: ReactNode;
}

interface Props {
  loads: ShownLoad[];
  rows: LoadRow[];
  scoopL: number;
  /** Heads of what stands in `more`. */
  moreHeads?: ReactNode;
  /** As on paper, to be read at arm's length. */
  large?: boolean;
}

/** What goes into each load: a column for every kind of load, a row for every component. */
export function LoadTable({ loads, rows, scoopL, moreHeads, large = false }: Props) {
  const { t, percent, q } = useWords();
  const words = useLoadWords();
  const groups = grouped(loads);
  const lineOf = (lines: ScoopedLine[], id: number) => lines.find((line) => line.component_id === id);
  const litresOf = (id: number) => loads.reduce((sum, load) => sum + (lineOf(load.lines, id)?.litres ?? 0), 0);

  const table = (
    <table className={large ? styles.large : `${common.viewTable} ${styles.loads}`}>
      <thead>
        <tr>
          <th scope="col">{t('loads.component')}</th>
          {groups.map((group) => (
            <th key={group.from} scope="col" className={group.mixed ? styles.isMixed : undefined}>
              {group.mixed && '✓ '}
              {words.name(group)}
              <small>
                {group.mixed && `${t('loads.mixed')}, `}
                {words.litres(group)}
              </small>
              {words.otherScoop(group.lines, scoopL) !== null && <small>{words.otherScoop(group.lines, scoopL)}</small>}
            </th>
          ))}
          <th scope="col">{t('loads.all')}</th>
          <th scope="col">{t('loads.share')}</th>
          {moreHeads}
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <tr key={row.component_id}>
            <th scope="row">
              <span className={common.withSwatch}>
                <Swatch kind={row.kind} colour={row.colour} />
                {row.name}
                {large && row.beside}
              </span>
              {!large && row.beside}
            </th>
            {groups.map((group) => {
              const line = lineOf(group.lines, row.component_id);
              return (
                <td key={group.from} className={large ? common.sheetScoops : styles.scoops}>
                  {line === undefined ? '–' : words.scoops(line)}
                  {line !== undefined && words.besideScoops(line) !== null && <small>{words.besideScoops(line)}</small>}
                </td>
              );
            })}
            <td>{t('loads.of', { litres: q(litresOf(row.component_id), 'L') })}</td>
            <td>
              {row.true_share === null ? '–' : percent(row.true_share)}
              <Off share={row.deviation_share} />
            </td>
            {row.more}
          </tr>
        ))}
      </tbody>
    </table>
  );

  return <Scrolls name={t('loads.title')}>{table}</Scrolls>;
}

/** How far a part is off the recipe, relative to itself. */
function Off({ share }: { share: number | null }) {
  const { t, percent } = useWords();

  return share === null || Math.abs(share) < SHOWN_SHARE ? null : (
    <small className={styles.off}>
      {t('loads.off', { more: share > 0 ? 'more' : 'less', share: percent(Math.abs(share)) })}
    </small>
  );
}
