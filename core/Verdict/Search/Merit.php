<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Search;

/** Why a recipe is among those that were found: what it is first in. Source: practice. Check: a shelf of one has every reason. */
enum Merit: string
{
    /** Suits best: by word, then sure before likely, then fit. */
    case Best = 'best';
    case Cheapest = 'cheapest';
    case Longest = 'longest';
    case Lightest = 'lightest';

    /** Most litres within the plant's reach. */
    case Water = 'water';

    /** Best of what lies there for all pots. */
    case Stock = 'stock';

    /** Fewest components. */
    case Simplest = 'simplest';

    /** Behaves most like the recipe that there was. */
    case Alike = 'alike';

    /** Nearest to the middle of all that are as good by a word. */
    case Middle = 'middle';

    /** None of these, but least like the others. */
    case Different = 'different';

    /** Looked at in this order where nobody says otherwise. */
    public const USUAL = [self::Best, self::Cheapest, self::Longest, self::Lightest, self::Water, self::Stock];

    /** @return list<self> what somebody may set before the others */
    public static function priorities(): array
    {
        return [self::Best, self::Cheapest, self::Longest, self::Lightest, self::Water, self::Stock, self::Simplest, self::Alike];
    }
}
