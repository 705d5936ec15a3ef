import { readFileSync } from 'node:fs';
import { build } from 'vite';
import { describe, expect, test } from 'vitest';

import { antStyles, keepShown } from './antStyles';

const PACKAGE = readFileSync(new URL('../node_modules/antd/dist/antd.css', import.meta.url), 'utf8');

describe('the styles of the package', () => {
  test('what is shown is kept, in the order of the package', () => {
    const kept = keepShown(
      '.ant-btn{color:red}.ant-btn-lg,.ant-upload-btn{color:blue}a.ant-table-x{top:0}@media (width>9px){.ant-col-md-3{top:1px}}',
    );
    expect(kept).toBe('.ant-btn{color:red}.ant-btn-lg{color:blue}a.ant-table-x{top:0}@media (width>9px){}');
  });

  test('what is not shown goes, and so do the values that are set in the page', () => {
    expect(
      keepShown('.ant-tree-node{top:0}.ant-formless{top:0}.css-var-_R_0_.ant-btn{--x:1}.ant-picker .ant-btn{top:0}'),
    ).toBe('');
  });

  test('less than half of the sheet is left, with each part that the screens are made of', () => {
    const kept = keepShown(PACKAGE);
    expect(kept.length).toBeLessThan(PACKAGE.length / 2);
    const parts =
      'btn form-item select-dropdown table-row drawer-body modal-body segmented-item message-notice slider-track collapse-header dropdown-menu color-picker tabs-tab spin-dot slide-up-enter row col carousel timeline';
    expect(parts.split(' ').filter((part) => !new RegExp(`\\.ant-${part}(?![a-z])`).test(kept))).toEqual([
      'carousel',
      'timeline',
    ]);
  });

  test('a build in which another part is shown fails, and names it', async () => {
    const entry = '/shown.js';
    const shows = (part: string) =>
      build({
        configFile: false,
        logLevel: 'silent',
        build: {
          write: false,
          lib: { entry, formats: ['es'] },
          rolldownOptions: { external: /^(?!\/shown|.*\/antd\/es\/[a-z-]+\/style\/)/ },
        },
        plugins: [
          antStyles(),
          {
            name: 'one-part',
            resolveId: (id) => (id === entry ? id : null),
            load: (id) =>
              id === entry
                ? `export { default } from '${process.cwd()}/node_modules/antd/es/${part}/style/index.js';`
                : null,
          },
        ],
      });
    await expect(shows('timeline')).rejects.toThrow("Ant Design's timeline is shown, but its styles are not kept");
    await expect(shows('alert')).resolves.toBeDefined();
  });
});
