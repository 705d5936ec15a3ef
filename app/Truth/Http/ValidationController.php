<?php

declare(strict_types=1);

namespace App\Truth\Http;

use App\Common\SaidHere;
use App\Shelf\ReferenceComponents;
use App\Situations\ReferenceSpecies;
use App\Truth\ReferencePanel;
use Illuminate\Http\JsonResponse;
use Zolbek\Core\Mix\Material\MaterialReader;
use Zolbek\Core\Question\Validation\Beside;
use Zolbek\Core\Question\Validation\ExpertPanel;
use Zolbek\Core\Question\Validation\PublishedSets;

/** How true the model is: beside published figures and beside what growers make of mixes, with the components that ship, computed now. */
final readonly class ValidationController
{
    public function __construct(private ReferenceComponents $components, private ReferenceSpecies $species, private ReferencePanel $reference) {}

    public function __invoke(): JsonResponse
    {
        $raw = $this->components->all();
        $names = array_column($raw, 'name', 'key');
        $panel = new ExpertPanel($this->reference->panel(), $raw, $this->species->byKey());
        $components = array_combine(array_column($raw, 'key'), array_map(MaterialReader::read(...), $raw));

        return new JsonResponse([
            'sets' => array_map(static fn(array $set): array => [...$set, 'name' => SaidHere::text($set['name']), 'rows' => array_map(static fn(Beside $row): array => get_object_vars($row), $set['rows'])], (new PublishedSets($components))->beside($this->reference->published())),
            'cases' => array_map(static fn(array $case): array => [
                ...$case,
                'plant' => SaidHere::text($case['plant']),
                'mix' => array_map(static fn(string $key, float $parts): array => ['name' => SaidHere::text($names[$key] ?? $key), 'parts' => $parts], array_keys($case['mix']), $case['mix']),
            ], $panel->cases),
            'kinds' => $panel->byKind(),
        ]);
    }
}
