<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Species;
use Illuminate\Support\Facades\DB;

/** Puts the shipped plants into the library; what is there already keeps what was changed about it. */
final readonly class LoadReferenceSpecies
{
    public function __invoke(): void
    {
        $text = (string) file_get_contents(base_path('database/reference/species.json'));
        $all = json_decode($text, true, 16, JSON_THROW_ON_ERROR)['species'];
        DB::transaction(static function () use ($all): void {
            $here = Species::query()->pluck('id', 'key');
            foreach ($all as $one) {
                if (! $here->has($one['key'])) {
                    Species::query()->create([...$one, 'is_reference' => true]);
                }
            }
        });
    }
}
