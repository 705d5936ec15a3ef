/** A darker tone of a colour for outlines and pores; a lighter one where the colour is nearly black. */
export function markColour(colour: string): string {
  const channels = [1, 3, 5].map((at) => parseInt(colour.slice(at, at + 2), 16));
  const isDark = channels.reduce((sum, channel) => sum + channel, 0) < 200;

  return `rgb(${channels.map((channel) => Math.round(isDark ? channel + 70 : channel * 0.55)).join(' ')})`;
}

/** From pumice white to fired clay: how much of a figure there is, light to dark, for maps. */
export function interpolated(along: number): string {
  const from = [247, 239, 222];
  const to = [126, 52, 28];

  return `rgb(${from.map((channel, i) => Math.round(channel + ((to[i] ?? 0) - channel) * Math.min(1, Math.max(0, along)))).join(' ')})`;
}
