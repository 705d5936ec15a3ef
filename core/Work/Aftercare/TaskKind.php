<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Aftercare;

/** What is looked after once a plant is potted. */
enum TaskKind: string
{
    case FirstWater = 'first_water';
    case Shade = 'shade';
    case MorningSun = 'morning_sun';
    case FinalPlace = 'final_place';
    case Cover = 'cover';
    case FirstWeeks = 'first_weeks';
    case MistMoss = 'mist_moss';
    case LeaveAlone = 'leave_alone';
    case LowerSurface = 'lower_surface';
    case OutOfStorms = 'out_of_storms';
    case NoFrost = 'no_frost';
    case FirstFeed = 'first_feed';
    case Feed = 'feed';
    case SlowReleaseEnds = 'slow_release_ends';
    case TreatAgain = 'treat_again';
    case CheckWires = 'check_wires';
    case StonesOff = 'stones_off';
    case NextLook = 'next_look';
    case AfterSixWeeks = 'after_six_weeks';
    case AfterAYear = 'after_a_year';
    case Own = 'own';

    /** Whether it is asked how the potting turned out. */
    public function asksOutcome(): bool
    {
        return $this === self::AfterSixWeeks || $this === self::AfterAYear;
    }
}
