<?php

declare(strict_types=1);

namespace App\Bench;

use App\Bench\Models\BenchTest;
use App\Common\Same;
use App\Sheets\SchemaFile;
use App\Shelf\MixFigures;
use App\Shelf\Models\Component;
use App\Shelf\Models\ComponentPart;
use App\Shelf\Models\Lot;
use App\Shelf\Models\StockMovement;
use App\Shelf\Portions;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Material\MaterialReader;

/**
 * One component with all its history as a JSON file, version 1 of api/component.schema.json: properties, deliveries, movements of stock and
 * tests. Written, taken in elsewhere and written again, the file is the same.
 */
final readonly class ComponentFile
{
    public const FORMAT = 'zolbek component';
    public const VERSION = 1;
    private const COLUMNS = ['key', 'name', 'kind', 'source', 'basis', 'colour', 'hazards', 'stock_l', 'pack_l', 'pack_price', 'low_l', 'price_per_l', 'note', 'reclaimed_years', 'sieved_mm'];

    public function __construct(private RefreshMeasured $refresh, private MixFigures $mixes) {}

    /** @return array<string, mixed> */
    public function write(Component $component): array
    {
        $component->loadMissing('mixParts.component');
        $properties = [];
        foreach (MaterialReader::PROPERTIES as $property) {
            $properties[$property] = $property === 'sieve' ? (object) $component->sieve : $component->getAttribute($property);
        }
        [$lots, $movements, $tests] = [Lot::query(), StockMovement::query(), BenchTest::query()];
        foreach ([$lots, $movements, $tests] as $query) {
            $query->where('component_id', $component->id);
            $query->orderBy('id');
        }
        $lots = $lots->get();
        $names = $lots->pluck('name', 'id');

        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'component' => [...$component->only(self::COLUMNS), 'archived_at' => self::moment($component->archived_at), 'properties' => $properties],
            'parts' => $component->mixParts->map(static fn(ComponentPart $part): array => ['key' => $part->component->key, 'name' => $part->component->name, 'parts' => $part->parts])->all(),
            'lots' => $lots->map(static fn(Lot $lot): array => [
                ...$lot->only(['name', 'quantity_l', 'stock_l', 'price', 'note', 'held_note']),
                'held_at' => self::moment($lot->held_at),
                'delivered_on' => $lot->delivered_on->toDateString(),
                'archived_at' => self::moment($lot->archived_at),
            ])->all(),
            'movements' => $movements->get()->map(static fn(StockMovement $movement): array => [
                ...$movement->only(['kind', 'litres', 'stock_after_l', 'note']),
                'lot' => $movement->lot_id === null ? null : $names[$movement->lot_id],
                'moved_at' => self::moment($movement->moved_at),
            ])->all(),
            'tests' => $tests->get()->map(static fn(BenchTest $test): array => [
                'kind' => $test->kind->value,
                ...$test->only(['status', 'name', 'person', 'step', 'in_use', 'note', 'result']),
                'lot' => $test->lot_id === null ? null : $names[$test->lot_id],
                'readings' => self::readings($test->readings),
                'overrides' => (object) $test->overrides,
                'started_at' => self::moment($test->started_at),
                'finished_at' => self::moment($test->finished_at),
            ])->all(),
        ];
    }

    /** @throws Refused naming what in the file cannot be taken */
    public function take(string $text): Component
    {
        $file = SchemaFile::read($text, self::FORMAT, self::VERSION, 'component.schema.json');
        $raw = $file['component'];
        $there = Component::query()->where('key', $raw['key'])->orWhere('name', $raw['name'])->first();
        if ($there !== null && ! self::isUntouched($there, $raw)) {
            throw Refused::because('component.name', 'component_there', $raw['name']);
        }

        return DB::transaction(function () use ($file, $raw, $there): Component {
            $parts = self::parts($file['parts']);
            $core = $parts === [] ? self::checked($raw) : null;
            $component = $there ?? new Component(['measured' => []]);
            $component->fill([
                ...array_intersect_key($raw, array_flip(self::COLUMNS)),
                ...$raw['properties'],
                'residual_packing' => $core->residualPacking ?? 0.5,
                'archived_at' => $raw['archived_at'],
            ])->save();
            foreach ($parts as $position => [$part, $amount]) {
                ComponentPart::query()->create(['mix_id' => $component->id, 'component_id' => $part->id, 'parts' => $amount, 'position' => $position]);
            }
            if ($parts !== []) {
                Portions::load([$component->refresh()]);
                $this->mixes->fill($component)->save();
            }
            $lots = $this->history($component, $file);
            ($this->refresh)($component->refresh());
            foreach ($lots as $lot) {
                ($this->refresh)($lot->refresh()->setRelation('component', $component));
            }

            return $component->refresh();
        });
    }

    /**
     * @param array<string, mixed> $file
     *
     * @return array<string, Lot> by name
     */
    private function history(Component $component, array $file): array
    {
        $lots = [];
        foreach ($file['lots'] as $lot) {
            $lots[$lot['name']] = Lot::query()->create([...$lot, 'component_id' => $component->id, 'measured' => []]);
        }
        $lotId = static function (?string $name, string $path) use ($lots): ?int {
            if ($name !== null && ! isset($lots[$name])) {
                throw Refused::because($path, 'lot_unnamed', $name);
            }

            return $name === null ? null : $lots[$name]->id;
        };
        foreach ($file['movements'] as $i => $movement) {
            $id = $lotId($movement['lot'], "movements.$i.lot");
            unset($movement['lot']);
            StockMovement::query()->create([...$movement, 'component_id' => $component->id, 'lot_id' => $id]);
        }
        foreach ($file['tests'] as $i => $test) {
            $id = $lotId($test['lot'], "tests.$i.lot");
            unset($test['lot']);
            BenchTest::query()->create([...$test, 'component_id' => $component->id, 'lot_id' => $id]);
        }

        return $lots;
    }

    /**
     * @param array<string, mixed> $raw
     */
    private static function checked(array $raw): Material
    {
        try {
            return MaterialReader::read(['key' => $raw['key'], 'name' => $raw['name'], 'kind' => $raw['kind'], ...array_filter($raw['properties'], static fn(mixed $value): bool => $value !== null)]);
        } catch (Refused $refused) {
            throw $refused->under('component.properties');
        }
    }

    /**
     * @param list<array{key: string, name: string, parts: float}> $rows
     *
     * @return list<array{Component, float}>
     */
    private static function parts(array $rows): array
    {
        $parts = [];
        foreach ($rows as $i => $row) {
            $component = Component::query()->where('key', $row['key'])->first();
            $parts[] = [$component ?? throw Refused::because("parts.$i.key", 'component_unnamed', $row['name']), (float) $row['parts']];
        }

        return $parts;
    }

    /**
     * Whether a typical component is here as it ships, so that what the file tells of it can be put on it.
     *
     * @param array<string, mixed> $raw
     */
    private static function isUntouched(Component $there, array $raw): bool
    {
        $properties = [];
        foreach (MaterialReader::PROPERTIES as $property) {
            $properties[$property] = $there->getAttribute($property);
        }

        return $there->is_reference && $there->key === $raw['key'] && $there->name === $raw['name'] && Same::values($properties, $raw['properties']) && $there->stock_l === 0.0
            && Lot::query()->where('component_id', $there->id)->doesntExist()
            && StockMovement::query()->where('component_id', $there->id)->doesntExist()
            && BenchTest::query()->where('component_id', $there->id)->doesntExist();
    }

    /**
     * @param array<string, mixed> $readings
     *
     * @return array<string, mixed>
     */
    private static function readings(array $readings): array
    {
        return [
            'setup' => (object) ($readings['setup'] ?? []),
            'rounds' => array_map(static fn(array $round): object => (object) $round, $readings['rounds'] ?? []),
            'sources' => (object) ($readings['sources'] ?? []),
        ];
    }

    private static function moment(?Carbon $moment): ?string
    {
        return $moment?->utc()->format('Y-m-d\TH:i:s\Z');
    }
}
