import type { ReactNode } from 'react';
import styles from './drawing.module.css';

/** Line drawings of what stands on the bench at a step, 240 by 150. Water is rain blue, material clay; all the rest is ink. */

const Line = ({ d }: { d: string }) => <path d={d} fill="none" stroke="var(--ink)" strokeWidth="2.5" />;
const Body = ({ d, of }: { d: string; of: 'clay' | 'rain' }) => <path d={d} fill={`var(--${of})`} opacity={0.75} />;
const Grains = ({ x, y, w, h, n = 26 }: { x: number; y: number; w: number; h: number; n?: number }) => (
  <g fill="var(--clay)">
    {Array.from({ length: n }, (_, i) => (
      <circle key={i} cx={x + ((0.5 + i * 0.7549) % 1) * w} cy={y + ((0.5 + i * 0.5698) % 1) * h} r={2 + (i % 3)} />
    ))}
  </g>
);
const Bench = () => <path d="M10 138H230" stroke="var(--quiet)" strokeWidth="2" />;

const jug = (x: number, fill: number, of: 'clay' | 'rain' = 'clay'): ReactNode => (
  <g>
    {fill > 0 && <Body of={of} d={`M${x + 4} ${134 - 70 * fill}H${x + 56}V134H${x + 4}z`} />}
    <Line d={`M${x} 58H${x + 60}M${x + 2} 58V136H${x + 58}V58M${x + 58} 74q20 0 20 20t-20 20`} />
  </g>
);
const scale = (x: number): ReactNode => (
  <g>
    <Line d={`M${x} 118H${x + 90}M${x + 8} 118L${x} 138H${x + 90}L${x + 82} 118`} />
    <rect x={x + 30} y="123" width="30" height="10" fill="none" stroke="var(--ink)" strokeWidth="1.5" />
  </g>
);
const onScale = (x: number, fill: number): ReactNode => (
  <g>
    {scale(x)}
    {fill > 0 && <Body of="clay" d={`M${x + 19} ${114 - 60 * fill}H${x + 71}V116H${x + 19}z`} />}
    <Line d={`M${x + 16} 50V117H${x + 74}V50`} />
  </g>
);
const pot = (x: number, water: number, open: boolean, fill = 0.85): ReactNode => (
  <g>
    {fill > 0 && <Grains x={x + 16} y={110 - 70 * fill} w={66} h={64 * fill} n={34} />}
    {water > 0 && (
      <path d={`M${x + 6} ${112 - 72 * water}H${x + 94}L${x + 84} 112H${x + 14}z`} fill="var(--rain)" opacity="0.4" />
    )}
    <Line d={`M${x} 34H${x + 100}M${x + 3} 34L${x + 14} 113H${x + 86}L${x + 97} 34`} />
    {open ? (
      <path d={`M${x + 30} 115v8M${x + 50} 115v10M${x + 70} 115v8`} stroke="var(--rain)" strokeWidth="3" />
    ) : (
      <path d={`M${x + 22} 117H${x + 78}`} stroke="var(--ochre)" strokeWidth="5" />
    )}
  </g>
);
const tray = (x: number): ReactNode => <Line d={`M${x} 124L${x + 10} 137H${x + 120}L${x + 130} 124`} />;
const bowl = (x: number, of: 'clay' | 'rain'): ReactNode => (
  <g>
    <Body of={of} d={`M${x + 6} 92H${x + 94}Q${x + 84} 136 ${x + 50} 136Q${x + 16} 136 ${x + 6} 92z`} />
    <Line d={`M${x} 84Q${x + 6} 138 ${x + 50} 138Q${x + 94} 138 ${x + 100} 84`} />
  </g>
);
const cylinder = (x: number, low: number, high: number): ReactNode => (
  <g>
    <rect x={x + 3} y={134 - 100 * high} width="34" height={100 * high} fill="var(--rain)" opacity="0.5" />
    <Grains x={x + 9} y={134 - 100 * (high - low) - 14} w={22} h={100 * (high - low)} n={14} />
    <Line d={`M${x} 20V136H${x + 40}V20`} />
    {[0.2, 0.4, 0.6, 0.8].map((at) => (
      <path key={at} d={`M${x + 40} ${134 - 100 * at}h-10`} stroke="var(--ink)" strokeWidth="1.5" />
    ))}
    <path
      d={`M${x - 16} ${134 - 100 * low}h14M${x - 16} ${134 - 100 * high}h14`}
      stroke="var(--rain)"
      strokeWidth="2"
    />
  </g>
);
const sieves = (x: number, shaken: boolean): ReactNode => (
  <g transform={shaken ? `rotate(-7 ${x + 45} 90)` : ''}>
    {[26, 54, 82].map((y, i) => (
      <g key={y}>
        <Grains x={x + 12} y={y + 6} w={66} h={10} n={12 - 3 * i} />
        <Line d={`M${x} ${y}V${y + 24}H${x + 90}V${y}`} />
        <path d={`M${x + 4} ${y + 20}h82`} stroke="var(--ink)" strokeWidth="2" strokeDasharray={`${8 - 2 * i} 4`} />
      </g>
    ))}
    <Line d={`M${x} 110V134H${x + 90}V110`} />
  </g>
);
const clock = (x: number, y: number): ReactNode => (
  <g>
    <circle cx={x} cy={y} r="20" fill="none" stroke="var(--ink)" strokeWidth="2.5" />
    <Line d={`M${x} ${y - 13}V${y}L${x + 9} ${y + 6}`} />
  </g>
);
const heap = (x: number, w: number): ReactNode => (
  <g fill="var(--clay)">
    {Array.from({ length: 60 }, (_, i) => {
      const along = ((i * 37) % 60) / 60;
      const top = 34 * Math.sin(Math.PI * along);
      return <circle key={i} cx={x + along * w} cy={134 - ((i * 17) % 10) * 0.1 * top} r={2.5 + (i % 3)} />;
    })}
  </g>
);
const drops = (x: number, y: number): ReactNode => (
  <path d={`M${x} ${y}v10M${x + 14} ${y - 6}v12M${x + 28} ${y}v10`} stroke="var(--rain)" strokeWidth="3.5" />
);
const snow = (x: number, y: number): ReactNode => (
  <path
    d={`M${x - 16} ${y}h32M${x - 8} ${y - 14}l16 28M${x + 8} ${y - 14}l-16 28`}
    stroke="var(--ink)"
    strokeWidth="2.5"
  />
);
const arrow = (x: number, y: number): ReactNode => <Line d={`M${x} ${y}h24m-8-7l8 7l-8 7`} />;
const sun = (x: number, y: number): ReactNode => (
  <g stroke="var(--ochre)" strokeWidth="3">
    <circle cx={x} cy={y} r="10" fill="none" />
    <path d={`M${x} ${y - 20}v6M${x} ${y + 14}v6M${x - 20} ${y}h6M${x + 14} ${y}h6`} />
  </g>
);
const pen = (x: number): ReactNode => (
  <g>
    <Line d={`M${x} 16h18v70l-5 12h-8l-5-12z`} />
    <rect x={x + 3} y="24" width="12" height="16" fill="none" stroke="var(--ink)" />
  </g>
);

const dry = (
  <>
    {heap(50, 130)}
    {sun(200, 34)}
  </>
);
const weigh = onScale(75, 0.75);

/** What is drawn at each step, by test and step. */
export const PICTURES: Record<string, ReactNode> = {
  'loose_density.dry': dry,
  'loose_density.vessel': onScale(75, 0),
  'loose_density.fill': (
    <>
      {onScale(110, 1)}
      <Line d="M20 30l60 14M20 30l8 -10l56 14" />
      <Grains x={86} y={40} w={40} h={10} n={9} />
    </>
  ),
  'drained_pot.stop': pot(70, 0, false, 0),
  'drained_pot.fill': (
    <>
      {pot(90, 0, false)}
      <path d="M74 45V112M68 45h12M68 112h12" stroke="var(--ink)" strokeWidth="2" />
    </>
  ),
  'drained_pot.flood': (
    <>
      {pot(110, 0.85, false)}
      {jug(14, 0.4, 'rain')}
      {clock(206, 26)}
    </>
  ),
  'drained_pot.drain': (
    <>
      {pot(60, 0.3, true)}
      {tray(45)}
      {clock(206, 26)}
    </>
  ),
  'slurry_reaction.mix': (
    <>
      {jug(16, 0.4, 'clay')}
      {jug(110, 0.8, 'rain')}
      {clock(210, 28)}
    </>
  ),
  'slurry_reaction.warmth': (
    <>
      {bowl(60, 'clay')}
      <Line d="M120 20v84M114 20h12" />
      <circle cx="120" cy="108" r="7" fill="var(--oxblood)" />
    </>
  ),
  'slurry_reaction.dip': (
    <>
      {bowl(60, 'clay')}
      {pen(104)}
    </>
  ),
  'sieve_analysis.dry': (
    <>
      {heap(20, 80)}
      {sieves(130, false)}
    </>
  ),
  'sieve_analysis.weigh': weigh,
  'sieve_analysis.shake': (
    <>
      {sieves(75, true)}
      {clock(210, 28)}
    </>
  ),
  'sieve_analysis.weigh_each': (
    <>
      {sieves(12, false)}
      {arrow(108, 80)}
      {onScale(140, 0.35)}
    </>
  ),
  'run_through.wet': (
    <>
      {pot(70, 0.4, true)}
      {drops(106, 14)}
    </>
  ),
  'run_through.pour': (
    <>
      {pot(60, 0.98, true)}
      {clock(206, 40)}
    </>
  ),
  'envelope_density.dry': weigh,
  'envelope_density.soak': (
    <>
      {bowl(60, 'rain')}
      <Grains x={80} y={100} w={60} h={30} />
      {clock(206, 34)}
    </>
  ),
  'envelope_density.towel': (
    <>
      <Line d="M20 60q20-14 40 0t40 0v60q-20 14-40 0t-40 0z" />
      <Grains x={36} y={76} w={48} h={34} n={16} />
      {onScale(130, 0.5)}
    </>
  ),
  'envelope_density.displace': (
    <>
      {cylinder(50, 0.45, 0.45)}
      {arrow(110, 80)}
      {cylinder(170, 0.45, 0.75)}
    </>
  ),
  'mix_shrink.measure': (
    <>
      {jug(4, 0.9)}
      {jug(84, 0.5)}
      {jug(160, 0.3)}
    </>
  ),
  'mix_shrink.mix': (
    <>
      {pot(70, 0, false, 0.8)}
      <Line d="M150 12L112 74" />
    </>
  ),
  'mix_shrink.water': (
    <>
      {pot(70, 0.65, true, 0.6)}
      {drops(106, 14)}
    </>
  ),
  'float.stir': (
    <>
      {jug(90, 0.8, 'rain')}
      <Grains x={98} y={70} w={46} h={60} />
      {clock(206, 34)}
    </>
  ),
  'float.skim': (
    <>
      {jug(90, 0.8, 'rain')}
      <Grains x={98} y={72} w={46} h={6} n={12} />
      <Line d="M150 24l-26 44q-12 8-20 0" />
    </>
  ),
  'acid_drop.crush': (
    <>
      <Line d="M50 120q70 26 140 0" />
      {heap(80, 80)}
    </>
  ),
  'acid_drop.drop': (
    <>
      <Line d="M50 124q70 26 140 0M112 12h16l-4 26h-8z" />
      {heap(80, 80)}
      {drops(106, 56)}
      <path d="M96 96q4-8 8 0M120 92q4-8 8 0M140 98q4-8 8 0" stroke="var(--ink)" fill="none" strokeWidth="2" />
    </>
  ),
  'rinsed_dust.weigh': weigh,
  'rinsed_dust.rinse': (
    <>
      <Line d="M60 60V92H180V60" />
      <path d="M64 88h112" stroke="var(--ink)" strokeWidth="2" strokeDasharray="3 3" />
      <Grains x={74} y={68} w={90} h={16} />
      {drops(106, 24)}
      {drops(106, 108)}
    </>
  ),
  'rinsed_dust.dry': dry,
  'rinsed_dust.weigh_again': onScale(75, 0.6),
  'crumble.screen': (
    <>
      {sieves(12, false)}
      {arrow(108, 80)}
      {onScale(140, 0.6)}
    </>
  ),
  'crumble.cycles': (
    <>
      {jug(30, 0.6)}
      {snow(150, 60)}
      {arrow(180, 60)}
      {drops(196, 100)}
    </>
  ),
  'crumble.screen_again': (
    <>
      {sieves(12, false)}
      {arrow(108, 124)}
      {onScale(140, 0.15)}
    </>
  ),
  'slake.weigh': weigh,
  'slake.soak': (
    <>
      {bowl(60, 'rain')}
      <Grains x={80} y={100} w={60} h={30} />
      {clock(206, 34)}
    </>
  ),
  'slake.dry': dry,
  'slake.weigh_again': onScale(75, 0.55),
};

export function SetupPicture({ test, step }: { test: string; step: string }) {
  return (
    <svg viewBox="0 0 240 150" className={styles.setupPicture} aria-hidden="true">
      <Bench />
      {PICTURES[`${test}.${step}`]}
    </svg>
  );
}
