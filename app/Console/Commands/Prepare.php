<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Common\InstallationKey;
use App\Common\Words;
use App\Files\Backup\Copies;
use App\Files\Backup\DataFolder;
use App\Files\Backup\Restore;
use App\Files\Backup\SoundDatabase;
use App\Files\Clock;
use App\People\Models\Person;
use App\People\Models\Yard;
use App\People\OpenYard;
use App\People\PeopleFile;
use App\Plants\PhotoStore;
use App\Shelf\Actions\LoadReferenceComponents;
use App\Situations\Actions\LoadReferenceSpecies;
use App\Truth\Actions\RecomputeForecasts;
use App\Truth\ModelNotice;
use Database\Demo\TessivaleYard;
use Illuminate\Console\Command;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\File;

/** Brings the database up to date: its file, tables, reference components, and the demo yard if asked for. */
final class Prepare extends Command
{
    use TellsWhy;

    protected $signature = 'zolbek:prepare {--demo : load the demo yard too} {--network : it is to be reached over the network, which needs an owner} {--yard= : one yard alone, by its id; all of them where left out}';

    protected $description = 'Create or update the database';

    public function handle(LoadReferenceComponents $loadReference, LoadReferenceSpecies $loadSpecies, RecomputeForecasts $recompute, TessivaleYard $yard): int
    {
        if (is_numeric($this->option('yard'))) {
            OpenYard::of(Yard::query()->findOrFail((int) $this->option('yard')));
        }
        $file = (string) config('database.connections.sqlite.database');
        File::ensureDirectoryExists(dirname($file));
        $data = DataFolder::here();
        $copies = Copies::all($data);
        $opened = $this->told(fn(): int => $this->open($data), 'Nothing was changed.'.($copies === [] ? '' : ' The last copy: ./zolbek restore '.$copies[0]));
        if ($opened !== self::SUCCESS) {
            return $opened;
        }
        InstallationKey::make(dirname($file));
        PeopleFile::prepare();
        if ($this->option('network') && Person::owners() === 0) {
            $this->output->getErrorStyle()->writeln('Over a network it is to be known who asks, and nobody is an owner yet. Add one first: ./zolbek person NAME --role=owner');

            return self::FAILURE;
        }
        $this->callSilent('migrate', ['--force' => true]);
        PhotoStore::cleanOnce();
        $loadReference();
        $loadSpecies();
        if (ModelNotice::asksToRecompute()) {
            $recompute();
        }
        if ($this->option('demo')) {
            $yard->load();
        }
        $ahead = Clock::behind($data);
        if ($ahead !== null) {
            $this->output->getErrorStyle()->writeln(Words::of('errors.clock', ['written' => $ahead->toDateTimeString(), 'now' => Carbon::now()->toDateTimeString()]));
        }
        $this->info('Database ready.');

        return $this->option('yard') === null ? $this->others() : self::SUCCESS;
    }

    /** The other yards of the installation. */
    private function others(): int
    {
        foreach (Yard::here() as $yard) {
            if ($yard->id !== Yard::FIRST && OpenYard::during($yard, fn(): int => $this->call('zolbek:prepare', ['--yard' => $yard->id])) !== self::SUCCESS) {
                return self::FAILURE;
            }
        }

        return self::SUCCESS;
    }

    /** Goes on with what was being put back, looks the database over, and has a copy made where its tables are to be changed. */
    private function open(DataFolder $data): int
    {
        Restore::finish($data);
        if (File::exists($data->database) && filesize($data->database) > 0) {
            Copies::beforeMigrations($data, SoundDatabase::migrations($data->database));
        } else {
            File::put($data->database, '');
        }

        return self::SUCCESS;
    }
}
