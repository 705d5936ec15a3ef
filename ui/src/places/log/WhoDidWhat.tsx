import { Button, Pagination } from 'antd';
import type { ReactNode } from 'react';

import { type Activity, useActivity, useTakeBack } from '../../api/people';
import type { MessageId } from '../../i18n/words';
import { useWords } from '../../i18n/words';
import { useAddressed } from '../../kit/hooks/useAddressed';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { ListHead } from '../../kit/lists/ListHead';
import { ListState } from '../../kit/lists/ListState';
import common from '../../styles/common.module.css';
import { deedOf, subjectOf } from './deeds';
import styles from './log.module.css';

const ROWS = 50;

/** Everything that was changed, by whom, the newest first; what can be taken back is, with one tap. */
export function WhoDidWhat({ views }: { views: ReactNode }) {
  const { t, date, time } = useWords();
  const say = useUndoable();
  const [person, setPerson] = useAddressed('by', '');
  const [page, setPage] = useAddressed('whoPage', '1');
  const query = { page: Math.max(1, Number(page) || 1), per_page: ROWS, ...(person.trim() === '' ? {} : { person }) };
  const found = useActivity(query);
  const takeBack = useTakeBack();
  const done = found.data?.data ?? [];
  const days = [...new Set(done.map(({ done_at }) => done_at.slice(0, 10)))];
  const undo = (each: Activity) => {
    if (each.undo != null) {
      takeBack.mutate(each.undo, {
        onSuccess: () => say(t('log.tookBack')),
        onError: (problem) => say(problem.message),
      });
    }
  };

  return (
    <>
      <ListHead
        title={t('log.title')}
        search={person}
        searchLabel={t('log.whoseDeeds')}
        setSearch={(text) => {
          setPage('1');
          setPerson(text);
        }}
      >
        {views}
      </ListHead>
      <ListState
        isPending={found.isPending}
        error={found.error}
        retry={() => void found.refetch()}
        isEmpty={done.length === 0}
        empty={t(person === '' ? 'log.nobody' : 'log.nobodySo')}
      >
        {days.map((day) => (
          <section key={day} className={styles.logOfDay} aria-label={date(day)}>
            <h2>{date(day)}</h2>
            <ul>
              {done
                .filter(({ done_at }) => done_at.startsWith(day))
                .map((each) => (
                  <li key={each.id}>
                    <time>{time(each.done_at)}</time>
                    <span>
                      <strong>{each.person === '' ? t('log.atDesk') : each.person}</strong> ·{' '}
                      {t(`log.did.${deedOf(each)}`)} · {t(`log.on.${subjectOf(each)}` as MessageId)} {each.name}{' '}
                      {each.undo != null && (
                        <Button
                          size="small"
                          aria-label={`${t('log.takeBack')}: ${t(`log.did.${deedOf(each)}`)} ${each.name}`}
                          disabled={takeBack.isPending}
                          onClick={() => undo(each)}
                        >
                          {t('log.takeBack')}
                        </Button>
                      )}
                    </span>
                  </li>
                ))}
            </ul>
          </section>
        ))}
        <Pagination
          className={`${styles.logPages} ${common.noPrint}`}
          hideOnSinglePage
          current={query.page}
          pageSize={ROWS}
          showSizeChanger={false}
          total={found.data?.total ?? 0}
          onChange={(next) => setPage(String(next))}
        />
      </ListState>
    </>
  );
}
