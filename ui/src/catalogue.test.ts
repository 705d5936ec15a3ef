import { parse, TYPE, type MessageFormatElement } from '@formatjs/icu-messageformat-parser';
import { createIntl } from 'react-intl';
import { describe, expect, test } from 'vitest';

import { en } from './catalogue';
import { id } from './catalogue.id';
import type { MessageId } from './i18n/words';

/** Gaps that only a language with articles or plurals needs. */
const ARTICLES = ['count'];

const complaints: string[] = [];
const intl = createIntl({ locale: 'en', messages: en, onError: (error) => complaints.push(error.message) });
const kata = createIntl({ locale: 'id', messages: id, onError: (error) => complaints.push(error.message) });
/** Sentences that are the same in both languages: units and patterns of gaps. */
const SAME: MessageId[] = [
  'component.price',
  'fert.ppm',
  'lots.perL',
  'people.gb',
  'people.mb',
  'print.layout.2x7',
  'print.layout.3x8',
  'print.layout.4x12',
  'unit.buffer',
];

const NUMBERS = ['count', 'pots', 'loads', 'packs', 'by', 'total', 'years'];

/** Something for every gap of a sentence. */
function gapsOf(sentence: string): Record<string, string | number> {
  const names = [...sentence.matchAll(/\{(\w+)\s*[,}]/g)].map(([, name]) => name ?? '');

  return Object.fromEntries(names.map((name) => [name, NUMBERS.includes(name) ? 2 : name]));
}

/** The gaps of a sentence, in all of its branches. */
function gapNames(elements: MessageFormatElement[]): string[] {
  const names = elements.flatMap((element) => {
    switch (element.type) {
      case TYPE.literal:
      case TYPE.pound:
        return [];
      case TYPE.select:
      case TYPE.plural:
        return [element.value, ...Object.values(element.options).flatMap((option) => gapNames(option.value))];
      default:
        return [element.value];
    }
  });

  return [...new Set(names)].sort();
}

describe('the catalogue in Indonesian', () => {
  test.each(Object.keys(en) as MessageId[])('%s can be said', (key) => {
    complaints.length = 0;
    const sentence = kata.formatMessage({ id: key }, gapsOf(id[key]));
    expect(complaints).toEqual([]);
    expect(sentence).not.toMatch(/[{}]|undefined/);
  });

  test('has the gaps of the English sentence and no other', () => {
    const unlike = (Object.keys(en) as MessageId[]).filter((key) => {
      const own = gapNames(parse(id[key]));
      const english = gapNames(parse(en[key]));

      return (
        own.some((gap) => !english.includes(gap)) ||
        english.some((gap) => !own.includes(gap) && !ARTICLES.includes(gap ?? ''))
      );
    });
    expect(unlike).toEqual([]);
  });

  test('leaves no sentence in English', () => {
    const left = (Object.keys(en) as MessageId[]).filter((key) => id[key] === en[key] && / \p{L}/u.test(en[key]));
    expect(left.sort()).toEqual(SAME);
  });
});

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
    expect(say('batch.loads', { loads: 1, litres: '9 L' })).toBe('1 load, 9 L scooped');
    expect(say('pots.holesOf', { count: 0, diameter: '2 cm' })).toBe('no outlet');
    expect(say('pots.holesOf', { count: 3, diameter: '2 cm' })).toBe('3 × 2 cm');
    expect(say('common.total', { total: 1 })).toBe('1 entry');
  });

  test('says what a mesh does, and asks for two where a pot is heavy', () => {
    const mesh = (holds: string, clogs: string) =>
      intl.formatMessage({ id: 'section.mesh' }, { aperture: '3', holds, lost: '8%', clogs });
    expect(mesh('yes', 'no')).toBe('The 3 mm mesh holds this mix; at most 8% of the bottom centimetre passes.');
    expect(mesh('no', 'no')).toContain('does not hold this mix: take a finer one');
    expect(mesh('yes', 'yes')).toContain('Under 1.5 mm it may clog.');
    expect(intl.formatMessage({ id: 'caution.lift' }, { kg: '22 kg', kg2: 'two' })).toContain(
      'two people or a trolley',
    );
    expect(intl.formatMessage({ id: 'caution.lift' }, { kg: '4 kg', kg2: 'one' })).toContain('straight back');
  });
});
