<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Common\InstallationKey;
use App\Common\RefusalWords;
use App\Files\Backup\Copies;
use App\Files\Backup\DataFolder;
use App\Files\Backup\Restore;
use App\Files\Backup\SoundDatabase;
use App\Plants\PhotoStore;
use App\Shelf\Actions\LoadReferenceComponents;
use App\Situations\Actions\LoadReferenceSpecies;
use App\Truth\Actions\RecomputeForecasts;
use App\Truth\ModelNotice;
use Database\Demo\TessivaleYard;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;
use Zolbek\Core\Basis\Input\Refused;

/** Brings the database up to date: its file, tables, reference components, and the demo yard if asked for. */
final class Prepare extends Command
{
    protected $signature = 'zolbek:prepare {--demo : load the demo yard too}';

    protected $description = 'Create or update the database';

    public function handle(LoadReferenceComponents $loadReference, LoadReferenceSpecies $loadSpecies, RecomputeForecasts $recompute, TessivaleYard $yard): int
    {
        $file = (string) config('database.connections.sqlite.database');
        File::ensureDirectoryExists(dirname($file));
        $data = DataFolder::here();
        try {
            Restore::finish($data);
            if (File::exists($file) && filesize($file) > 0) {
                SoundDatabase::migrations($file);
                Copies::beforeMigrations($data);
            } else {
                File::put($file, '');
            }
        } catch (Refused $refused) {
            $copies = Copies::all($data);
            $this->output->getErrorStyle()->writeln(RefusalWords::sentence($refused->refusals[0]).' Nothing was changed.'.($copies === [] ? '' : ' The last copy: ./zolbek restore '.$copies[0]));

            return self::FAILURE;
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
