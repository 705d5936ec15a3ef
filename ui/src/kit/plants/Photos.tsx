import { Select } from 'antd';
import { useId, useState } from 'react';

import { ApiProblem, type Schemas } from '../../api/client';
import { useAddPhoto, useRemovePhoto } from '../../api/plants';
import { useWords } from '../../i18n/words';
import { DoButton } from '../people/DoButton';
import { May } from '../people/May';
import common from '../../styles/common.module.css';
import kit from '../kit.module.css';
import styles from './plants.module.css';

const TYPES = ['image/jpeg', 'image/png', 'image/webp'];
const MOST_BYTES = 6_000_000;
const SUBJECTS: Schemas['PhotoSubject'][] = ['whole', 'roots', 'surface', 'other'];

/** Pictures from one's own files. */
export function Photos({ dossier }: { dossier: Schemas['PlantDossier'] }) {
  const { t, date } = useWords();
  const [subject, setSubject] = useState<Schemas['PhotoSubject']>('whole');
  const remove = useRemovePhoto();

  return (
    <section className={styles.photos}>
      <h2>{t('plant.photos')}</h2>
      {dossier.photos.length === 0 && <p className={common.quiet}>{t('plant.noPhotos')}</p>}
      <ul>
        {dossier.photos.map((photo) => (
          <li key={photo.id}>
            <a href={photo.url} target="_blank" rel="noreferrer">
              <img
                src={photo.small_url}
                alt={`${t(`photo.${photo.subject}`)}, ${date(photo.taken_on)} ${photo.caption}`}
                loading="lazy"
              />
            </a>
            <span>
              {t(`photo.${photo.subject}`)} <span className={common.quiet}>{date(photo.taken_on)}</span>
            </span>
            <DoButton
              size="small"
              type="text"
              className={common.noPrint}
              aria-label={t('plant.removePhoto', { date: date(photo.taken_on) })}
              onClick={() => remove.mutate(photo.id)}
            >
              {t('plants.remove')}
            </DoButton>
          </li>
        ))}
      </ul>
      <May be="helper">
        <div className={`${styles.photoAdd} ${common.noPrint}`}>
          <Select
            aria-label={t('photo.subject')}
            value={subject}
            options={SUBJECTS.map((value) => ({ value, label: t(`photo.${value}`) }))}
            onChange={setSubject}
          />
          <PhotoInput plantId={dossier.plant.id} subject={subject} label={t('plant.addPhoto')} />
        </div>
      </May>
    </section>
  );
}

/** Chooses a picture and sends it at once; its size and type are looked at first. */
export function PhotoInput({
  plantId,
  subject,
  label,
  entry,
}: {
  plantId: number;
  subject: Schemas['PhotoSubject'];
  label: string;
  entry?: number;
}) {
  const { t } = useWords();
  const add = useAddPhoto(plantId);
  const [trouble, setTrouble] = useState('');
  const id = useId();
  const send = async (file: File) => {
    setTrouble('');
    if (!TYPES.includes(file.type) || file.size > MOST_BYTES) {
      setTrouble(t('plant.photoTooLarge'));
      return;
    }
    try {
      await add.mutateAsync({ file, subject, ...(entry === undefined ? {} : { day_plant_id: entry }) });
    } catch (problem) {
      setTrouble(problem instanceof ApiProblem ? problem.message : t('problem.offline'));
    }
  };

  return (
    <span className={styles.photoInput}>
      <label htmlFor={id} className={kit.fileLabel}>
        {label}
      </label>
      <input
        id={id}
        type="file"
        accept={TYPES.join(',')}
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file !== undefined) {
            void send(file);
          }
          event.target.value = '';
        }}
      />
      {add.isPending && <span role="status">{t('exchange.reading')}</span>}
      {add.isSuccess && trouble === '' && <span role="status">✓ {t('photo.kept')}</span>}
      {trouble !== '' && (
        <span className={common.fieldError} role="alert">
          {trouble}
        </span>
      )}
    </span>
  );
}
