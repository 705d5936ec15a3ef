<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Inspection;

use Zolbek\Core\Place\Container\BallTreatment;

/**
 * What the roots ask for, by finding and degree: how the ball is treated, the share of roots that goes, and the pot beside the one that it stands in. Proposals: the grower decides.
 *
 *                    share that goes, slight / clear / strong     ball                        pot
 *     root-bound     0.10  0.20  0.33                             teased, combed, combed      strong: a size larger
 *     matted bottom  0.10  0.20  0.30, off the bottom             teased, combed, combed      same
 *     circling       0.05  0.20  0.30                             teased, combed, combed      same
 *     black, soft    0.10  0.25  0.40, down to what is sound      combed, washed, washed      strong: a size smaller
 *     sludge         0.05  0.10  0.20                             teased, combed, washed      same
 *     core repels    0     0.05  0.10                             teased, combed, combed      same
 *     crumbly        0, what falls off falls off                  untouched                   same
 *
 * The most of them holds. A weak plant loses no more than 0.15, a sick one 0.05, and neither is combed, but for what is rotten; strong wounds leave 0.10.
 * Source: practice; starting figures. Check: circling, clear, in a healthy plant: combed, a fifth off, the same pot.
 */
final readonly class RootWork
{
    private const SHARES = [
        'root_bound' => [0.10, 0.20, 0.33], 'matted_bottom' => [0.10, 0.20, 0.30], 'circling' => [0.05, 0.20, 0.30], 'black_soft' => [0.10, 0.25, 0.40], 'sludge' => [0.05, 0.10, 0.20],
        'repellent' => [0.0, 0.05, 0.10],
    ];
    private const TREATED = [
        'root_bound' => [1, 2, 2], 'matted_bottom' => [1, 2, 2], 'circling' => [1, 2, 2], 'black_soft' => [2, 3, 3], 'sludge' => [1, 2, 3], 'repellent' => [1, 2, 2],
    ];
    private const TREATMENTS = [BallTreatment::Untouched, BallTreatment::Teased, BallTreatment::Combed, BallTreatment::Washed];
    private const WEAK_MOST = 0.15;
    private const SICK_MOST = 0.05;
    private const WOUNDED_MOST = 0.10;

    public BallTreatment $treatment;

    /** Share of the roots, 0 to 0.4. */
    public float $removed;

    /** One of same, larger, smaller. */
    public string $pot;

    /** Whether anything that was seen asks for something. */
    public bool $asks;

    /** @param array<string, Degree> $seen by finding; clear where nobody said how much */
    public function __construct(array $seen, Health $health)
    {
        $isRotten = isset($seen[Finding::BlackSoft->value]);
        $share = 0.0;
        $treated = 0;
        foreach ($seen as $finding => $degree) {
            $share = max($share, self::SHARES[$finding][$degree->step()] ?? 0.0);
            $treated = max($treated, self::TREATED[$finding][$degree->step()] ?? 0);
        }
        $this->asks = array_intersect_key($seen, self::SHARES + ['crumbly' => 0]) !== [];
        if (! $isRotten) {
            $most = match ($health) {
                Health::Well => 1.0,
                Health::Weak => self::WEAK_MOST,
                Health::Sick => self::SICK_MOST,
            };
            $share = min($share, $most, ($seen[Finding::Wounds->value] ?? null) === Degree::Strong ? self::WOUNDED_MOST : 1.0);
            $treated = min($treated, isset($seen[Finding::Crumbly->value]) ? 0 : 3, $health === Health::Well ? 3 : 1);
        }
        $this->removed = $share;
        $this->treatment = self::TREATMENTS[$treated];
        $this->pot = match (true) {
            ($seen[Finding::BlackSoft->value] ?? null) === Degree::Strong => 'smaller',
            ($seen[Finding::RootBound->value] ?? null) === Degree::Strong && ! $isRotten && $health === Health::Well => 'larger',
            default => 'same',
        };
    }
}
