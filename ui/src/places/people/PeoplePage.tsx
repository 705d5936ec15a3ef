import { Button } from 'antd';
import { useState } from 'react';

import type { Schemas } from '../../api/client';
import { useArchivePerson, useForgetDevice, usePeople } from '../../api/people';
import { useWords } from '../../i18n/words';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { ListState } from '../../kit/lists/ListState';
import { useArchiving } from '../../kit/lists/useArchiving';
import common from '../../styles/common.module.css';
import { Installation } from './Installation';
import { PairDialog } from './PairDialog';
import { PasswordDialog, PersonDialog } from './PersonDialog';
import { Yards } from './Yards';
import styles from './people.module.css';

type Person = Schemas['Person'];
type Asked = { what: 'add' } | { what: 'change' | 'password' | 'pair'; person: Person };

/** Who may come in and what each may do, the devices that are known, and how the installation is. */
export default function PeoplePage() {
  const { t } = useWords();
  const found = usePeople();
  const [asked, setAsked] = useState<Asked | null>(null);
  const people = found.data ?? [];
  const here = people.filter(({ archived }) => !archived);
  const gone = people.filter(({ archived }) => archived);
  const close = () => setAsked(null);

  return (
    <div className={common.listPage}>
      <header className={common.listHead}>
        <h1>{t('people.title')}</h1>
        {found.isSuccess && (
          <Button type="primary" onClick={() => setAsked({ what: 'add' })}>
            {t(here.length === 0 ? 'people.addOwner' : 'people.add')}
          </Button>
        )}
      </header>
      <p className={styles.about}>{t('people.about')}</p>
      <ListState found={found} isEmpty={people.length === 0} empty={<p>{t('people.none')}</p>}>
        <ul className={styles.people}>
          {here.map((person) => (
            <OnePerson key={person.id} person={person} ask={setAsked} />
          ))}
        </ul>
        {gone.length > 0 && (
          <details className={styles.gone}>
            <summary>{t('people.gone', { count: gone.length })}</summary>
            <ul className={styles.people}>
              {gone.map((person) => (
                <OnePerson key={person.id} person={person} ask={setAsked} />
              ))}
            </ul>
          </details>
        )}
      </ListState>
      {found.isSuccess && <Yards />}
      {found.isSuccess && <Installation />}
      {asked?.what === 'add' && <PersonDialog person={null} isFirst={here.length === 0} close={close} />}
      {asked?.what === 'change' && <PersonDialog person={asked.person} isFirst={false} close={close} />}
      {asked?.what === 'password' && <PasswordDialog person={asked.person} close={close} />}
      {asked?.what === 'pair' && <PairDialog person={asked.person} close={close} />}
    </div>
  );
}

function OnePerson({ person, ask }: { person: Person; ask: (asked: Asked) => void }) {
  const { t, date } = useWords();
  const say = useUndoable();
  const setArchived = useArchiving(useArchivePerson());
  const forget = useForgetDevice();
  const of = (words: string) => `${words}: ${person.name}`;

  return (
    <li>
      <div>
        <strong>{person.name}</strong> <span className={styles.role}>{t(`people.role.${person.role}`)}</span>
        <p className={common.quiet}>{t(`people.may.${person.role}`)}</p>
        <p className={common.quiet}>
          {t(person.has_password ? 'people.hasPassword' : 'people.hasNoPassword')}
          {person.has_pin && ` · ${t('people.hasPin')}`}
        </p>
        {person.devices.map((device) => (
          <p key={device.id}>
            {device.name === '' ? t('people.aDevice') : device.name}{' '}
            {device.seen_at !== null && (
              <span className={common.quiet}>{t('people.seen', { date: date(device.seen_at) })}</span>
            )}{' '}
            <Button
              size="small"
              type="text"
              aria-label={`${t('people.forget')} ${device.name}`}
              loading={forget.isPending}
              onClick={() =>
                forget.mutate(device.id, { onSuccess: () => say(t('people.forgot', { name: device.name })) })
              }
            >
              {t('people.forget')}
            </Button>
          </p>
        ))}
      </div>
      <div className={styles.actions}>
        {!person.archived && (
          <>
            <Button aria-label={of(t('people.pair'))} onClick={() => ask({ what: 'pair', person })}>
              {t('people.pair')}
            </Button>
            <Button aria-label={of(t('people.setPassword'))} onClick={() => ask({ what: 'password', person })}>
              {t('people.setPassword')}
            </Button>
            <Button aria-label={of(t('common.edit'))} onClick={() => ask({ what: 'change', person })}>
              {t('common.edit')}
            </Button>
          </>
        )}
        <Button
          type="text"
          aria-label={of(t(person.archived ? 'common.restore' : 'people.goes'))}
          onClick={() =>
            void setArchived(person, !person.archived).catch((problem: unknown) =>
              say(problem instanceof Error ? problem.message : String(problem)),
            )
          }
        >
          {t(person.archived ? 'common.restore' : 'people.goes')}
        </Button>
      </div>
    </li>
  );
}
