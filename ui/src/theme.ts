import { type ThemeConfig, theme } from 'antd';

/** Colours from the materials. Rain blue stands for water and for nothing else. */
export const light = {
  ink: '#23211f',
  quiet: '#5f5952',
  line: '#d9d2c5',
  ground: '#f3efe7',
  sheet: '#fcfaf5',
  clay: '#9c4527',
  moss: '#4b6a2f',
  ochre: '#8a5a00',
  oxblood: '#8c1f28',
  rain: '#2f7fb5',
  air: '#fffdf8',
};

export const dim = {
  ink: '#ece6da',
  quiet: '#b3aa9c',
  line: '#46403a',
  ground: '#1b1917',
  sheet: '#252220',
  clay: '#e08a62',
  moss: '#a3c07c',
  ochre: '#e2b04a',
  oxblood: '#f0888c',
  rain: '#62aee0',
  air: '#4d463d',
};

export type Palette = typeof light;

/** What a wet thumb hits, px. */
const THUMB = 44;

/**
 * @param isStill    nothing moves by itself, for those who asked their device for that
 * @param isHandheld a phone or tablet: whatever is tapped is as large as a thumb
 */
export function antTheme(palette: Palette, isDim: boolean, isStill: boolean, isHandheld: boolean): ThemeConfig {
  return {
    // the styles are a file (ui/antStyles.ts), only their values are set here
    zeroRuntime: true,
    hashed: false,
    algorithm: isDim ? theme.darkAlgorithm : theme.defaultAlgorithm,
    token: {
      motion: !isStill,
      colorPrimary: palette.clay,
      colorLink: palette.clay,
      colorInfo: palette.clay,
      colorSuccess: palette.moss,
      colorWarning: palette.ochre,
      colorError: palette.oxblood,
      colorText: palette.ink,
      colorTextSecondary: palette.quiet,
      colorTextDescription: palette.quiet,
      colorTextPlaceholder: palette.quiet,
      colorBorder: isDim ? '#6b635a' : '#a39a8c',
      colorBorderSecondary: palette.line,
      colorInfoBg: palette.ground,
      colorInfoBorder: palette.line,
      colorBgBase: palette.ground,
      colorBgContainer: palette.sheet,
      colorBgElevated: palette.sheet,
      colorBgLayout: palette.ground,
      borderRadius: 2,
      fontFamily: "'Source Sans 3 Variable', sans-serif",
      fontSize: 15,
      controlHeight: isHandheld ? THUMB : 34,
      controlHeightSM: isHandheld ? THUMB : 26,
      controlHeightLG: isHandheld ? 48 : THUMB,
      boxShadow: 'none',
      boxShadowSecondary: '0 3px 14px rgb(0 0 0 / 18%)',
      motionDurationMid: '0.12s',
      motionDurationSlow: '0.16s',
    },
    components: {
      // whoever may not change a figure still reads it
      Input: { colorTextDisabled: palette.quiet },
      Select: { colorTextDisabled: palette.quiet },
      Table: { headerBg: 'transparent', headerSplitColor: 'transparent', cellPaddingBlockSM: 7 },
      Button: {
        primaryColor: isDim ? palette.ground : '#ffffff',
        primaryShadow: 'none',
        defaultShadow: 'none',
        fontWeight: 600,
      },
      ...(isHandheld ? { Segmented: { trackPadding: 0 } } : {}),
      Form: { itemMarginBottom: 12, verticalLabelPadding: 0 },
    },
  };
}
