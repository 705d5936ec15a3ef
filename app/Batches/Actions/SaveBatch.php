<?php

declare(strict_types=1);

namespace App\Batches\Actions;

use App\Batches\BatchDocument;
use App\Batches\Models\Batch;
use App\Blend\BlendForm;
use App\Recipes\Models\Recipe;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/** Saves a batch with all the values that it was made with. */
final readonly class SaveBatch
{
    private const FIELDS = ['name', 'recipe_id', 'note', 'order'];

    /**
     * @param array<mixed> $input
     *
     * @throws Refused naming each field and what it may be
     */
    public function __invoke(array $input, ?Carbon $madeAt = null): Batch
    {
        $refusals = new Refusals();
        $fields = Fields::of(array_intersect_key($input, array_flip(self::FIELDS)), self::FIELDS, $refusals);
        $name = $fields->text('name', 100);
        $note = $fields->text('note', 2000, '');
        $recipeId = $fields->has('recipe_id') ? $fields->integer('recipe_id', 1, PHP_INT_MAX) : null;
        $recipe = $recipeId === null || $recipeId < 1 ? null : Recipe::query()->with('parts')->whereKey($recipeId)->first();
        if ($recipeId !== null && $recipeId > 0 && $recipe === null) {
            $refusals->add(new Refusal('recipe_id', 'recipe_missing', $recipeId));
        }
        $document = $refusals->during('', static fn(): BatchDocument => new BatchDocument(BlendForm::read($input, self::FIELDS), $input['order'] ?? null));
        $refusals->throwIfAny();
        assert($document !== null);

        $inputs = $document->inputs();

        return DB::transaction(static function () use ($name, $recipe, $inputs, $document, $note, $madeAt): Batch {
            $batch = Batch::query()->create([
                'name' => $name,
                'recipe_id' => $recipe?->id,
                'recipe_version' => $recipe === null ? null : $document->versionOf($recipe),
                'pot_name' => $inputs['pot']['name'],
                'pots' => $document->pots(),
                'loose_l' => $document->looseL(),
                'inputs' => $inputs,
                'result' => $document->result(),
                'note' => $note,
                'made_at' => $madeAt ?? Carbon::now(),
            ]);
            $batch->components()->attach($document->componentIds());

            return $batch->refresh();
        });
    }
}
