<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Inspection;

/** What is seen at a root ball. */
enum Finding: string
{
    case WhiteTips = 'white_tips';
    case Threads = 'threads';
    case BlackSoft = 'black_soft';
    case Circling = 'circling';
    case OneSided = 'one_sided';
    case TapRoot = 'tap_root';
    case HighCrossing = 'high_crossing';
    case Sludge = 'sludge';
    case FineLayer = 'fine_layer';
    case Ants = 'ants';
    case Grubs = 'grubs';
    case MossLiverwort = 'moss_liverwort';
    case Repellent = 'repellent';
    case Wounds = 'wounds';
    case RootBound = 'root_bound';
    case MattedBottom = 'matted_bottom';
    case Crumbly = 'crumbly';

    public function isGood(): bool
    {
        return $this === self::WhiteTips || $this === self::Threads;
    }

    /** Whether it lies on a side of the ball. */
    public function hasSide(): bool
    {
        return $this === self::OneSided || $this === self::Wounds;
    }

    /** What does not wait for the next turn. */
    public function isUrgent(): bool
    {
        return $this === self::BlackSoft || $this === self::Sludge || $this === self::Grubs;
    }

    /** A sign that the old mix held too much water or too little air. */
    public function saysTooWet(): bool
    {
        return in_array($this, [self::BlackSoft, self::Sludge, self::FineLayer, self::MossLiverwort], true);
    }
}
