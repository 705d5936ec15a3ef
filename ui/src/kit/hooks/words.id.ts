import type { words as english } from './words';

export const words: Record<keyof typeof english, string> = {
  'common.undo': 'Urungkan',
};
