<?php

declare(strict_types=1);

namespace App\Situations\Actions;

use App\Situations\Models\Species;
use App\Situations\ReferenceSpecies;
use Illuminate\Support\Facades\DB;

/** Puts the shipped plants into the library; what is there already keeps what was changed about it. */
final readonly class LoadReferenceSpecies
{
    public function __construct(private ReferenceSpecies $reference) {}

    public function __invoke(): void
    {
        DB::transaction(function (): void {
            $here = Species::query()->pluck('id', 'key');
            foreach ($this->reference->all() as $one) {
                if (! $here->has($one['key'])) {
                    Species::query()->create([...$one, 'is_reference' => true]);
                }
            }
            // those that were here before plants had botanical names
            $bare = Species::query();
            $bare->where('is_reference', true);
            $bare->where('botanical', '');
            $botanical = array_filter(array_column($this->reference->all(), 'botanical', 'key'));
            $bare->whereIn('key', array_keys($botanical));
            foreach ($bare->get() as $species) {
                $species->forceFill(['botanical' => $botanical[$species->key]])->saveQuietly();
            }
        });
    }
}
