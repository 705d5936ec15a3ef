<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Change;

use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Verdict\Fit\Assessment;

/**
 * The single changes of a setup that somebody could make, in all ways there are. Those that cannot be, and what is so already, are left out.
 *
 * Source: model section 10 and revision (i); steps are what growers measure by. Check: of 1:1:1 each part is tried with 0.5, 1 and 2 more, and with 0.5 and 1 less.
 */
final readonly class Changes
{
    /** @var list<class-string<Way>> */
    public const WAYS = [
        MoreOrLess::class, Add::class, Swap::class, RinseOrSieve::class, Lime::class, OtherDepth::class, MoreHoles::class, Tip::class, Layer::class, AnotherPot::class,
        Cover::class, Shelter::class, Rain::class, OtherFeed::class, WaterSooner::class, RepotSooner::class,
    ];

    private AsItStands $at;

    /**
     * @param list<Material|Portion> $shelf  that could be added
     * @param list<OtherPot>         $others
     */
    public function __construct(Assessment $now, array $shelf, array $others = [])
    {
        $this->at = new AsItStands($now->setup, array_map(static fn(Material|Portion $what): Portion => $what instanceof Portion ? $what : Portion::of($what), $shelf), $others);
    }

    /** @return list<Change> */
    public function all(): array
    {
        $changes = [];
        foreach (self::WAYS as $way) {
            foreach ($way::from($this->at) as $change) {
                try {
                    $changes[] = $change();
                } catch (Refused) {
                    // a pot that is too shallow for it, a sieve that leaves nothing: not a change one could make
                    continue;
                }
            }
        }

        return $changes;
    }
}
