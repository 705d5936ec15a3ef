import { createIntl } from 'react-intl';
import { describe, expect, test } from 'vitest';

import { en } from './catalogue';
import type { MessageId } from './i18n/words';

const complaints: string[] = [];
const intl = createIntl({ locale: 'en', messages: en, onError: (error) => complaints.push(error.message) });

const NUMBERS = ['count', 'pots', 'loads', 'packs', 'by', 'total', 'years'];

/** Something for every gap of a sentence. */
function gapsOf(sentence: string): Record<string, string | number> {
  const names = [...sentence.matchAll(/\{(\w+)\s*[,}]/g)].map(([, name]) => name ?? '');

  return Object.fromEntries(names.map((name) => [name, NUMBERS.includes(name) ? 2 : name]));
}

describe('the catalogue', () => {
  test.each(Object.keys(en) as MessageId[])('%s can be said', (id) => {
    complaints.length = 0;
    const sentence = intl.formatMessage({ id }, gapsOf(en[id]));
    expect(complaints).toEqual([]);
    expect(sentence).not.toBe('');
    expect(sentence).not.toMatch(/[{}]|undefined/);
  });

  test('counts in the singular and the plural', () => {
    const say = (id: MessageId, values: Record<string, string | number>) => intl.formatMessage({ id }, values);
    expect(say('mend.more', { by: 1, unit: 'parts', component: 'bark' })).toBe('one part more bark');
    expect(say('mend.more', { by: 2, unit: 'parts', component: 'bark' })).toBe('2 parts more bark');
    expect(say('mend.less', { by: 0.5, unit: 'parts', component: 'bark' })).toBe('0.5 parts less bark');
    expect(say('mend.more', { by: 10, unit: 'percent', component: 'bark' })).toBe('10 % more bark');
    expect(say('mend.add', { by: 1, unit: 'scoops', component: 'bark' })).toBe('add one scoop of bark');
    expect(say('batch.loads', { loads: 1, litres: '9' })).toBe('1 load, 9 L scooped');
    expect(say('pots.holesOf', { count: 0, diameter: '2' })).toBe('no outlet');
    expect(say('pots.holesOf', { count: 3, diameter: '2' })).toBe('3 × 2 cm');
    expect(say('common.total', { total: 1 })).toBe('1 entry');
  });

  test('says what a mesh does, and asks for two where a pot is heavy', () => {
    const mesh = (holds: string, clogs: string) =>
      intl.formatMessage({ id: 'section.mesh' }, { aperture: '3', holds, lost: '8%', clogs });
    expect(mesh('yes', 'no')).toBe('The 3 mm mesh holds this mix; at most 8% of the bottom centimetre passes.');
    expect(mesh('no', 'no')).toContain('does not hold this mix: take a finer one');
    expect(mesh('yes', 'yes')).toContain('Under 1.5 mm it may clog.');
    expect(intl.formatMessage({ id: 'caution.lift' }, { kg: '22', kg2: 'two' })).toContain('two people or a trolley');
    expect(intl.formatMessage({ id: 'caution.lift' }, { kg: '4', kg2: 'one' })).toContain('straight back');
  });
});
