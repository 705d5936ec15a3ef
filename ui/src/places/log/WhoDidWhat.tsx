import { Button } from 'antd';
import type { ReactNode } from 'react';

import { type Activity, useActivity, useTakeBack } from '../../api/people';
import type { MessageId } from '../../i18n/words';
import { useWords } from '../../i18n/words';
import { useAddressed } from '../../kit/hooks/useAddressed';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { ListHead } from '../../kit/lists/ListHead';
import { ListState } from '../../kit/lists/ListState';
import { ByDay } from './ByDay';
import { deedOf, subjectOf } from './deeds';

const ROWS = 50;

/** Everything that was changed, by whom, the newest first; what can be taken back is, with one tap. */
export function WhoDidWhat({ views }: { views: ReactNode }) {
  const { t, time } = useWords();
  const say = useUndoable();
  const [person, setPerson] = useAddressed('by', '');
  const [page, setPage] = useAddressed('whoPage', '1');
  const query = { page: Math.max(1, Number(page) || 1), per_page: ROWS, ...(person.trim() === '' ? {} : { person }) };
  const found = useActivity(query);
  const takeBack = useTakeBack();
  const done = found.data?.data ?? [];
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
      <ListState found={found} isEmpty={done.length === 0} empty={t(person === '' ? 'log.nobody' : 'log.nobodySo')}>
        <ByDay
          lines={done}
          on={({ done_at }) => done_at.slice(0, 10)}
          page={query.page}
          rows={ROWS}
          total={found.data?.total ?? 0}
          turn={setPage}
        >
          {(each) => (
            <li key={each.id}>
              <time>{time(each.done_at)}</time>
              <span>
                <strong>{each.person === '' ? t('log.atDesk') : each.person}</strong> · {t(`log.did.${deedOf(each)}`)} ·{' '}
                {t(`log.on.${subjectOf(each)}` as MessageId)} {each.name}{' '}
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
          )}
        </ByDay>
      </ListState>
    </>
  );
}
