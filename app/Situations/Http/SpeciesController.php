<?php

declare(strict_types=1);

namespace App\Situations\Http;

use App\Common\Holding;
use App\Common\Meanwhile;
use App\Common\SaidHere;
use App\Http\ArchiveSwitch;
use App\Http\PagedList;
use App\Situations\Actions\SaveSpecies;
use App\Situations\Models\Species;
use App\Situations\SpeciesFields;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The library of plants and what they want. */
final readonly class SpeciesController
{
    public function index(Request $request): JsonResponse
    {
        $query = Species::query();
        PagedList::inArchive($query, $request->boolean('archived'));
        self::search($query, $request->string('search')->trim()->value());

        return PagedList::of($query, $request, ['name', 'botanical', 'plant_group', 'unidentified'], self::present(...));
    }

    public function store(Request $request, SaveSpecies $save): JsonResponse
    {
        return new JsonResponse(self::present($save(new Species(), $request->json()->all())), 201);
    }

    public function update(Request $request, Species $species, SaveSpecies $save): JsonResponse
    {
        return new JsonResponse(self::present(Meanwhile::keep($species, $request->json()->all(), array_keys(SpeciesFields::all()), self::present(...), static fn(array $input): Species => $save($species, $input))));
    }

    public function archive(Request $request, Species $species): JsonResponse
    {
        $species->setArchived(ArchiveSwitch::read($request));

        return new JsonResponse(self::present($species));
    }

    /**
     * Keeps those with a text anywhere in what they are called, here or everywhere, or in the line that says why they differ.
     *
     * @param Builder<Species> $query
     */
    private static function search(Builder $query, string $text): void
    {
        if ($text === '') {
            return;
        }
        $kept = SaidHere::keptOf($text);
        $query->where(static function (Builder $either) use ($text, $kept): void {
            Holding::any($either, $text, 'name', 'botanical', 'reason');
            $either->orWhereIn('name', $kept);
            $either->orWhereIn('reason', $kept);
        });
    }

    /** @return array<string, mixed> schema Species */
    private static function present(Species $species): array
    {
        return [
            'id' => $species->id,
            ...$species->only(['revision', ...array_keys(SpeciesFields::all())]),
            'archived' => $species->isArchived(),
        ];
    }
}
