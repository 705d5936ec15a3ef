<?php

declare(strict_types=1);

namespace App\Files\Http;

use App\Bench\ComponentFile;
use App\Files\Kinds;
use App\Files\ListingFile;
use App\Plants\Models\Plant;
use App\Plants\PlantFile;
use App\Plants\PlantPresenter;
use App\Pots\Models\Pot;
use App\Pots\PotFile;
use App\Pots\PotPresenter;
use App\Recipes\Models\Recipe;
use App\Recipes\RecipeFile;
use App\Recipes\RecipePresenter;
use App\Sheets\Import;
use App\Sheets\Table;
use App\Sheets\Workbook;
use App\Shelf\ComponentPresenter;
use App\Shelf\Models\Component;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Zolbek\Core\Basis\Input\Refused;

/** Files in and out: tables of a kind, and JSON for one record with what belongs to it. */
final readonly class ExchangeController
{
    public function export(Request $request, string $sheet): Response
    {
        $found = Kinds::listing($sheet) ?? abort(404);
        $as = $request->query('as', 'csv');
        if (! is_string($as) || ! in_array($as, Table::FORMATS, true)) {
            throw Refused::because('as', 'one_of', $as, ['words' => implode(', ', Table::FORMATS)]);
        }

        return self::file((new ListingFile($found))->write($as), $sheet, $as);
    }

    public function template(string $sheet): Response
    {
        return self::file(ListingFile::template(Kinds::sheet($sheet) ?? abort(404)), $sheet.'-template', 'csv');
    }

    public function import(Request $request, string $sheet, Import $import): JsonResponse
    {
        return new JsonResponse($import(Kinds::sheet($sheet) ?? abort(404), (string) $request->getContent(), $request->boolean('dry_run'), $request->boolean('good_only')));
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

    /** @param array<string, mixed> $document */
    private static function json(array $document, string $name): Response
    {
        $text = json_encode($document, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR);

        return new Response($text."\n", 200, ['Content-Type' => 'application/json', 'Content-Disposition' => 'attachment; filename="'.Str::slug($name).'.json"']);
    }

    private static function file(string $bytes, string $name, string $as): Response
    {
        return new Response($bytes, 200, ['Content-Type' => Workbook::TYPES[$as] ?? 'text/csv; charset=utf-8', 'Content-Disposition' => 'attachment; filename="'.$name.'.'.$as.'"']);
    }
}
