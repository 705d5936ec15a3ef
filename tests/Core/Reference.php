<?php

declare(strict_types=1);

namespace Tests\Core;

use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Material\MaterialReader;
use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Place\Container\Container;
use Zolbek\Core\Question\Evaluation\Answer;
use Zolbek\Core\Question\Evaluation\Request;

/**
 * The components and vectors of the first reference, and short ways to build from them: every material as loose grains that settle at K 6.7, which is what those
 * figures were made with. What is shipped now stands in Shipped.
 */
final class Reference
{
    /** @return array<string, mixed> */
    public static function vectors(): array
    {
        static $vectors;

        return $vectors ??= json_decode((string) file_get_contents(__DIR__.'/reference/vectors.json'), true);
    }

    /** @return list<array<string, mixed>> */
    public static function rawComponents(): array
    {
        static $components;

        return $components ??= array_map(
            static fn(array $raw): array => [...$raw, 'fines_weight' => 0.5, 'settled_index' => 6.7, 'structure_loss' => 0.0],
            json_decode((string) file_get_contents(__DIR__.'/reference/components.json'), true)['components'],
        );
    }

    /** @return array<string, mixed> */
    public static function raw(string $key): array
    {
        return array_column(self::rawComponents(), null, 'key')[$key];
    }

    public static function component(string $key): Material
    {
        static $built = [];

        return $built[$key] ??= MaterialReader::read(self::raw($key));
    }

    /** @param array<string, float|int> $parts by component key */
    public static function blend(array $parts): Blend
    {
        return new Blend(array_map(static fn(string $key): array => [self::component($key), (float) $parts[$key]], array_keys($parts)));
    }

    /** @param array<string, float|int> $parts by component key */
    public static function substrate(array $parts, float $index = 6.7, float $years = 0.0): Substrate
    {
        return new Substrate(self::blend($parts), $index, $years);
    }

    /**
     * The model's answer to a question in the exchange format.
     *
     * @param array<string, mixed> $question
     *
     * @return array<string, mixed>
     */
    public static function answer(array $question): array
    {
        return Answer::to(Request::read($question, self::rawComponents()));
    }

    public static function evenThree(): Substrate
    {
        return self::substrate(self::vectors()['blends']['even-three']['parts']);
    }

    public static function pot(string $name): Container
    {
        return Container::read(self::vectors()['pots'][$name]);
    }
}
