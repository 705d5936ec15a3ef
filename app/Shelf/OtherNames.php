<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Common\Holding;
use App\Common\Words;
use App\Shelf\Models\Component;
use Illuminate\Database\Eloquent\Builder;
use RuntimeException;

/** What else components are called: by trade and shops, in other languages, and by the people of the yard. Several components may bear the same name. */
final class OtherNames
{
    /** @var array<string, list<string>>|null by key of a typical component */
    private static ?array $shipped = null;

    /** @return non-empty-list<string> every name of a component, its own first */
    public static function of(Component $component): array
    {
        $english = (string) $component->getRawOriginal('name');

        return array_values(array_unique([$component->name, $english, ...$component->other_names, ...self::shipped($component), ...self::translated($english)]));
    }

    /** @return list<string> that ship with a typical component */
    public static function shipped(Component $component): array
    {
        return $component->is_reference ? self::all()[$component->key] ?? [] : [];
    }

    /**
     * Keeps those with a text anywhere in one of their names.
     *
     * @param Builder<Component> $query
     */
    public static function search(Builder $query, string $text): void
    {
        if ($text === '') {
            return;
        }
        $keys = self::keysNamed($text);
        $query->where(static function (Builder $either) use ($text, $keys): void {
            Holding::any($either, $text, 'name', 'other_names');
            $either->orWhereIn('key', $keys);
        });
    }

    /** @return list<string> keys of typical components that are called so somewhere */
    private static function keysNamed(string $text): array
    {
        $found = [];
        foreach (self::all() as $key => $names) {
            foreach ($names as $name) {
                if (mb_stripos($name, $text) !== false) {
                    $found[] = $key;
                    break;
                }
            }
        }

        return $found;
    }

    /** @return list<string> what a shipped name is called in the other languages */
    private static function translated(string $english): array
    {
        return array_values(array_filter(array_map(static fn(string $language): ?string => Words::shipped($language)[$english] ?? null, Words::LANGUAGES)));
    }

    /** @return array<string, list<string>> by key of a typical component */
    private static function all(): array
    {
        if (self::$shipped === null) {
            $text = file_get_contents(database_path('reference/other-names.json'));
            if ($text === false) {
                throw new RuntimeException('database/reference/other-names.json is missing.');
            }
            $byKey = json_decode($text, true, 8, JSON_THROW_ON_ERROR)['names'];
            $names = array_column((new ReferenceComponents())->all(), 'name', 'key');
            $all = [];
            foreach ($byKey as $key => $languages) {
                $all[(string) $key] = [...array_values(array_map(strval(...), array_merge(...array_values($languages)))), ...self::translated($names[$key] ?? '')];
            }
            self::$shipped = $all;
        }

        return self::$shipped;
    }
}
