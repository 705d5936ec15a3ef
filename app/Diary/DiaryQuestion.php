<?php

declare(strict_types=1);

namespace App\Diary;

use App\Common\Holding;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/** Which lines of the diary are asked for. */
final readonly class DiaryQuestion
{
    private const FIELDS = ['kind', 'search', 'person', 'place', 'from', 'to', 'plant_id', 'recipe_id', 'page', 'per_page'];
    private const MOST_PER_PAGE = 200;
    private const LONGEST = 100;

    private function __construct(public ?string $kind, private string $search, private string $person, private string $place, private ?string $from, private ?string $to, private ?int $plantId, private ?int $recipeId, public int $page, public int $perPage) {}

    /**
     * @param array<mixed> $query
     *
     * @throws Refused naming the parameter and what it may be
     */
    public static function read(array $query): self
    {
        $refusals = new Refusals();
        foreach (['page', 'per_page', 'plant_id', 'recipe_id'] as $count) {
            if (is_numeric($query[$count] ?? null)) {
                $query[$count] += 0;
            }
        }
        $fields = Fields::of($query, self::FIELDS, $refusals);
        $text = static fn(string $name): string => $fields->has($name) ? trim($fields->text($name, self::LONGEST, '')) : '';
        $asked = new self(
            $fields->has('kind') ? $fields->oneOf('kind', Diary::KINDS) : null,
            $text('search'),
            $text('person'),
            $text('place'),
            self::day('from', $fields->raw('from'), $refusals),
            self::day('to', $fields->raw('to'), $refusals),
            $fields->has('plant_id') ? $fields->integer('plant_id', 1, PHP_INT_MAX) : null,
            $fields->has('recipe_id') ? $fields->integer('recipe_id', 1, PHP_INT_MAX) : null,
            $fields->integer('page', 1, 1_000_000, 1),
            $fields->integer('per_page', 1, self::MOST_PER_PAGE, 50),
        );
        $refusals->throwIfAny();

        return $asked;
    }

    private static function day(string $name, mixed $value, Refusals $refusals): ?string
    {
        if ($value === null || $value === '') {
            return null;
        }
        if (! is_string($value) || ! Carbon::hasFormat($value, 'Y-m-d')) {
            $refusals->add(new Refusal($name, 'day', $value));

            return null;
        }

        return $value;
    }

    /** Keeps of a kind what is asked for. */
    public function narrow(Builder $source): Builder
    {
        if ($this->search !== '') {
            $source->where(fn(Builder $either) => Holding::any($either, $this->search, 'name', 'of', 'note'));
        }
        foreach (['person' => $this->person, 'place' => $this->place] as $column => $is) {
            if ($is !== '') {
                $source->where($column, $is);
            }
        }
        foreach (['plant_id' => $this->plantId, 'recipe_id' => $this->recipeId] as $column => $is) {
            if ($is !== null) {
                $source->where($column, $is);
            }
        }
        if ($this->from !== null) {
            $source->where('at', '>=', $this->from);
        }
        if ($this->to !== null) {
            $source->where('at', '<=', $this->to.' 23:59:59');
        }

        return $source;
    }
}
