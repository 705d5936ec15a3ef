<?php

declare(strict_types=1);

namespace App\People;

/** What takes back what was asked for, as another question to the API: null where nothing does. Whether it still can be is for that question to say. */
final class Reverse
{
    /** Switches, and the field that is turned round. */
    private const SWITCHES = ['archived', 'held', 'in_use', 'discarded'];

    /** Done by one address and taken back by its opposite. */
    private const OPPOSITE = ['batches/{batch}/mixed', 'days/{day}/finished'];

    /** Made of a mix of a day, and where the day that is answered has it. */
    private const MADE = ['days/{day}/loads' => 'mixed', 'days/{day}/leftovers' => 'closed'];

    /**
     * @param array<mixed> $body
     * @param array<mixed> $answer
     *
     * @return array{method: string, path: string, body?: array<mixed>}|null
     */
    public static function of(string $method, string $route, string $path, array $body, array $answer): ?array
    {
        $switch = str_replace('-', '_', basename($route));
        if ($method === 'PUT' && in_array($switch, self::SWITCHES, true) && is_bool($body[$switch] ?? null)) {
            return ['method' => 'PUT', 'path' => $path, 'body' => [...$body, $switch => ! $body[$switch]]];
        }
        if (in_array($route, self::OPPOSITE, true)) {
            return $method === 'POST' ? ['method' => 'DELETE', 'path' => $path] : null;
        }
        if ($method === 'POST' && isset(self::MADE[$route])) {
            $made = self::made($answer, $body['recipe_id'] ?? null, self::MADE[$route]);

            return $made === null ? null : ['method' => 'DELETE', 'path' => $path.'/'.$made];
        }
        if ($route === 'days/{day}/plants/{entry}/state' && in_array($body['state'] ?? null, ['done', 'changed', 'not_today'], true)) {
            return ['method' => 'POST', 'path' => $path, 'body' => ['state' => 'planned']];
        }

        return null;
    }

    /** @param array<mixed> $day the id of what was made last of a recipe's mix */
    private static function made(array $day, mixed $recipe, string $as): ?int
    {
        foreach (is_array($day['mixes'] ?? null) ? $day['mixes'] : [] as $mix) {
            if (($mix['recipe_id'] ?? null) === $recipe && is_array($mix[$as] ?? null)) {
                $ids = isset($mix[$as]['id']) ? [$mix[$as]['id']] : array_column($mix[$as], 'id');

                return $ids === [] ? null : (int) max($ids);
            }
        }

        return null;
    }
}
