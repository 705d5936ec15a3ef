/** A darker tone of a colour for outlines and pores; a lighter one where the colour is nearly black. */
export function markColour(colour: string): string {
  const channels = [1, 3, 5].map((at) => parseInt(colour.slice(at, at + 2), 16));
  const isDark = channels.reduce((sum, channel) => sum + channel, 0) < 200;

  return `rgb(${channels.map((channel) => Math.round(isDark ? channel + 70 : channel * 0.55)).join(' ')})`;
}
