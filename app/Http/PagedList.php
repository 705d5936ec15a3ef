<?php

declare(strict_types=1);

namespace App\Http;

use App\Common\Holding;
use App\Common\SaidHere;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/** A list of records by page, sorted by one of its columns: `{data, page, per_page, total}`. */
final class PagedList
{
    private const MOST_PER_PAGE = 200;

    /**
     * @template T of Model
     *
     * @param Builder<T>                         $query
     * @param non-empty-list<string>             $sorts   columns to sort by; "-" before one turns its order round
     * @param callable(T): array<string, mixed> $present
     * @param string|null                        $default how it is sorted unless asked otherwise; the first column where left out
     *
     * @throws Refused when a query parameter cannot be used
     */
    public static function of(Builder $query, Request $request, array $sorts, callable $present, ?string $default = null): JsonResponse
    {
        $refusals = new Refusals();
        $fields = Fields::of(array_map(static fn(mixed $value): mixed => is_numeric($value) ? +$value : $value, $request->only(['page', 'per_page', 'sort', 'with'])), ['page', 'per_page', 'sort', 'with'], $refusals);
        $page = $fields->integer('page', 1, 1_000_000, 1);
        $perPage = $fields->integer('per_page', 1, self::MOST_PER_PAGE, 50);
        $sort = $fields->oneOf('sort', [...$sorts, ...array_map(static fn(string $column): string => '-'.$column, $sorts)], $default ?? $sorts[0]);
        $with = $fields->has('with') ? $fields->integer('with', 1, PHP_INT_MAX) : null;
        $refusals->throwIfAny();
        assert($sort !== null);

        $total = $query->count();
        [$column, $direction] = [ltrim($sort, '-'), str_starts_with($sort, '-') ? 'desc' : 'asc'];
        // what ships with Zolbek stands where its reader looks for it
        $column === 'name' && $query->getModel()->hasAttributeMutator('name') ? SaidHere::order($query, $column, $direction) : $query->orderBy($column, $direction);
        $query->orderBy('id');
        $query->forPage($page, $perPage);

        return new JsonResponse([
            'data' => array_map($present, self::having($with, array_values($query->get()->all()), $query)),
            'page' => $page,
            'per_page' => $perPage,
            'total' => $total,
        ]);
    }

    /**
     * What a form has chosen already stands first, whatever is searched for and wherever it is, so that its name is known.
     *
     * @template T of Model
     *
     * @param list<T>    $found
     * @param Builder<T> $query
     *
     * @return list<T>
     */
    private static function having(?int $id, array $found, Builder $query): array
    {
        if ($id === null || in_array($id, array_map(static fn(Model $record): mixed => $record->getKey(), $found), true)) {
            return $found;
        }
        $chosen = $query->getModel()->newQuery()->setEagerLoads($query->getEagerLoads())->find($id);

        return $chosen === null ? $found : [$chosen, ...$found];
    }

    /** @param Builder<covariant Model> $query */
    public static function inArchive(Builder $query, bool $archived): void
    {
        $query->whereNull('archived_at', not: $archived);
    }

    /**
     * Keeps those with a text anywhere in the name, or in another column that says what it is; its wildcards are taken as they are.
     *
     * @param Builder<covariant Model> $query
     * @param literal-string|null      $also
     */
    public static function named(Builder $query, string $text, ?string $also = null): void
    {
        if ($text === '') {
            return;
        }
        $query->where(static fn(Builder $either) => Holding::any($either, $text, ...['name', ...($also === null ? [] : [$also])]));
    }
}
