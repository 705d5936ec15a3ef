import { emptyMix, type Mix } from './mix';
import { noContents, usualSituation } from './situationState';

const PREFIX = '#mix=';

/** The part of an address that reopens this mix, pot and situation. */
export function linkOf(mix: Mix): string {
  const bytes = new TextEncoder().encode(JSON.stringify(leaner(mix)));
  const text = btoa(String.fromCharCode(...bytes));

  return PREFIX + text.replace(/\+/g, '-').replace(/\//g, '_').replace(/=+$/, '');
}

/** The mix that an address holds: undefined where it holds none, null where it cannot be read. */
export function mixIn(hash: string): Mix | undefined | null {
  if (!hash.startsWith(PREFIX)) {
    return undefined;
  }
  try {
    const text = atob(hash.slice(PREFIX.length).replace(/-/g, '+').replace(/_/g, '/'));
    const bytes = Uint8Array.from(text, (letter) => letter.charCodeAt(0));

    return whole(JSON.parse(new TextDecoder().decode(bytes)));
  } catch {
    return null;
  }
}

/** A mix as it was kept, with what has come since. Null where it is none. */
export function whole(kept: unknown): Mix | null {
  if (typeof kept !== 'object' || kept === null) {
    return null;
  }
  const mix = kept as Partial<Mix>;
  const rows: unknown = mix.rows ?? [];
  const isMix =
    Array.isArray(rows) &&
    rows.every(
      (row: unknown) =>
        typeof row === 'object' &&
        row !== null &&
        typeof (row as Mix['rows'][0]).componentId === 'number' &&
        typeof (row as Mix['rows'][0]).text === 'string' &&
        /^#[0-9a-f]{6}$/i.test(String((row as Mix['rows'][0]).colour)),
    );
  if (!isMix) {
    return null;
  }

  return {
    ...emptyMix(),
    ...mix,
    situation: { ...usualSituation(), ...mix.situation, hours: { ...usualSituation().hours, ...mix.situation?.hours } },
    contents: { ...noContents, ...mix.contents },
  };
}

/** What differs from an empty bench. */
function leaner(mix: Mix): Partial<Mix> {
  const empty = emptyMix();

  return Object.fromEntries(
    Object.entries(mix).filter(([key, value]) => JSON.stringify(value) !== JSON.stringify(empty[key as keyof Mix])),
  );
}
