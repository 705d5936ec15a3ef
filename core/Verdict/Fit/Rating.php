<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Fit;

/** The plain word of the whole, best first. Source: model revision (f). */
enum Rating: string
{
    case Good = 'good';
    case Workable = 'workable';
    case Poor = 'poor';
    case Lethal = 'lethal';

    /** Fit from which a mix without a stop is good. */
    public const GOOD_FROM = 0.52;

    /** 0 for the best: lists go by the word first, then by the fit. */
    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
