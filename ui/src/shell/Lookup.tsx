import { Input, type InputRef } from 'antd';
import { type KeyboardEvent, useId, useRef, useState } from 'react';
import { useNavigate } from 'react-router';

import type { Schemas } from '../api/client';
import { addressOf, SHORTEST, useLookup } from '../api/lookup';
import { useWords } from '../i18n/words';
import { useSettled } from '../kit/hooks/useSettled';
import { Dialog } from '../kit/overlays/Dialog';
import common from '../styles/common.module.css';
import styles from './shell.module.css';

const PAUSE_MS = 200;

/** Finds whatever is called so: type, go up and down, Enter opens. */
export function Lookup({ close }: { close: () => void }) {
  const { t } = useWords();
  const navigate = useNavigate();
  const list = useId();
  const field = useRef<InputRef>(null);
  const [text, setText] = useState('');
  const [at, setAt] = useState(0);
  const asked = useSettled(text.trim(), PAUSE_MS) ?? '';
  const found = useLookup(asked);
  const hits = text.trim().length < SHORTEST ? [] : (found.data ?? []);
  const open = (hit: Schemas['LookupHit']) => {
    const address = addressOf(hit);
    close();
    // a list that is open already reads its address only once
    if (address.split('?')[0] === window.location.pathname) {
      window.location.assign(address);
    } else {
      void navigate(address);
    }
  };
  const keyed = (event: KeyboardEvent) => {
    const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    if (step !== undefined && hits.length > 0) {
      event.preventDefault();
      setAt((at + step + hits.length) % hits.length);
    }
    const hit = hits[at];
    if (event.key === 'Enter' && hit !== undefined) {
      event.preventDefault();
      open(hit);
    }
  };

  return (
    <Dialog
      title={t('lookup.title')}
      onCancel={close}
      footer={null}
      width={640}
      afterOpenChange={(isOpen) => (isOpen ? field.current?.focus() : undefined)}
    >
      <Input
        ref={field}
        role="combobox"
        aria-expanded={hits.length > 0}
        aria-controls={list}
        aria-activedescendant={hits.length > 0 ? `${list}-${at}` : undefined}
        aria-label={t('lookup.text')}
        placeholder={t('lookup.hint')}
        value={text}
        maxLength={80}
        onChange={({ target }) => {
          setText(target.value);
          setAt(0);
        }}
        onKeyDown={keyed}
      />
      <ul id={list} role="listbox" aria-label={t('lookup.found')} className={styles.lookup}>
        {hits.map((hit, i) => (
          <li
            key={`${hit.kind}-${hit.id}-${hit.line}`}
            id={`${list}-${i}`}
            role="option"
            aria-selected={i === at}
            onMouseEnter={() => setAt(i)}
            onClick={() => open(hit)}
          >
            <strong>{hit.name === '' ? hit.of : [hit.of, hit.name].filter((part) => part !== '').join(' ')}</strong>
            <span className={common.quiet}>
              {t(`lookup.kind.${hit.kind}`)}
              {hit.archived ? `, ${t('lookup.archived')}` : ''}
              {hit.line === '' ? '' : `: ${hit.line}`}
            </span>
          </li>
        ))}
      </ul>
      <p className={common.quiet} role="status">
        {found.isError
          ? t('problem.offline')
          : text.trim().length < SHORTEST
            ? t('lookup.start')
            : found.data !== undefined && asked === text.trim() && hits.length === 0
              ? t('lookup.nothing', { text: text.trim() })
              : hits.length > 0
                ? t('lookup.count', { count: hits.length })
                : ''}
      </p>
    </Dialog>
  );
}
