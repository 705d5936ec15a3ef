<?php

declare(strict_types=1);

namespace App\Situations\Actions;

use App\Common\Field;
use App\Situations\Models\Site;
use App\Situations\SiteFields;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Place\Climate\Climate;

/** Adds a site or changes one: where it lies, its months, its water. */
final readonly class SaveSite
{
    /**
     * @param array<mixed> $input
     *
     * @throws Refused naming each field and what it may be
     */
    public function __invoke(Site $site, array $input): Site
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, SiteFields::names(), $refusals);
        $values = Field::readAll(SiteFields::all(), $fields, $refusals);
        if ($values['name'] !== '' && Site::query()->where('name', $values['name'])->whereKeyNot($site->id ?? 0)->exists()) {
            $refusals->add(new Refusal('name', 'name_taken', $values['name']));
        }
        $months = is_array($input['months'] ?? null) ? array_map(static fn(mixed $month): mixed => is_array($month) ? array_filter($month, static fn(mixed $value): bool => $value !== null) : $month, $input['months']) : ($input['months'] ?? null);
        $climate = $refusals->during('', static fn(): Climate => Climate::read(['latitude' => $input['latitude'] ?? null, 'altitude_m' => $input['altitude_m'] ?? 0, 'months' => $months]));
        $refusals->throwIfAny();
        assert($climate !== null && is_array($months));

        $site->fill([...$values, 'latitude' => $climate->latitude, 'altitude_m' => $climate->altitudeM, 'months' => $months])->save();

        return $site->refresh();
    }
}
