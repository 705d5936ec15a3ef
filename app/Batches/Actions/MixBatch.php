<?php

declare(strict_types=1);

namespace App\Batches\Actions;

use App\Batches\Models\Batch;
use App\Common\Author;
use App\Shelf\Actions\TakeFromShelf;
use App\Shelf\Models\Component;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/** A saved batch is mixed: what its scoops hold, and its drainage layer, is drawn from the shelf, the delivery that it names first. And that is taken back. */
final readonly class MixBatch
{
    public function __construct(private TakeFromShelf $take) {}

    /**
     * @param array<mixed> $input `{person?}`
     *
     * @throws \Throwable Refused, field "stock" where less is there than it takes, "mixed_at" where it is mixed already
     */
    public function __invoke(Batch $batch, array $input): Batch
    {
        $refusals = new Refusals();
        $person = Author::of(Fields::of($input === [] ? ['person' => ''] : $input, ['person'], $refusals));
        $refusals->throwIfAny();

        return DB::transaction(function () use ($batch, $person): Batch {
            $batch->refresh()->load('components');
            if ($batch->mixed_at !== null) {
                throw Refused::because('mixed_at', 'batch_mixed', $batch->mixed_at->toDateString());
            }
            $taken = [];
            foreach ($batch->result['lines'] as $line) {
                $component = $batch->components->firstWhere('id', $line['component_id']);
                if ($component instanceof Component) {
                    array_push($taken, ...($this->take)($component, $line['gross_l'] ?? $line['litres'], self::lot($component), $batch->name));
                }
            }
            $batch->fill(['mixed_at' => Carbon::now(), 'mixed_by' => $person, 'taken' => $taken])->save();

            return $batch;
        });
    }

    /** @throws \Throwable Refused, field "mixed_at", where it is not mixed */
    public function undo(Batch $batch): Batch
    {
        return DB::transaction(function () use ($batch): Batch {
            if ($batch->refresh()->mixed_at === null) {
                throw Refused::because('mixed_at', 'batch_not_mixed', $batch->name);
            }
            $this->take->putBack($batch->taken ?? [], $batch->name);
            $batch->fill(['mixed_at' => null, 'mixed_by' => '', 'taken' => null])->save();

            return $batch;
        });
    }

    private static function lot(Component $component): ?int
    {
        $lot = $component->getRelationValue('pivot')?->getAttribute('lot_id');

        return is_int($lot) ? $lot : null;
    }
}
