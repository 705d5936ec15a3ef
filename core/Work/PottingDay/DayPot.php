<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\PottingDay;

use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Course\Ageing\OldSoil;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Place\Setup\Setup;

/** One pot of a potting day, or several alike, by a number: the base mix that it takes, by another, its setup, its extras, and what else goes into it, each under the key of a component. */
final class DayPot
{
    private ?DayPotNeeds $needs = null;
    private ?self $alike = null;

    /**
     * @param list<array{Portion, float}> $extras       litres for this pot
     * @param Setup                       $setup        with the old soil that is worked in among its portions
     * @param float                       $oldSoilShare of its new mix that is old soil
     * @param int                         $count        of pots that are filled alike; what it was given is of all of them
     * @param float                       $riseCm       what its surface rises by from one side to the other
     * @param float|null                  $usedL        loose litres of the base mix that it was given; null where it is not filled yet
     */
    public function __construct(
        public readonly int $id,
        public readonly int $mix,
        public readonly Setup $setup,
        public readonly array $extras = [],
        public readonly ?string $layerKey = null,
        public readonly ?string $dressingKey = null,
        public readonly ?Substrate $dressing = null,
        public readonly ?string $wallKey = null,
        public readonly ?string $coverKey = null,
        public readonly float $oldSoilShare = 0.0,
        public readonly ?float $usedL = null,
        public readonly float $riseCm = 0.0,
        public readonly int $count = 1,
    ) {}

    /** @return non-empty-list<array{Portion, float}> of the mix that is made for it, without old soil */
    public function basePortions(): array
    {
        $base = array_values(array_filter($this->setup->portions, static fn(array $portion): bool => $portion[0]->key !== OldSoil::KEY));
        assert($base !== []);

        return $base;
    }

    /** Another plant for which all of it is the same; what it takes is not worked out again. */
    public function alike(int $id, ?float $usedL, int $count = 1): self
    {
        $other = new self($id, $this->mix, $this->setup, $this->extras, $this->layerKey, $this->dressingKey, $this->dressing, $this->wallKey, $this->coverKey, $this->oldSoilShare, $usedL, $this->riseCm, $count);
        $other->alike = $this;

        return $other;
    }

    /**
     * What it takes; worked out once.
     *
     * @throws Refused field "extras" where they alone fill the pot
     */
    public function needs(): DayPotNeeds
    {
        return $this->needs ??= $this->alike?->needs() ?? new DayPotNeeds($this);
    }
}
