<?php

declare(strict_types=1);

namespace App\Shelf\Actions;

use App\Shelf\Models\Component;
use App\Shelf\ReferenceComponents;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Mix\Material\MaterialReader;

/** Puts the shipped typical components on the shelf; what is there already keeps its stock and price. */
final readonly class LoadReferenceComponents
{
    public function __construct(private ReferenceComponents $reference) {}

    public function __invoke(): int
    {
        $looks = $this->reference->looks();

        return DB::transaction(function () use ($looks): int {
            $here = Component::query()->pluck('id', 'key');
            $added = 0;
            foreach ($this->reference->all() as $raw) {
                $component = MaterialReader::read($raw);
                if ($here->has($raw['key'])) {
                    continue;
                }
                Component::query()->create([
                    ...array_intersect_key($raw, array_flip([...MaterialReader::PROPERTIES, 'key', 'name', 'kind', 'basis'])),
                    ...$looks[$raw['key']],
                    'residual_packing' => $component->residualPacking,
                    'is_reference' => true,
                ]);
                ++$added;
            }

            return $added;
        });
    }
}
