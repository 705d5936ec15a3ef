<?php

declare(strict_types=1);

namespace App\Truth\Actions;

use App\Plants\Models\Plant;
use App\Plants\Outlook;
use App\Shelf\MixFigures;
use App\Shelf\Models\Component;
use App\Shelf\Portions;
use App\Truth\ModelNotice;

/** What is kept of the model's figures, computed again after the model was revised: the days on which plants fall due, and the lumped figures of mixes. */
final readonly class RecomputeForecasts
{
    public function __construct(private Outlook $outlook, private MixFigures $mixes) {}

    public function __invoke(): void
    {
        $mixes = Component::query()->where('source', '!=', 'material')->get();
        Portions::load($mixes);
        foreach ($mixes as $mix) {
            $this->mixes->fill($mix)->save();
        }
        $query = Plant::query();
        $query->with(['species', 'site']);
        $query->whereNotNull('standing');
        $query->where('status', 'kept');
        foreach ($query->lazyById(200) as $plant) {
            $this->outlook->foretell($plant);
        }
        ModelNotice::recomputed();
    }
}
