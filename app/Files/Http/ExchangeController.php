<?php

declare(strict_types=1);

namespace App\Files\Http;

use App\Bench\ComponentFile;
use App\Bench\SieveTestSheet;
use App\Plants\HistorySheet;
use App\Plants\Models\Plant;
use App\Plants\PlantFile;
use App\Plants\PlantPresenter;
use App\Plants\PlantSheet;
use App\Pots\Models\Pot;
use App\Pots\PotFile;
use App\Pots\PotPresenter;
use App\Pots\PotSheet;
use App\Recipes\Models\Recipe;
use App\Recipes\RecipeFile;
use App\Recipes\RecipePresenter;
use App\Sheets\Column;
use App\Sheets\CsvTable;
use App\Sheets\Import;
use App\Sheets\Sheet;
use App\Shelf\ComponentPresenter;
use App\Shelf\ComponentSheet;
use App\Shelf\LotSheet;
use App\Shelf\Models\Component;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** Files in and out: CSV for components, deliveries, sieve analyses, pots, plants and their histories; JSON for one of them with what belongs to it. */
final readonly class ExchangeController
{
    private const SHEETS = ['components' => ComponentSheet::class, 'lots' => LotSheet::class, 'sieve-tests' => SieveTestSheet::class, 'plants' => PlantSheet::class, 'plant-history' => HistorySheet::class, 'pots' => PotSheet::class];
    /** Sieves that a template offers. */
    private const TEMPLATE_SIEVES = ['16', '8', '4', '2', '1', '0.5', 'pan'];

    public function export(string $sheet): Response
    {
        $found = self::sheet($sheet);
        $rows = [];
        foreach ($found->all() as $row) {
            $rows[] = $row;
        }
        $apertures = $found->sieveUnit() === null ? [] : self::apertures($rows);
        $table = array_map(static fn(array $row): array => [
            ...array_map(static fn(Column $column): string|float|null => self::cell($row[$column->field] ?? null), $found->columns()),
            ...array_map(static fn(string $aperture): ?float => isset($row['sieve'][$aperture]) ? (float) $row['sieve'][$aperture] : null, $apertures),
        ], $rows);

        return self::csv(CsvTable::write(self::header($found, $apertures), $table), $sheet.'.csv');
    }

    public function template(string $sheet): Response
    {
        $found = self::sheet($sheet);

        return self::csv(CsvTable::write(self::header($found, $found->sieveUnit() === null ? [] : self::TEMPLATE_SIEVES), []), $sheet.'-template.csv');
    }

    public function import(Request $request, string $sheet, Import $import): JsonResponse
    {
        return new JsonResponse($import(self::sheet($sheet), (string) $request->getContent(), $request->boolean('dry_run'), $request->boolean('good_only')));
    }

    public function component(Component $component, ComponentFile $file): Response
    {
        return self::json($file->write($component), $component->name);
    }

    public function plant(Plant $plant, PlantFile $file): Response
    {
        return self::json($file->write($plant), $plant->number.' '.$plant->name);
    }

    public function takePlant(Request $request, PlantFile $file): JsonResponse
    {
        return new JsonResponse(PlantPresenter::row($file->take((string) $request->getContent())->load(['species', 'pot'])), 201);
    }

    public function pot(Pot $pot, PotFile $file): Response
    {
        return self::json($file->write($pot), $pot->name);
    }

    public function takePot(Request $request, PotFile $file): JsonResponse
    {
        return new JsonResponse(PotPresenter::present($file->take((string) $request->getContent())), 201);
    }

    public function recipe(Recipe $recipe, RecipeFile $file): Response
    {
        return self::json($file->write($recipe), $recipe->name);
    }

    public function takeRecipe(Request $request, RecipeFile $file): JsonResponse
    {
        return new JsonResponse(RecipePresenter::present($file->take((string) $request->getContent())), 201);
    }

    public function takeComponent(Request $request, ComponentFile $file): JsonResponse
    {
        return new JsonResponse(ComponentPresenter::present($file->take((string) $request->getContent())), 201);
    }

    private static function sheet(string $name): Sheet
    {
        $class = self::SHEETS[$name] ?? null;
        abort_if($class === null, 404);

        $found = app($class);
        assert($found instanceof Sheet);

        return $found;
    }

    private static function cell(mixed $value): string|float|null
    {
        return match (true) {
            is_array($value) => implode(' ', $value),
            is_int($value), is_float($value) => (float) $value,
            is_string($value) => $value,
            default => null,
        };
    }

    /**
     * @param list<array<string, mixed>> $rows
     *
     * @return list<string> coarsest first, the pan last
     */
    private static function apertures(array $rows): array
    {
        $all = [];
        foreach ($rows as $row) {
            foreach (array_keys($row['sieve'] ?? []) as $aperture) {
                $all[(string) $aperture] = $aperture === 'pan' ? -1.0 : (float) $aperture;
            }
        }
        arsort($all);

        return array_map(strval(...), array_keys($all));
    }

    /**
     * @param list<string> $apertures
     *
     * @return list<string>
     */
    private static function header(Sheet $sheet, array $apertures): array
    {
        return [
            ...array_map(static fn(Column $column): string => $column->header(), $sheet->columns()),
            ...array_map(static fn(string $aperture): string => 'sieve '.$aperture.($aperture === 'pan' ? '' : ' mm').' ['.$sheet->sieveUnit().']', $apertures),
        ];
    }

    /** @param array<string, mixed> $document */
    private static function json(array $document, string $name): Response
    {
        $text = json_encode($document, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR);

        return new Response($text."\n", 200, ['Content-Type' => 'application/json', 'Content-Disposition' => 'attachment; filename="'.Str::slug($name).'.json"']);
    }

    private static function csv(string $text, string $name): Response
    {
        return new Response($text, 200, ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => 'attachment; filename="'.$name.'"']);
    }
}
