import { Link } from 'react-router';

import { useRight } from '../../api/right';
import { useWords } from '../../i18n/words';
import { useAddressed } from '../../kit/hooks/useAddressed';
import { ListState } from '../../kit/lists/ListState';
import { LogNav } from '../../kit/log/LogNav';
import common from '../../styles/common.module.css';
import { Calibrations } from './Calibrations';
import { OneFigure } from './OneFigure';
import { useFigureWords } from '../../kit/log/useFigureWords';
import { Scrolls } from '../../kit/Scrolls';
import styles from './right.module.css';

/** How right we were: what was computed beside what came, figure by figure, and what the yard's own tests make of the model. */
export default function RightPage() {
  const { t, n } = useWords();
  const found = useRight();
  const say = useFigureWords();
  const [figure, setFigure] = useAddressed('figure', '');
  const figures = found.data?.figures ?? [];
  const shown = figures.find((each) => each.figure === figure) ?? figures[0];

  return (
    <div className={common.listPage}>
      <LogNav />
      <header className={common.listHead}>
        <h1>{t('right.title')}</h1>
        <Link to="/bench/truth">{t('right.published')}</Link>
      </header>
      <ListState found={found} isEmpty={figures.length === 0} empty={t('right.empty')}>
        <Scrolls name={t('right.figure')}>
          <table className={styles.figures}>
            <thead>
              <tr>
                <th scope="col">{t('right.figure')}</th>
                <th scope="col">{t('right.n')}</th>
                <th scope="col">{t('right.bias')}</th>
                <th scope="col">{t('right.spread')}</th>
                <th scope="col">{t('right.out')}</th>
              </tr>
            </thead>
            <tbody>
              {figures.map((each) => (
                <tr key={each.figure} aria-current={each.figure === shown?.figure}>
                  <th scope="row">
                    <button
                      type="button"
                      aria-pressed={each.figure === shown?.figure}
                      onClick={() => setFigure(each.figure)}
                    >
                      {say.name(each.figure)}
                    </button>
                  </th>
                  <td>{n(each.n, 4)}</td>
                  <td>{say.bias(each)}</td>
                  <td>{say.spread(each)}</td>
                  <td>{n(each.points.filter(({ out }) => out).length, 4)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </Scrolls>
        {shown !== undefined && <OneFigure figure={shown} />}
      </ListState>
      {found.data !== undefined && <Calibrations calibrations={found.data.calibrations} />}
    </div>
  );
}
