<?php

declare(strict_types=1);

namespace App\Truth;

use App\Common\Setting;

/**
 * What is still to be done in a yard after the model that judges its mixes was revised: forecasts to be computed again, and its growers to be told, once.
 * Records keep the values that they were made with.
 */
final class ModelNotice
{
    private const KEY = 'model';

    public static function isUntold(): bool
    {
        return (self::value()['news'] ?? false) === true;
    }

    public static function tell(bool $untold): void
    {
        self::keep(['news' => $untold]);
    }

    public static function asksToRecompute(): bool
    {
        return (self::value()['recompute'] ?? false) === true;
    }

    public static function askToRecompute(): void
    {
        self::keep(['recompute' => true]);
    }

    public static function recomputed(): void
    {
        self::keep(['recompute' => false]);
    }

    /** @return array<string, string|int|float|bool|null> */
    private static function value(): array
    {
        return Setting::query()->whereKey(self::KEY)->first()->value ?? [];
    }

    /** @param array<string, bool> $changed */
    private static function keep(array $changed): void
    {
        Setting::query()->updateOrCreate(['key' => self::KEY], ['value' => [...self::value(), ...$changed]]);
    }
}
