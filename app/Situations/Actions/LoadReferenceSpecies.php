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
        });
    }
}
