import { parse } from 'postcss';
import type { Plugin } from 'vitest/config';

/**
 * Ant Design's styles as a file: made once by the package, not in each page that is opened, which costs a phone half a second. Of its file only what is shown here
 * is kept; the build fails where a part is shown whose styles are not.
 */
const SHEET = /\/antd\/dist\/antd\.css$/;

/** The parts that are shown, by the folder of their styles: the first words of their classes. */
const SHOWN: Readonly<Record<string, readonly string[]>> = {
  alert: ['alert'],
  app: ['app'],
  button: ['btn'],
  checkbox: ['checkbox'],
  collapse: ['collapse'],
  'color-picker': ['color-picker'],
  divider: ['divider'],
  drawer: ['drawer'],
  dropdown: ['dropdown'],
  empty: ['empty'],
  form: ['form'],
  grid: ['row', 'col'],
  input: ['input'],
  'input-number': ['input-number'],
  menu: ['menu'],
  message: ['message'],
  modal: ['modal'],
  pagination: ['pagination'],
  popover: ['popover'],
  'qr-code': ['qrcode'],
  radio: ['radio'],
  segmented: ['segmented'],
  select: ['select'],
  slider: ['slider'],
  space: ['space'],
  spin: ['spin'],
  table: ['table'],
  tabs: ['tabs'],
  tooltip: ['tooltip'],
};

/** They come with others and are never shown: no filter of a table is a tree, nothing is told in a corner, nothing is a grey stand-in. */
const NOT_SHOWN = ['notification', 'skeleton', 'tree'];

/** How something comes and goes. */
const MOTIONS = ['fade', 'move', 'slide', 'zoom', 'motion', 'wave'];

const WORDS = [...Object.values(SHOWN).flat(), ...MOTIONS].join('|');
const OF_A_SHOWN = new RegExp(`\\.ant-(?:${WORDS})(?![a-z])`);
/** No page lies in its twenty-four columns. */
const IN_COLUMNS = /\.ant-col-(?:xs|sm|md|lg|xl|xxl|xxxl|\d|rtl|order|push|pull|offset)/;
/** The values that the package's own look has, and a mark for its scripts. */
const VALUES = /\.css-var-_R_|cssinjs-cache/;

export function keepShown(sheet: string): string {
  const root = parse(sheet);
  root.walkRules((rule) => {
    const selectors = rule.selectors.filter((each) => {
      const first = /\.ant-[a-z-]+/.exec(each)?.[0];
      return !VALUES.test(each) && !IN_COLUMNS.test(each) && (first === undefined || OF_A_SHOWN.test(`${first} `));
    });
    if (selectors.length === 0) {
      rule.remove();
    } else {
      rule.selectors = selectors;
    }
  });
  return root.toString();
}

export function antStyles(): Plugin {
  return {
    name: 'ant-styles',
    enforce: 'pre',
    transform: { filter: { id: SHEET }, handler: (code) => keepShown(code) },
    // before all styles of ours, which change it
    config: () => ({
      build: {
        rolldownOptions: { output: { codeSplitting: { groups: [{ name: 'antd', test: SHEET, priority: 3 }] } } },
      },
    }),
    transformIndexHtml: {
      order: 'post',
      handler(page, { bundle }) {
        const link = /\s*<link rel="stylesheet"[^>]*\/antd-[^>]*>/.exec(page)?.[0];
        if (link === undefined) {
          if (bundle !== undefined) {
            throw new Error("The page does not ask for Ant Design's styles, so that they cannot come first.");
          }
          return page; // served while it is written, without files
        }
        return page.replace(link, '').replace(/(?=\s*<script type="module")/, link);
      },
    },
    generateBundle(_options, bundle) {
      for (const chunk of Object.values(bundle)) {
        for (const [id, { renderedLength }] of Object.entries(chunk.type === 'chunk' ? chunk.modules : {})) {
          const part = /\/antd\/es\/([a-z-]+)\/style\//.exec(id)?.[1];
          if (renderedLength > 0 && part !== undefined && !(part in SHOWN) && !NOT_SHOWN.includes(part)) {
            this.error(`Ant Design's ${part} is shown, but its styles are not kept: name it in ui/antStyles.ts.`);
          }
        }
      }
    },
  };
}
