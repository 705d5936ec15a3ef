export const words = {
  'log.nav.done': 'What was done',
  'log.nav.mixes': 'How mixes turned out',
  'log.nav.trials': 'Trials',
  'log.nav.right': 'How right we were',
  'log.nav.trainer': 'Trainer',
};

type Said = typeof words;

declare module '../../i18n/words' {
  interface Catalogue extends Said {}
}
