<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Change;

use Zolbek\Core\Place\Site\Exposure;
use Zolbek\Core\Place\Site\Place;
use Zolbek\Core\Place\Site\Stand;
use Zolbek\Core\Place\Site\Wind;

/** Less sun, less wind, pots together, out of the frost. */
final class Shelter implements Way
{
    public static function from(AsItStands $at): iterable
    {
        $situation = $at->setup->situation;
        if ($situation === null) {
            return;
        }
        $place = $situation->place;
        $to = static fn(ChangeKind $kind, Place $other, float $size, ?string $word = null): callable => static fn(): Change => new Change($kind, $at->setup->with(situation: $situation->with(place: $other)), $size, to: $word);
        foreach ([Exposure::HalfShade, Exposure::Shade] as $i => $exposure) {
            if ($exposure->factor() < $place->exposure->factor()) {
                yield $to(ChangeKind::Shade, $place->with(exposure: $exposure), 1.0 + $i, $exposure->value);
            }
        }
        if ($place->wind === Wind::Windy) {
            yield $to(ChangeKind::Windbreak, $place->with(wind: Wind::Usual), 1.0);
        }
        if ($place->stand !== Stand::Bed && $place->exposure !== Exposure::Indoors) {
            yield $to(ChangeKind::Together, $place->with(stand: Stand::Bed), 1.2);
        }
        if (($at->setup->ageing->frostCycles ?? 0.0) > 0.0) {
            yield $to(ChangeKind::WinterShelter, $place->with(winterShelter: true), 1.2);
        }
    }
}
