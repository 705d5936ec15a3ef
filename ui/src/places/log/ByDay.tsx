import { Pagination } from 'antd';
import type { ReactNode } from 'react';

import { useWords } from '../../i18n/words';
import common from '../../styles/common.module.css';
import styles from './log.module.css';

interface Props<Line> {
  lines: Line[];
  /** The day of a line, as it is written. */
  on: (line: Line) => string;
  /** A line as an item of the list. */
  children: (line: Line) => ReactNode;
  page: number;
  rows: number;
  total: number;
  turn: (page: string) => void;
}

/** Lines of a log under their days, by page. */
export function ByDay<Line>({ lines, on, children, page, rows, total, turn }: Props<Line>) {
  const { date } = useWords();
  const days = [...new Set(lines.map(on))];

  return (
    <>
      {days.map((day) => (
        <section key={day} className={styles.logOfDay} aria-label={date(day)}>
          <h2>{date(day)}</h2>
          <ul>{lines.filter((line) => on(line) === day).map(children)}</ul>
        </section>
      ))}
      <Pagination
        className={`${styles.logPages} ${common.noPrint}`}
        hideOnSinglePage
        current={page}
        pageSize={rows}
        showSizeChanger={false}
        total={total}
        onChange={(next) => turn(String(next))}
      />
    </>
  );
}
