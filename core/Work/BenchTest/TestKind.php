<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\BenchTest;

/** The tests of the bench, in the order in which they are worth doing. */
enum TestKind: string
{
    case LooseDensity = 'loose_density';
    case DrainedPot = 'drained_pot';
    case SlurryReaction = 'slurry_reaction';
    case SieveAnalysis = 'sieve_analysis';
    case RunThrough = 'run_through';
    case EnvelopeDensity = 'envelope_density';
    case MixShrink = 'mix_shrink';
    case Float = 'float';
    case AcidDrop = 'acid_drop';
    case RinsedDust = 'rinsed_dust';
    case Crumble = 'crumble';
    case Slake = 'slake';

    /** @return class-string<TestMethod> */
    public function test(): string
    {
        return match ($this) {
            self::LooseDensity => LooseDensity::class,
            self::DrainedPot => DrainedPot::class,
            self::SlurryReaction => SlurryReaction::class,
            self::SieveAnalysis => SieveAnalysis::class,
            self::RunThrough => TimedRunThrough::class,
            self::EnvelopeDensity => EnvelopeDensity::class,
            self::MixShrink => MixShrink::class,
            self::Float => Afloat::class,
            self::AcidDrop => AcidDrop::class,
            self::RinsedDust => RinsedDust::class,
            self::Crumble => Crumble::class,
            self::Slake => Slake::class,
        };
    }

    public function plan(): TestPlan
    {
        return ($this->test())::plan();
    }

    /** Whether it needs nothing but a jug, a kitchen scale and a flower pot: a place to begin. */
    public function isPlaceToBegin(): bool
    {
        return in_array($this, [self::LooseDensity, self::DrainedPot, self::RunThrough], true);
    }

    /** Whether it makes sense for a component or a delivery of one. */
    public function suitsComponent(): bool
    {
        return $this !== self::MixShrink;
    }

    /** Whether it makes sense for a finished mix. */
    public function suitsMix(): bool
    {
        return ! in_array($this, [self::EnvelopeDensity, self::AcidDrop, self::RinsedDust, self::Crumble, self::Slake], true);
    }
}
