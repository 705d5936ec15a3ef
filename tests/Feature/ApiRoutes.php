<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;

/** The routes of the API, for tests that walk them. */
final class ApiRoutes
{
    /** What may stand in a gap: a number, a stable name, a secret. */
    private const FILLINGS = ['1', '0190b8a0-0000-7000-8000-000000000000', 'aaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaa'];

    /** @return list<Route> */
    public static function all(): array
    {
        return array_values(array_filter(Routes::getRoutes()->getRoutes(), static fn(Route $route): bool => str_starts_with($route->uri(), 'api/')));
    }

    /** @return list<array{Route, string}> each by each of its methods */
    public static function byMethod(): array
    {
        $asked = [];
        foreach (self::all() as $route) {
            foreach (array_diff($route->methods(), ['HEAD', 'OPTIONS']) as $method) {
                $asked[] = [$route, $method];
            }
        }

        return $asked;
    }

    /** The address of a route with something that fits in each of its gaps. */
    public static function address(Route $route): string
    {
        $fitting = static fn(string $name): string => collect(self::FILLINGS)->first(static fn(string $given): bool => preg_match('/^(?:'.($route->wheres[$name] ?? '.*').')$/', $given) === 1);

        return '/'.preg_replace_callback('/\{(\w+)\??\}/', static fn(array $gap): string => $fitting($gap[1]), $route->uri());
    }
}
