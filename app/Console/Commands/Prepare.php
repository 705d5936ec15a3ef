<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Common\InstallationKey;
use App\Plants\PhotoStore;
use App\Shelf\Actions\LoadReferenceComponents;
use App\Situations\Actions\LoadReferenceSpecies;
use App\Truth\Actions\RecomputeForecasts;
use App\Truth\ModelNotice;
use Database\Demo\TessivaleYard;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;

/** Brings the database up to date: its file, tables, reference components, and the demo yard if asked for. */
final class Prepare extends Command
{
    protected $signature = 'zolbek:prepare {--demo : load the demo yard too}';

    protected $description = 'Create or update the database';

    public function handle(LoadReferenceComponents $loadReference, LoadReferenceSpecies $loadSpecies, RecomputeForecasts $recompute, TessivaleYard $yard): int
    {
        $file = (string) config('database.connections.sqlite.database');
        File::ensureDirectoryExists(dirname($file));
        if (! File::exists($file)) {
            File::put($file, '');
        }
        InstallationKey::make(dirname($file));
        File::ensureDirectoryExists(dirname($file).'/sessions', 0o700);
        $this->callSilent('migrate', ['--force' => true]);
        PhotoStore::clean();
        $loadReference();
        $loadSpecies();
        if (ModelNotice::asksToRecompute()) {
            $recompute();
        }
        if ($this->option('demo')) {
            $yard->load();
        }
        $this->info('Database ready.');

        return self::SUCCESS;
    }
}
