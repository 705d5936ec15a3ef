import { Button, Form, Spin } from 'antd';
import { useState } from 'react';
import { Link, useParams } from 'react-router';

import { type Schemas } from '../../api/client';
import { useBatch, useMixBatch } from '../../api/batches';
import { useMeta } from '../../api/meta';
import { Trouble } from '../../kit/forms/Trouble';
import { useWords } from '../../i18n/words';
import { TextField } from '../../kit/fields/TextField';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { MixingSheet } from './MixingSheet';
import { DoButton } from '../../kit/people/DoButton';
import common from '../../styles/common.module.css';
import styles from './log.module.css';

/** A saved batch as the sheet that goes to the bench. */
export default function SheetPage() {
  const { t } = useWords();
  const { id } = useParams();
  const batch = useBatch(Number(id));

  return (
    <div className={styles.sheetPage}>
      <p className={common.sheetTools}>
        <Link to="/log">{t('sheet.back')}</Link>
        <Button type="primary" disabled={batch.data === undefined} onClick={() => window.print()}>
          {t('sheet.print')}
        </Button>
      </p>
      {batch.isPending && <Spin className={common.listWaiting} />}
      <Trouble line error={batch.error} />
      {batch.data !== undefined && <Mixing batch={batch.data} />}
      {batch.data !== undefined && <MixingSheet batch={batch.data} />}
    </div>
  );
}

/** Whether a batch is mixed: then it was drawn from the bins, which can be taken back. */
function Mixing({ batch }: { batch: Schemas['Batch'] }) {
  const { t, date, money, q } = useWords();
  const currency = useMeta().data?.currency ?? 'EUR';
  const mix = useMixBatch(batch.id);
  const say = useUndoable();
  const [person, setPerson] = useState('');
  const back = () => mix.mutate(null, { onSuccess: () => say(t('sheet.unmixed')) });

  return (
    <section className={`${styles.mixing} ${common.noPrint}`}>
      {batch.mixed_at === null ? (
        <>
          <p className={common.quiet}>{t('sheet.notDrawn')}</p>
          <Form layout="vertical" className={styles.mixingRow}>
            <TextField label={t('sheet.who')} value={person} onChange={setPerson} longest={60} />
            <DoButton
              be="helper"
              size="large"
              type="primary"
              loading={mix.isPending}
              onClick={() => mix.mutate(person, { onSuccess: () => say(t('sheet.isMixed'), back) })}
            >
              {t('sheet.markMixed')}
            </DoButton>
          </Form>
        </>
      ) : (
        <p className={styles.mixingRow}>
          <span>
            ✓{' '}
            {t('sheet.drawn', {
              date: date(batch.mixed_at),
              by: batch.mixed_by === '' ? 'none' : batch.mixed_by,
              litres: q(
                batch.taken.reduce((sum, part) => sum + part.litres, 0),
                'L',
              ),
            })}
            {batch.used_cost !== null && ` ${t('sheet.cost', { cost: money(batch.used_cost, currency) })}`}
          </span>
          <DoButton be="helper" size="large" loading={mix.isPending} onClick={back}>
            {t('sheet.unmix')}
          </DoButton>
        </p>
      )}
      <Trouble line error={mix.error} />
    </section>
  );
}
