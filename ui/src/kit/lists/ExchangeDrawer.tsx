import { Alert, Button, Checkbox, Segmented, Table } from 'antd';
import { useId, useState } from 'react';
import { ApiProblem, type Schemas } from '../../api/client';
import { type SheetName, typeOf, useImport, useTakeComponent, useTakePlant, useTakePot } from '../../api/files';
import { rules } from '../../api/meta';
import type { MessageId } from '../../i18n/words';
import { useWords } from '../../i18n/words';
import common from '../../styles/common.module.css';
import styles from './lists.module.css';
import kit from '../kit.module.css';
import { FilesOut } from './FilesOut';
import { WholeYard } from './WholeYard';
import { Side } from '../overlays/Side';
import { May } from '../people/May';

type Report = Schemas['ImportReport'];

const SHEETS: SheetName[] = ['components', 'lots', 'sieve-tests'];

/** Files in and out: first what would happen, row by row, then all of it, or the good rows if one wants. */
export function ExchangeDrawer({ close, sheets = SHEETS }: { close: () => void; sheets?: SheetName[] }) {
  const { t } = useWords();
  const [sheet, setSheet] = useState<SheetName>(sheets[0] ?? 'components');
  // what was looked through is what is taken, whatever becomes of the file meanwhile
  const [file, setFile] = useState<Blob | null>(null);
  const [report, setReport] = useState<Report | null>(null);
  const [trouble, setTrouble] = useState<string[]>([]);
  const [isBusy, setBusy] = useState(false);
  const [taken, setTaken] = useState('');
  const send = useImport();
  const takeComponent = useTakeComponent();
  const takePlant = useTakePlant();
  const takePot = useTakePot();
  const files: Partial<Record<SheetName, { label: MessageId; takeIn: (text: string) => Promise<{ name: string }> }>> = {
    components: { label: 'exchange.json', takeIn: takeComponent },
    plants: { label: 'exchange.jsonPlant', takeIn: takePlant },
    pots: { label: 'exchange.jsonPot', takeIn: takePot },
  };
  const json = files[sheet];
  const [csvId, jsonId] = [useId(), useId()];

  const attempt = async (work: () => Promise<void>) => {
    setBusy(true);
    setTrouble([]);
    try {
      await work();
    } catch (problem) {
      setTrouble(
        problem instanceof ApiProblem
          ? problem.errors.length > 0
            ? problem.errors.map((error) => `${error.path === 'file' ? '' : `${error.path}: `}${error.message}`)
            : [problem.message]
          : [t('problem.offline')],
      );
    } finally {
      setBusy(false);
    }
  };
  const isTooLarge = (chosen: File) => {
    if (chosen.size > rules.most_file_bytes) {
      setTrouble([t('exchange.tooLarge', { mb: rules.most_file_bytes / 1e6 })]);
      return true;
    }
    return false;
  };
  const look = (chosen: File) => {
    setReport(null);
    setTaken('');
    setTrouble([]);
    if (!isTooLarge(chosen)) {
      void attempt(async () => {
        const kept = new Blob([await chosen.arrayBuffer()], { type: typeOf(chosen.name) });
        setFile(kept);
        setReport(await send(sheet, kept, { dry_run: 1 }));
      });
    }
  };
  const take = (how: { good_only?: 1 }) => {
    if (file !== null) {
      void attempt(async () => {
        const done = await send(sheet, file, how);
        setReport(done);
        setTaken(done.taken ? t('exchange.did', { added: done.added, changed: done.changed }) : t('exchange.nothing'));
      });
    }
  };

  return (
    <Side open size={640} title={t('exchange.title')} onClose={close}>
      <div className="exchange">
        <Segmented
          block
          aria-label={t('exchange.kind')}
          value={sheet}
          options={sheets.map((each) => ({ value: each, label: t(`exchange.${each}`) }))}
          onChange={(next) => {
            setSheet(next);
            setReport(null);
            setFile(null);
            setTrouble([]);
            setTaken('');
          }}
        />
        <h3>{t('exchange.out')}</h3>
        <FilesOut sheet={sheet} />
        <May be="grower">
          <h3>{t('exchange.in')}</h3>
          <p className={common.quiet}>{t('exchange.hint')}</p>
          <p>
            <label htmlFor={csvId} className={kit.fileLabel}>
              {t('exchange.choose')}
            </label>
            <input
              key={sheet}
              id={csvId}
              type="file"
              accept=".csv,.ods,.xlsx,text/csv"
              onChange={(event) => {
                const chosen = event.target.files?.[0];
                if (chosen !== undefined) {
                  look(chosen);
                }
              }}
            />
          </p>
          {json !== undefined && (
            <p>
              <label htmlFor={jsonId} className={kit.fileLabel}>
                {t(json.label)}
              </label>
              <input
                id={jsonId}
                type="file"
                accept=".json,application/json"
                onChange={(event) => {
                  const chosen = event.target.files?.[0];
                  if (chosen !== undefined && !isTooLarge(chosen)) {
                    void attempt(async () => {
                      const { name } = await json.takeIn(await chosen.text());
                      setTaken(t('common.saved', { name }));
                    });
                  }
                }}
              />
            </p>
          )}
          {isBusy && <p role="status">{t('exchange.reading')}</p>}
          {trouble.map((message) => (
            <p key={message} className={common.fieldError} role="alert">
              {message}
            </p>
          ))}
          {taken !== '' && <Alert type={report?.taken === false ? 'warning' : 'success'} title={taken} showIcon />}
          {report !== null && <ReportTable report={report} take={take} isBusy={isBusy} />}
        </May>
        <May be="owner">
          <WholeYard attempt={attempt} />
        </May>
      </div>
    </Side>
  );
}

function ReportTable({
  report,
  take,
  isBusy,
}: {
  report: Report;
  take: (how: { good_only?: 1 }) => void;
  isBusy: boolean;
}) {
  const { t } = useWords();
  const [onlyRefused, setOnlyRefused] = useState(report.refused > 0);
  const good = report.added + report.changed;
  const { added, changed, same, refused } = report;
  return (
    <>
      <p className={styles.exchangeSum} role="status">
        {t('exchange.would', { added, changed, same, refused })}
      </p>
      {!report.taken && (
        <p className={styles.exchangeOut}>
          <Button type="primary" disabled={isBusy || refused > 0 || good === 0} onClick={() => take({})}>
            {t('exchange.take')}
          </Button>
          {refused > 0 && good > 0 && (
            <Button disabled={isBusy} onClick={() => take({ good_only: 1 })}>
              {t('exchange.takeGood', { count: good })}
            </Button>
          )}
        </p>
      )}
      {refused > 0 && (
        <Checkbox checked={onlyRefused} onChange={(event) => setOnlyRefused(event.target.checked)}>
          {t('exchange.onlyRefused')}
        </Checkbox>
      )}
      <Table
        size="small"
        rowKey="line"
        dataSource={report.rows.filter((row) => !onlyRefused || row.status === 'refused')}
        pagination={{ pageSize: 25, hideOnSinglePage: true, showSizeChanger: false }}
        columns={[
          { title: t('exchange.line'), dataIndex: 'line', width: 60, align: 'right' },
          { title: t('field.name'), dataIndex: 'name' },
          {
            title: t('bench.result'),
            render: (_, row) => (
              <>
                {t(`exchange.status.${row.status}`)}
                {row.errors.map((error, i) => (
                  <span key={i} className={`${common.fieldError} ${styles.exchangeError}`}>
                    {error.column !== '' && <strong>{error.column}: </strong>}
                    {error.message}
                  </span>
                ))}
              </>
            ),
          },
        ]}
      />
    </>
  );
}
