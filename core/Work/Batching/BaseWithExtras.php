<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Batching;

use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Place\Setup\Setup;

/**
 * One load of base mix for a day, and what it becomes for the plants that get something extra.
 *
 * Litres loose; what a pot with an extra takes is its PotShare. Source: conservation of volume; model section 11.
 * Check: an extra of 0 L leaves the base as it is.
 */
final readonly class BaseWithExtras
{
    /** Loose litres of base mix for one pot without an extra. */
    public float $basePerPotL;

    /** Loose litres of base mix for the whole day, spare included. */
    public float $baseL;

    /** @var list<array{extra: Extra, base_l: float, setup: Setup}> what a pot with each extra gets, and the setup it makes */
    public array $variants;

    /** @var array<string, float> litres to have of each extra, by key of the portion, spare included */
    public array $extrasL;

    /**
     * @param list<Extra> $extras
     * @param int         $plainPots pots that get the base mix alone
     * @param float       $spare     share mixed on top
     *
     * @throws Refused field "extras.<n>.litres" when an extra alone fills the pot
     */
    public function __construct(Setup $base, array $extras, int $plainPots, float $spare = BatchOrder::DEFAULT_SPARE)
    {
        $this->basePerPotL = (new PotShare($base, []))->baseL;
        $total = $plainPots * $this->basePerPotL;
        $variants = [];
        $litres = [];
        foreach ($extras as $i => $extra) {
            $share = new PotShare($base, [[$extra->portion, $extra->litresPerPot]], 'extras.'.$i.'.litres');
            $variants[] = ['extra' => $extra, 'base_l' => $share->baseL, 'setup' => $share->setup];
            $total += $extra->pots * $share->baseL;
            $litres[$extra->portion->key] = ($litres[$extra->portion->key] ?? 0.0) + $extra->pots * $extra->litresPerPot * (1.0 + $spare);
        }
        $this->variants = $variants;
        $this->extrasL = $litres;
        $this->baseL = $total * (1.0 + $spare);
    }
}
