<?php

declare(strict_types=1);

namespace App\Situations\Actions;

use App\Situations\Models\Site;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Place\Climate\Climate;

/** Adds a site or changes one: where it lies, its months, its water. */
final readonly class SaveSite
{
    public const FIELDS = ['name', 'latitude', 'altitude_m', 'alkalinity_mg_l', 'rain_share', 'water_ec_ms_cm', 'months', 'last_frost', 'first_frost', 'note'];

    /**
     * @param array<mixed> $input
     *
     * @throws Refused naming each field and what it may be
     */
    public function __invoke(Site $site, array $input): Site
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, self::FIELDS, $refusals);
        $name = $fields->text('name', 80);
        if ($name !== '' && Site::query()->where('name', $name)->whereKeyNot($site->id ?? 0)->exists()) {
            $refusals->add(new Refusal('name', 'name_taken', $name));
        }
        $alkalinity = $fields->number('alkalinity_mg_l', 0, 1000, 0);
        $rain = $fields->number('rain_share', 0, 1, 0);
        $salts = $fields->has('water_ec_ms_cm') ? $fields->number('water_ec_ms_cm', 0, 20) : null;
        $note = $fields->text('note', 500, '');
        $frosts = [];
        foreach (['last_frost', 'first_frost'] as $field) {
            $frosts[$field] = $fields->has($field) ? self::day($fields->text($field, 5), $field, $refusals) : null;
        }
        $months = is_array($input['months'] ?? null) ? array_map(static fn(mixed $month): mixed => is_array($month) ? array_filter($month, static fn(mixed $value): bool => $value !== null) : $month, $input['months']) : ($input['months'] ?? null);
        $climate = $refusals->during('', static fn(): Climate => Climate::read(['latitude' => $input['latitude'] ?? null, 'altitude_m' => $input['altitude_m'] ?? 0, 'months' => $months]));
        $refusals->throwIfAny();
        assert($climate !== null && is_array($months));

        $site->fill(['name' => $name, 'latitude' => $climate->latitude, 'altitude_m' => $climate->altitudeM, 'alkalinity_mg_l' => $alkalinity, 'rain_share' => $rain, 'water_ec_ms_cm' => $salts, 'months' => $months, ...$frosts, 'note' => $note])->save();

        return $site->refresh();
    }

    private static function day(string $text, string $field, Refusals $refusals): string
    {
        if (preg_match('/^(\d\d)-(\d\d)$/', $text, $found) !== 1 || ! checkdate((int) $found[1], (int) $found[2], 2024)) {
            $refusals->add(new Refusal($field, 'day_of_year', $text));
        }

        return $text;
    }
}
