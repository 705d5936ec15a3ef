<?php

declare(strict_types=1);

namespace Tests\Core;

use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Material\MaterialReader;
use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Question\Evaluation\Request;
use Zolbek\Core\Question\Validation\ExpertPanel;
use Zolbek\Core\Verdict\Fit\Assessment;

/** The components and plants that ship, the figures of the revised model for them, and the practice cases as questions. */
final class Shipped
{
    /** @return list<array<string, mixed>> */
    public static function rawComponents(): array
    {
        static $components;

        return $components ??= [...self::read('database/reference/components.json')['components'], ...self::read('database/reference/further.json')['components']];
    }

    /** @return array<string, array<string, mixed>> */
    public static function species(): array
    {
        static $species;

        return $species ??= array_column(self::read('database/reference/species.json')['species'], null, 'key');
    }

    /** @return list<array<string, mixed>> */
    public static function figures(): array
    {
        static $figures;

        return $figures ??= self::read('tests/Core/reference/vectors2.json')['figures'];
    }

    /** @return array<string, array<string, mixed>> by id */
    public static function cases(): array
    {
        static $cases;

        return $cases ??= array_column(self::read('database/reference/panel.json')['cases'], null, 'id');
    }

    /** @return array<string, mixed> */
    public static function site(string $name): array
    {
        return array_diff_key(self::read('database/reference/panel.json')['sites'][$name], ['about' => true]);
    }

    public static function component(string $key): Material
    {
        static $built = [];

        return $built[$key] ??= MaterialReader::read(array_column(self::rawComponents(), null, 'key')[$key]);
    }

    /** @param array<string, float|int> $parts by component key */
    public static function blend(array $parts): Blend
    {
        return new Blend(array_map(static fn(string $key): array => [self::component($key), (float) $parts[$key]], array_keys($parts)));
    }

    /** @param array<string, float|int> $parts by component key */
    public static function substrate(array $parts, ?float $index = null): Substrate
    {
        return new Substrate(self::blend($parts), $index);
    }

    /**
     * A practice case as a question to the model.
     *
     * @param array<string, mixed> $with what is otherwise
     *
     * @return array<string, mixed>
     */
    public static function question(string $id, array $with = []): array
    {
        return ExpertPanel::question(array_replace(self::cases()[$id], $with), self::read('database/reference/panel.json')['sites']);
    }

    /** @param array<string, mixed> $with */
    public static function setup(string $id, array $with = []): Setup
    {
        return self::request(self::question($id, $with))->setup ?? throw new \LogicException('A practice case has a situation.');
    }

    /** @param array<string, mixed> $with */
    public static function assessment(string $id, array $with = [], bool $withYears = true): Assessment
    {
        return new Assessment(self::setup($id, $with), $withYears, weighsLayer: false);
    }

    /** @param array<string, mixed> $question */
    public static function request(array $question): Request
    {
        return Request::read($question, self::rawComponents(), self::species(...));
    }

    /** @return array<string, mixed> */
    private static function read(string $file): array
    {
        return json_decode((string) file_get_contents(dirname(__DIR__, 2).'/'.$file), true);
    }
}
