<?php

declare(strict_types=1);

namespace App\Outcomes;

use App\Recipes\Models\Recipe;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/** Which plants of which mix are asked about, and the mix beside it. */
final readonly class OutcomeQuestion
{
    public const BY = ['version', 'species', 'place', 'depth', 'year'];

    /** Pots are told apart by depth in steps that growers tell apart: shallow trays, usual pots, deep ones. */
    public const DEPTHS_CM = ['to_7' => [0.0, 7.0], 'to_12' => [7.0, 12.0], 'over_12' => [12.0, INF]];

    private function __construct(public Recipe $recipe, public ?Recipe $beside, private ?int $version, private ?int $speciesId, private ?string $place, private ?string $depth, private ?int $year, public string $by) {}

    /**
     * @param array<mixed> $query
     *
     * @throws Refused naming the parameter and what it may be
     */
    public static function read(Recipe $recipe, array $query): self
    {
        $refusals = new Refusals();
        $fields = Fields::of(array_map(static fn(mixed $value): mixed => is_numeric($value) ? +$value : $value, $query), ['beside', 'version', 'species_id', 'place', 'depth', 'year', 'by'], $refusals);
        $whole = static fn(string $name, int $most): ?int => $fields->has($name) && $fields->raw($name) !== '' ? $fields->integer($name, 1, $most) : null;
        $besideId = $whole('beside', PHP_INT_MAX);
        $beside = $besideId === null ? null : Recipe::query()->find($besideId);
        if ($besideId !== null && ($beside === null || $beside->id === $recipe->id)) {
            $refusals->add(new Refusal('beside', 'recipe_missing', $besideId));
        }
        $asked = new self(
            $recipe,
            $beside,
            $whole('version', 100_000),
            $whole('species_id', PHP_INT_MAX),
            $fields->has('place') && is_string($fields->raw('place')) && $fields->raw('place') !== '' ? $fields->text('place', 100, '') : null,
            $fields->has('depth') && $fields->raw('depth') !== '' ? $fields->oneOf('depth', array_keys(self::DEPTHS_CM)) : null,
            $whole('year', 9999),
            $fields->oneOf('by', self::BY, 'version') ?? 'version',
        );
        $refusals->throwIfAny();

        return $asked;
    }

    /**
     * @param list<Stay> $stays
     *
     * @return list<Stay> those that are asked about; the version belongs to the mix itself, not to the one beside
     */
    public function keep(array $stays, bool $isBeside = false): array
    {
        return array_values(array_filter($stays, fn(Stay $stay): bool => ($isBeside || $this->version === null || $stay->in->recipeVersion === $this->version)
            && ($this->speciesId === null || $stay->plant->species_id === $this->speciesId)
            && ($this->place === null || $stay->place === $this->place)
            && ($this->depth === null || self::depth($stay) === $this->depth)
            && ($this->year === null || $stay->from->year === $this->year)));
    }

    public static function depth(Stay $stay): string
    {
        foreach (self::DEPTHS_CM as $name => [$from, $to]) {
            if ($stay->depthCm() > $from && $stay->depthCm() <= $to) {
                return $name;
            }
        }

        return 'to_7';
    }

    /** What a stand is counted under. */
    public function under(Stay $stay): string
    {
        return match ($this->by) {
            'species' => $stay->plant->species->name ?? '',
            'place' => $stay->place,
            'depth' => self::depth($stay),
            'year' => (string) $stay->from->year,
            default => (string) $stay->in->recipeVersion,
        };
    }
}
