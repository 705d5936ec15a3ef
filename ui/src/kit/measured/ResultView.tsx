import { Button, Input } from 'antd';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { useWords } from '../../i18n/words';
import { type Draft, withAside } from './readings';
import { useFigures } from './useFigures';
import styles from './measured.module.css';
import common from '../../styles/common.module.css';

interface Props {
  test: Schemas['BenchTest'];
  /** Where the test still runs: its fields, to set rounds aside and to give reasons. */
  draft?: Draft;
  change?: (draft: Draft) => void;
  goTo?: (path: string) => void;
  override?: (rule: string, reason: string) => void;
}

/** What the readings come to: figures round by round, doubts, what they change, and how they stand to what was computed. */
export function ResultView({ test, draft, change, goTo, override }: Props) {
  const { t } = useWords();
  const { result } = test;
  const missing = result.missing[0];
  return (
    <section className={styles.testResult}>
      {missing !== undefined && goTo !== undefined && (
        <p className={common.mind}>
          {t('bench.missing', { count: result.missing.length })}{' '}
          <Button onClick={() => goTo(missing)}>{t('bench.toMissing')}</Button>
        </p>
      )}
      {result.faults.map((fault) => (
        <p key={fault.path} className={common.fieldError} role="alert">
          {fault.message}{' '}
          {goTo !== undefined && <Button onClick={() => goTo(fault.path)}>{t('bench.toMissing')}</Button>}
        </p>
      ))}
      {result.doubts.map((doubt, i) => (
        <Doubt key={`${doubt.rule} ${i}`} doubt={doubt} override={i === 0 ? override : undefined} />
      ))}
      <Figures test={test} draft={draft} change={change} />
      <Findings findings={result.findings} />
      <Changes test={test} />
      <ComparedList compared={result.compared} />
    </section>
  );
}

function Doubt({
  doubt,
  override,
}: {
  doubt: Schemas['BenchResult']['doubts'][number];
  override: ((rule: string, reason: string) => void) | undefined;
}) {
  const { t } = useWords();
  const [reason, setReason] = useState(doubt.reason ?? '');
  return (
    <div className={styles.testDoubt}>
      <p className={common.mind} role="alert">
        {doubt.message}
      </p>
      {override !== undefined ? (
        <label>
          {t('bench.reason')}
          <Input
            size="large"
            value={reason}
            maxLength={200}
            onChange={(event) => {
              setReason(event.target.value);
              override(doubt.rule, event.target.value);
            }}
          />
          <span className={common.quiet}>{t('bench.reasonNeeded')}</span>
        </label>
      ) : (
        doubt.reason !== null && (
          <p>
            {t('bench.reason')}: {doubt.reason}
          </p>
        )
      )}
    </div>
  );
}

function Figures({
  test,
  draft,
  change,
}: {
  test: Schemas['BenchTest'];
  draft: Draft | undefined;
  change: ((draft: Draft) => void) | undefined;
}) {
  const { t } = useWords();
  const figures = useFigures();
  const [main] = test.result.figures;
  if (main === undefined) {
    return null;
  }
  return (
    <>
      <ul className={styles.testFigures}>
        {test.result.figures.map((figure) => (
          <li key={figure.name}>
            <span>{figures.name(figure.name)}</span>
            <strong>{figures.withUncertainty(figure.name, figure.mean, figure.uncertainty)}</strong>
            <span className={common.quiet}>{t('bench.n', { n: figure.n })}</span>
          </li>
        ))}
      </ul>
      {main.rounds.length > 1 && (
        <ul className={styles.testRounds}>
          {main.rounds.map(({ round, value, set_aside, stands_out }) => (
            <li key={round} className={set_aside ? styles.isAside : stands_out ? styles.standsOut : ''}>
              {t('bench.round', { round: round + 1 })} <strong>{figures.value(main.name, value)}</strong>
              {stands_out && <em> {t('bench.standsOut')}</em>}
              {set_aside && <em> {t('bench.isSetAside')}</em>}
              {draft !== undefined && change !== undefined && (
                <Button onClick={() => change(withAside(draft, round, !set_aside))}>
                  {t(set_aside ? 'bench.takeBack' : 'bench.setAside')}
                </Button>
              )}
            </li>
          ))}
        </ul>
      )}
    </>
  );
}

export function Findings({ findings }: { findings: Record<string, string> }) {
  const { t } = useWords();
  return (
    <>
      {Object.entries(findings).map(([name, value]) => (
        <p key={name} className={styles.testFinding}>
          {t(`finding.${name}.${value}` as 'finding.lime.none')}
        </p>
      ))}
    </>
  );
}

function Changes({ test }: { test: Schemas['BenchTest'] }) {
  const { t } = useWords();
  const figures = useFigures();
  const { changes, trouble } = test.result;
  if (trouble !== null) {
    return <p className={common.mind}>{t('bench.trouble', { why: trouble })}</p>;
  }
  if (changes.length === 0) {
    return test.component_id !== null && test.result.figures.length > 0 ? (
      <p className={common.quiet}>{t('bench.nothingChanges')}</p>
    ) : null;
  }
  const row = (change: (typeof changes)[number]) => (
    <tr key={change.figure}>
      <th scope="row">{figures.name(change.figure)}</th>
      <td>
        {change.before === null
          ? '–'
          : figures.withUncertainty(change.figure, change.before, change.before_uncertainty)}
      </td>
      <td>
        <strong>{figures.withUncertainty(change.figure, change.after, change.after_uncertainty)}</strong>
      </td>
    </tr>
  );
  return (
    <section>
      <h2>{t('bench.changes')}</h2>
      <table className={`${common.plainTable} ${styles.testChanges}`}>
        <thead>
          <tr>
            <td />
            <th scope="col">{t('bench.before')}</th>
            <th scope="col">{t('bench.after')}</th>
          </tr>
        </thead>
        <tbody>{changes.filter((change) => change.is_property).map(row)}</tbody>
        <tbody>
          <tr>
            <th scope="rowgroup" colSpan={3} className={common.quiet}>
              {t('bench.consequences')}
            </th>
          </tr>
          {changes.filter((change) => !change.is_property).map(row)}
        </tbody>
        <caption>{t('bench.changesHint')}</caption>
      </table>
    </section>
  );
}

/** Measured against computed, in words. */
export function ComparedList({ compared, bare = false }: { compared: Schemas['Compared'][]; bare?: boolean }) {
  const { t } = useWords();
  const figures = useFigures();
  if (compared.length === 0) {
    return null;
  }
  return (
    <section>
      {!bare && <h2>{t('bench.compared')}</h2>}
      <ul className={styles.testCompared}>
        {compared.map((each) => (
          <li key={each.figure} className={each.verdict === 'agrees' ? '' : styles.differs}>
            {t(`bench.${each.verdict}`, {
              figure: figures.name(each.figure),
              measured: figures.withUncertainty(each.figure, each.measured, each.uncertainty),
              computed: figures.value(each.figure, each.computed),
              difference: figures.value(each.figure, Math.abs(each.difference)),
            })}
          </li>
        ))}
      </ul>
    </section>
  );
}
