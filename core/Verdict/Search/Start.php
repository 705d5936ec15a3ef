<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Search;

/** From a recipe that there is: what somebody wants of another, and how much of it may be something else. The shares are starting figures. Source: practice. Check: improved, three tenths may change. */
enum Start: string
{
    /** Better, in its character. */
    case Improve = 'improve';

    /** Of what lies there, behaving most like it. */
    case Replace = 'replace';
    case Lighten = 'lighten';
    case Cheaper = 'cheaper';
    case Longer = 'longer';

    /** Share that may be something else. */
    public function within(): float
    {
        return match ($this) {
            self::Improve => 0.3,
            self::Replace => 1.0,
            default => 0.4,
        };
    }

    /** What comes first of it. */
    public function merit(): Merit
    {
        return match ($this) {
            self::Improve => Merit::Best,
            self::Replace => Merit::Alike,
            self::Lighten => Merit::Lightest,
            self::Cheaper => Merit::Cheapest,
            self::Longer => Merit::Longest,
        };
    }
}
