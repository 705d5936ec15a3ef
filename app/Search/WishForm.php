<?php

declare(strict_types=1);

namespace App\Search;

use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Verdict\Search\Merit;
use Zolbek\Core\Verdict\Search\Source;
use Zolbek\Core\Verdict\Search\Start;
use Zolbek\Core\Verdict\Search\Steps;
use Zolbek\Core\Verdict\Search\Wishes;

/** What somebody wants of a mix, as a screen sends it under `find`; all of it may be left out. */
final readonly class WishForm
{
    private const FIELDS = [
        'most_components', 'scoops', 'per_cent', 'source', 'most_cost', 'most_kg', 'least_years', 'without_organics', 'without_acid_organics', 'pots', 'priorities', 'start',
    ];

    private const SCOOPS = 6;
    private const COMPONENTS = 4;
    private const MOST_COMPONENTS = 6;

    /** @param list<Merit> $priorities what comes first */
    private function __construct(public WishedShelf $shelf, public array $priorities, public Wishes $wishes) {}

    public static function read(mixed $input, Refusals $refusals): self
    {
        $fields = Fields::of($input ?? [], [...WishedShelf::FIELDS, ...self::FIELDS], $refusals, 'find');
        $start = self::start($fields, $refusals);
        $source = Source::from($fields->oneOf('source', array_column(Source::cases(), 'value'), Source::Bought->value) ?? Source::Bought->value);
        $source = $start === Start::Replace ? Source::Stock : $source;
        $shelf = WishedShelf::read($fields, $source, $refusals);
        $optional = static fn(string $name, float $max): ?float => $fields->has($name) ? $fields->number($name, 0, $max) : null;

        return new self($shelf, self::priorities($fields->raw('priorities'), $start, $refusals), new Wishes(
            $fields->integer('most_components', 1, self::MOST_COMPONENTS, self::COMPONENTS),
            self::steps($fields, $refusals),
            $source,
            $optional('most_cost', 1e6),
            $optional('most_kg', 10_000.0),
            $optional('least_years', 20.0),
            $fields->flag('without_organics', false),
            $fields->flag('without_acid_organics', false),
            $fields->integer('pots', 1, 10_000, 1),
            $shelf->like,
            $start?->within() ?? 1.0,
        ));
    }

    /** A start is from a recipe, which has to be told too. */
    private static function start(Fields $fields, Refusals $refusals): ?Start
    {
        if (! $fields->has('start')) {
            return null;
        }
        if (! $fields->has('like')) {
            $refusals->add(new Refusal('find.like', 'required'));
        }

        return Start::tryFrom((string) $fields->oneOf('start', array_column(Start::cases(), 'value')));
    }

    private static function steps(Fields $fields, Refusals $refusals): Steps
    {
        if (! $fields->has('per_cent')) {
            // refused already where it is not within
            return Steps::scoopsUpTo(max(1, $fields->integer('scoops', 1, Steps::MOST_SCOOPS, self::SCOOPS)));
        }
        $perCent = $fields->integer('per_cent', 1, 100);

        return $refusals->during('find', static fn(): Steps => Steps::perCent($perCent)) ?? Steps::scoopsUpTo(self::SCOOPS);
    }

    /** @return list<Merit> */
    private static function priorities(mixed $input, ?Start $start, Refusals $refusals): array
    {
        $words = array_column(Merit::priorities(), 'value');
        if ($input !== null && (! is_array($input) || ! array_is_list($input) || $input === [] || array_diff($input, $words) !== [] || array_unique($input) !== $input)) {
            $refusals->add(new Refusal('find.priorities', 'one_of', $input, ['words' => implode(', ', $words)]));
            $input = null;
        }
        $wanted = $input === null ? Merit::USUAL : array_map(Merit::from(...), $input);

        return $start === null ? $wanted : [$start->merit(), ...array_values(array_filter($wanted, static fn(Merit $each): bool => $each !== $start->merit()))];
    }
}
