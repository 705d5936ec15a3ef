<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Site;

/** Where a pot stands on its site: light, wind, among what others, and whether rain and frost reach it. */
final readonly class Place
{
    public function __construct(
        public Exposure $exposure = Exposure::FullSun,
        public Wind $wind = Wind::Usual,
        public bool $rainReaches = true,
        public Stand $stand = Stand::Bench,
        public bool $winterShelter = false,
    ) {}

    /** Share of ET0 that drives a pot here. */
    public function factor(): float
    {
        return $this->exposure->factor() * $this->wind->factor();
    }

    /** k_lone, see Stand; indoors always 1. */
    public function lone(): float
    {
        return $this->exposure === Exposure::Indoors ? 1.0 : $this->stand->lone();
    }

    public function rainFalls(): bool
    {
        return $this->rainReaches && ! $this->exposure->isUnderCover();
    }

    public function freezes(): bool
    {
        return ! $this->winterShelter && ! $this->exposure->isUnderCover();
    }

    public function with(?Exposure $exposure = null, ?Wind $wind = null, ?Stand $stand = null, ?bool $winterShelter = null, ?bool $rainReaches = null): self
    {
        return new self($exposure ?? $this->exposure, $wind ?? $this->wind, $rainReaches ?? $this->rainReaches, $stand ?? $this->stand, $winterShelter ?? $this->winterShelter);
    }
}
