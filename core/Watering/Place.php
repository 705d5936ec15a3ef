<?php

declare(strict_types=1);

namespace Zolbek\Core\Watering;

/** Where a pot stands on its site: light, wind, and whether rain reaches it. */
final readonly class Place
{
    public function __construct(
        public Exposure $exposure = Exposure::FullSun,
        public Wind $wind = Wind::Usual,
        public bool $rainReaches = true,
    ) {}

    /** Share of ET0 that drives a pot here. */
    public function factor(): float
    {
        return $this->exposure->factor() * $this->wind->factor();
    }

    public function with(?Exposure $exposure = null, ?Wind $wind = null): self
    {
        return new self($exposure ?? $this->exposure, $wind ?? $this->wind, $this->rainReaches);
    }
}
