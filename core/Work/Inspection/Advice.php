<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Inspection;

/**
 * What the roots say for the next mix and for the work on this day. Advice, not rules: shares are the user's.
 *
 *     risk of root and crown on one day = roots removed + health (0, 0.2, 0.4) + 0.1 for an evergreen;  low to 0.35, high from 0.6
 *
 * Source: practice; the limits are starting figures. Check: a third of the roots off a healthy deciduous tree: low.
 */
final readonly class Advice
{
    public const MORE_AIR = 0.04;
    private const LOW_TO = 0.35;
    private const HIGH_FROM = 0.6;

    /** @var list<Reason> */
    public array $points;

    /** By how much more air the next mix should aim for, as a share. */
    public float $moreAir;

    public bool $mayKeepSoil;

    public float $risk;

    /** low, middling or high. */
    public string $riskLevel;

    /**
     * @param list<Finding> $findings
     * @param float         $rootsRemoved share, 0 to 1
     */
    public function __construct(array $findings, float $rootsRemoved, Health $health, bool $evergreen)
    {
        $has = static fn(Finding ...$any): bool => array_intersect(array_column($any, 'value'), array_column($findings, 'value')) !== [];
        $tooWet = $has(Finding::BlackSoft, Finding::Sludge, Finding::FineLayer);
        $isSick = $has(Finding::BlackSoft, Finding::Grubs) || $health === Health::Sick;
        $this->moreAir = $tooWet ? self::MORE_AIR : 0.0;
        $this->mayKeepSoil = $has(Finding::Threads) && ! $isSick;
        $this->points = array_values(array_filter([
            $tooWet ? new Reason('more_air', ['by' => self::MORE_AIR]) : null,
            $has(Finding::FineLayer, Finding::Sludge) ? new Reason('screen_fines') : null,
            $this->mayKeepSoil ? new Reason('keep_soil') : null,
            $isSick ? new Reason('no_old_soil') : null,
            $has(Finding::BlackSoft) ? new Reason('cut_to_sound') : null,
            $has(Finding::RootBound) ? new Reason('root_bound') : null,
            $has(Finding::MattedBottom) ? new Reason('matted_bottom') : null,
            $has(Finding::Crumbly) ? new Reason('crumbly') : null,
            $has(Finding::Circling) ? new Reason('comb_circling') : null,
            $has(Finding::OneSided) ? new Reason('one_sided') : null,
            $has(Finding::TapRoot) ? new Reason('tap_root') : null,
            $has(Finding::HighCrossing) ? new Reason('high_crossing') : null,
            $has(Finding::Repellent) ? new Reason('soak_core') : null,
            $has(Finding::Ants) ? new Reason('ants') : null,
            $has(Finding::Grubs) ? new Reason('grubs') : null,
            $has(Finding::MossLiverwort) ? new Reason('clean_collar') : null,
            $has(Finding::Wounds) ? new Reason('seal_wounds') : null,
        ]));
        $this->risk = $rootsRemoved + $health->risk() + ($evergreen ? 0.1 : 0.0);
        $this->riskLevel = match (true) {
            $this->risk < self::LOW_TO => 'low',
            $this->risk < self::HIGH_FROM => 'middling',
            default => 'high',
        };
    }
}
