import { Checkbox } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';

import type { Schemas } from '../../api/client';
import { useRight } from '../../api/right';
import { useValidation } from '../../api/truth';
import type { MessageId } from '../../i18n/words';
import { useWords, type Words } from '../../i18n/words';
import { CsvButton } from '../../kit/lists/CsvButton';
import { ListState } from '../../kit/lists/ListState';
import { useFigureWords } from '../../kit/log/useFigureWords';
import { RatingWord } from '../../kit/mixes/RatingHead';
import { Scrolls } from '../../kit/Scrolls';
import styles from './bench.module.css';
import common from '../../styles/common.module.css';

/** The model beside published figures and practice cases, computed now, hits and misses alike. */
export default function TruthPage() {
  const { t } = useWords();
  const found = useValidation();

  return (
    <ListState found={found}>
      {found.data !== undefined && (
        <div className={`${common.listPage} ${styles.truthPage}`}>
          <header className={common.listHead}>
            <h1>{t('truth.title')}</h1>
            <Link to="/bench">{t('nav.bench')}</Link>
            <CsvButton
              name="zolbek-truth"
              rows={found.data.sets.flatMap((set) => set.rows.map((row) => ({ set: set.name, ...row })))}
            />
          </header>
          <p className={`${common.quiet} ${styles.benchLead}`}>{t('truth.lead')}</p>
          <OwnTests />
          <Panel validation={found.data} />
          <h2>{t('truth.published')}</h2>
          <p className={common.quiet}>{t('truth.near')}</p>
          {found.data.sets.map((set) => (
            <PublishedSet key={set.name} set={set} />
          ))}
        </div>
      )}
    </ListState>
  );
}

/** The yard's own tests, beside what is published. */
function OwnTests() {
  const { t, n } = useWords();
  const figures = useRight().data?.figures ?? [];
  const say = useFigureWords();

  return (
    <section>
      <h2>{t('truth.own')}</h2>
      {figures.length === 0 ? (
        <p className={common.quiet}>{t('truth.ownNone')}</p>
      ) : (
        <Scrolls name={t('truth.own')}>
          <table className={common.plainTable}>
            <thead>
              <tr>
                <th scope="col">{t('right.figure')}</th>
                <th scope="col">{t('right.n')}</th>
                <th scope="col">{t('right.bias')}</th>
                <th scope="col">{t('right.spread')}</th>
              </tr>
            </thead>
            <tbody>
              {figures.map((each) => (
                <tr key={each.figure}>
                  <th scope="row">
                    <Link to={`/log/right?figure=${each.figure}`}>{say.name(each.figure)}</Link>
                  </th>
                  <td>{n(each.n, 4)}</td>
                  <td>{say.bias(each)}</td>
                  <td>{say.spread(each)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </Scrolls>
      )}
    </section>
  );
}

function Panel({ validation }: { validation: Schemas['Validation'] }) {
  const { t, percent } = useWords();
  const [onlyOff, setOnlyOff] = useState(true);
  const { kinds, cases } = validation;
  const sum = (of: 'told_apart' | 'same_word') => kinds.reduce((all, kind) => all + kind[of], 0);
  const shown = cases.filter((each) => !onlyOff || !each.same_word);

  return (
    <section>
      <h2>{t('truth.panel')}</h2>
      <p>{t('truth.panelLead', { apart: sum('told_apart'), all: cases.length, word: sum('same_word') })}</p>
      <Scrolls name={t('truth.kind')}>
        <table className={`${common.viewTable} ${styles.truthKinds}`}>
          <thead>
            <tr>
              <th scope="col">{t('truth.kind')}</th>
              <th scope="col">{t('truth.cases')}</th>
              <th scope="col">{t('truth.apart')}</th>
              <th scope="col">{t('truth.word')}</th>
            </tr>
          </thead>
          <tbody>
            {kinds.map((kind) => (
              <tr key={kind.expected}>
                <th scope="row">
                  <RatingWord rating={kind.expected} />
                </th>
                <td>{kind.cases}</td>
                <td>
                  {kind.told_apart} <span className={common.quiet}>({percent(kind.told_apart / kind.cases)})</span>
                </td>
                <td>
                  {kind.same_word} <span className={common.quiet}>({percent(kind.same_word / kind.cases)})</span>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </Scrolls>
      <Checkbox checked={onlyOff} onChange={(event) => setOnlyOff(event.target.checked)}>
        {t('truth.onlyOff')}
      </Checkbox>
      {shown.length === 0 ? (
        <p className={common.quiet}>{t('truth.noneOff')}</p>
      ) : (
        <Scrolls name={t('truth.cases')}>
          <table className={`${common.viewTable} ${styles.truthCases}`}>
            <thead>
              <tr>
                <th scope="col">{t('truth.mix')}</th>
                <th scope="col">{t('truth.plant')}</th>
                <th scope="col">{t('truth.expected')}</th>
                <th scope="col">{t('truth.got')}</th>
                <th scope="col">{t('truth.worst')}</th>
              </tr>
            </thead>
            <tbody>
              {shown.map((each) => (
                <tr key={each.id}>
                  <td>{mixText(each.mix)}</td>
                  <td>
                    {each.plant}, <span className={common.quiet}>{t(`truth.site.${each.site}` as MessageId)}</span>
                  </td>
                  <td>
                    <RatingWord rating={each.expected} />
                  </td>
                  <td>
                    <RatingWord rating={each.rating} />
                  </td>
                  <td>{each.rating === 'good' ? '–' : t(`verdict.${each.worst}`)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </Scrolls>
      )}
    </section>
  );
}

function mixText(mix: Schemas['PanelCase']['mix']): string {
  return mix.length === 1
    ? (mix[0]?.name ?? '')
    : mix.map(({ name, parts }) => `${parts} ${name.charAt(0).toLowerCase()}${name.slice(1)}`).join(', ');
}

function PublishedSet({ set }: { set: Schemas['PublishedSet'] }) {
  const words = useWords();
  const { t, n } = words;

  return (
    <section className={styles.truthSet}>
      <h3>
        {set.name.charAt(0).toUpperCase() + set.name.slice(1)}{' '}
        <span className={common.quiet}>
          {t('truth.hits', { hits: set.rows.filter((row) => row.agrees).length, all: set.rows.length })}
        </span>
      </h3>
      <p className={common.quiet}>
        {set.source}; {t(`truth.use.${set.use}`)}; {t(`truth.sure.${set.sure}`)}.{' '}
        {t(`truth.like.${set.key}` as MessageId)}
      </p>
      <Scrolls name={set.name}>
        <table className={common.viewTable}>
          <thead>
            <tr>
              <th scope="col">{t('truth.figure')}</th>
              <th scope="col">{t('truth.publishedCol')}</th>
              <th scope="col">{t('truth.model')}</th>
              <th scope="col" aria-label={t('truth.agrees')} />
            </tr>
          </thead>
          <tbody>
            {set.rows.map((row) => (
              <tr key={`${row.figure} ${row.of}`}>
                <th scope="row">
                  {t(`truth.f.${row.figure}` as MessageId)}
                  {row.of !== '' && <span className={common.quiet}>, {row.of}</span>}
                </th>
                <td>
                  {published(row, words)} <span className={common.quiet}>{row.unit}</span>
                </td>
                <td>
                  {n(row.model, 3)} <span className={common.quiet}>{row.unit}</span>
                </td>
                <td className={row.agrees ? styles.truthHit : styles.truthMiss}>
                  <span aria-hidden="true">{row.agrees ? '●' : '▲'}</span>{' '}
                  {t(row.agrees ? 'truth.agrees' : 'truth.misses')}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </Scrolls>
    </section>
  );
}

function published(row: Schemas['PublishedRow'], { t, n }: Words): string {
  if (row.low !== null && row.low === row.high) {
    return n(row.low, 3);
  }

  return row.high === null
    ? t('truth.from', { low: n(row.low ?? 0, 3) })
    : t('truth.range', { low: n(row.low ?? 0, 3), high: n(row.high, 3) });
}
