<?php

declare(strict_types=1);

namespace Zolbek\Core\Question\Evaluation;

use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Material\MaterialReader;
use Zolbek\Core\Mix\Packing\CompressiblePacking;
use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Place\Container\Container;
use Zolbek\Core\Place\Container\DrainageLayer;
use Zolbek\Core\Place\Container\Holes;
use Zolbek\Core\Place\Container\RootZone;
use Zolbek\Core\Place\Setup\Setup;

/**
 * A question to the model in the open exchange format of docs/evaluate.md: components by key, a blend, a pot and how it is set up, and perhaps a situation.
 *
 * Components that the blend does not use are checked all the same. Left out: lengths, suction and years 0, open_share 1, compaction_index that at which the mix
 * settles. A layer of thickness 0 is no layer. A situation needs pot and holes, and is assessed with the fresh mix.
 */
final readonly class Request
{
    private const FIELDS = [
        'components', 'blend', 'compaction_index', 'pot', 'headspace_cm', 'top_dressing_cm', 'suction_cm', 'drainage_layer', 'holes', 'years', 'situation',
    ];

    private function __construct(
        public Substrate $substrate,
        public ?RootZone $zone,
        public ?Holes $holes,
        public float $suctionCm,
        public ?Setup $setup,
    ) {}

    /**
     * @param mixed        $input     the decoded document
     * @param list<mixed>  $reference raw components to use where the document brings none
     * @param (callable(): array<string, array<string, mixed>>)|null $species the library of plants by key
     *
     * @throws Refused naming the field and what it may be
     */
    public static function read(mixed $input, array $reference, ?callable $species = null): self
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, self::FIELDS, $refusals);
        $components = self::components($fields->has('components') ? $fields->raw('components') : $reference, $refusals, SituationReader::limedIn($fields->raw('situation')));
        $index = $fields->has('compaction_index') ? $fields->number('compaction_index', CompressiblePacking::POURED, CompressiblePacking::PRESSED) : null;
        $years = $fields->number('years', 0, 100, 0);
        $headspace = $fields->number('headspace_cm', 0, Container::LONGEST_CM, 0);
        $dressing = $fields->number('top_dressing_cm', 0, Container::LONGEST_CM, 0);
        $suction = $fields->number('suction_cm', 0, 1e6, 0);
        $pot = $fields->has('pot') ? $refusals->during('pot', static fn(): Container => Container::read($fields->raw('pot'))) : null;
        $holes = $fields->has('holes') ? $refusals->during('holes', static fn(): Holes => Holes::read($fields->raw('holes'))) : null;
        $blend = self::blend($fields->raw('blend'), 'blend', $components, $refusals);
        [$layerBlend, $thickness] = self::layer($fields, $components, $refusals);
        $situation = $fields->has('situation') ? SituationReader::read($fields->raw('situation'), $species ?? static fn(): array => [], $refusals) : null;
        if ($fields->has('situation')) {
            foreach (['pot', 'holes'] as $needed) {
                if (! $fields->has($needed)) {
                    $refusals->add(new Refusal($needed, 'required'));
                }
            }
            $used = $fields->raw('blend');
            foreach (array_keys($situation->limedTo ?? []) as $key) {
                if (! is_array($used) || ! isset($used[$key])) {
                    $refusals->add(new Refusal('situation.limed_to.'.$key, 'not_in_blend', $key, ['known' => implode(', ', is_array($used) ? array_keys($used) : [])]));
                }
            }
        }
        $refusals->throwIfAny();
        assert($blend !== null);

        $layer = $layerBlend === null || $thickness === 0.0 ? null : new DrainageLayer(new Substrate($layerBlend, $index, $years), $thickness);
        $substrate = new Substrate($blend, $index, $years);
        $zone = $pot === null ? null : new RootZone($pot, $headspace, $dressing, $layer);
        $isFresh = $years <= 0.0;

        return new self($substrate, $zone, $holes, $suction, $situation === null || $pot === null || $holes === null ? null : new Setup(
            array_map(static fn(Material $component, float $parts): array => [$component, $parts], $blend->components, $blend->parts),
            $pot,
            $holes,
            $situation->group,
            $headspace,
            $dressing,
            $isFresh || $layer === null ? $layer : new DrainageLayer(new Substrate($layer->substrate->blend, $index), $thickness),
            $situation->potWeightKg,
            $situation->treeWeightKg,
            $index,
            $isFresh ? $zone : null,
            $situation->situation,
            substrate: $isFresh ? $substrate : null,
        ));
    }

    /**
     * @param array<string, float> $limedTo pH by component key
     *
     * @return array<string, Material> by key
     */
    private static function components(mixed $input, Refusals $refusals, array $limedTo): array
    {
        if (! is_array($input) || ! array_is_list($input) || $input === []) {
            $refusals->add(new Refusal('components', 'list', $input));

            return [];
        }
        $components = [];
        foreach ($input as $i => $raw) {
            $component = $refusals->during('components.'.$i, static fn(): Material => MaterialReader::read($raw, null, is_array($raw) && is_string($raw['key'] ?? null) ? $limedTo[$raw['key']] ?? null : null));
            if ($component === null) {
                continue;
            }
            if (isset($components[$component->key])) {
                $refusals->add(new Refusal('components.'.$i.'.key', 'key_twice', $component->key));
            }
            $components[$component->key] = $component;
        }

        return $components;
    }

    /**
     * @param array<string, Material> $components
     */
    private static function blend(mixed $input, string $path, array $components, Refusals $refusals): ?Blend
    {
        if (! is_array($input) || ($input !== [] && array_is_list($input))) {
            $refusals->add(new Refusal($path, $input === null ? 'required' : 'object', $input));

            return null;
        }
        $parts = Fields::of($input, array_map(strval(...), array_keys($input)), $refusals, $path);
        $portions = [];
        foreach (array_keys($input) as $key) {
            $amount = $parts->number((string) $key, 0, Blend::MOST_PARTS);
            if (! isset($components[$key])) {
                $refusals->add(new Refusal($path.'.'.$key, 'component_unknown', $key, ['known' => implode(', ', array_keys($components))]));
            } elseif (! is_nan($amount)) {
                $portions[] = [$components[$key], $amount];
            }
        }

        return count($portions) < count($input) ? null : $refusals->during($path, static fn(): Blend => new Blend($portions));
    }

    /**
     * @param array<string, Material> $components
     *
     * @return array{?Blend, float}
     */
    private static function layer(Fields $fields, array $components, Refusals $refusals): array
    {
        if (! $fields->has('drainage_layer')) {
            return [null, 0.0];
        }
        $layer = Fields::of($fields->raw('drainage_layer'), ['blend', 'thickness_cm'], $refusals, 'drainage_layer');
        $thickness = $layer->number('thickness_cm', 0, Container::LONGEST_CM, 0);
        if (! $layer->has('blend') && $thickness > 0.0) {
            $refusals->add(new Refusal('drainage_layer.blend', 'required'));
        }

        return [
            $layer->has('blend') ? self::blend($layer->raw('blend'), 'drainage_layer.blend', $components, $refusals) : null,
            $thickness,
        ];
    }
}
