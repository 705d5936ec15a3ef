<?php

declare(strict_types=1);

// Words of the calendar file; the screens have their own catalogue.

return [
    'calendar' => 'Zolbek: aftercare',
    'potting_day' => 'Potting day: :name',
    'task' => [
        'first_water' => 'first water, wounds have sealed',
        'shade' => 'out of the shade?',
        'morning_sun' => 'from the morning sun on to more?',
        'final_place' => 'does it stand its own place?',
        'first_weeks' => 'water ball and mix each by itself still?',
        'mist_moss' => 'mist the moss',
        'lower_surface' => 'lower the surface a little',
        'leave_alone' => 'crown and wiring may be touched again?',
        'cover' => 'take the cover off, stop misting?',
        'out_of_storms' => 'does it hold firm?',
        'no_frost' => 'no longer kept from frost',
        'first_feed' => 'first feed',
        'feed' => 'feed',
        'slow_release_ends' => 'slow-release charge has run out',
        'treat_again' => 'treat for pests again, by the label',
        'check_wires' => 'check the tie wires',
        'stones_off' => 'take the stones off',
        'next_look' => 'look at it',
        'after_six_weeks' => 'how did it turn out, after six weeks?',
        'after_a_year' => 'how did it turn out, after a year?',
    ],
    'until' => [
        'shoots_lengthen' => 'Ends when shoots lengthen, not by the day.',
        'leaves_stand' => 'Ends when the leaves stand at noon, not by the day.',
        'holds_firm' => 'Ends when it holds firm, not by the day.',
    ],
];
