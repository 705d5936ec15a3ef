<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Files\Backup\Archive;
use App\Files\Backup\DataFolder;
use App\Files\Backup\Restore;
use App\Files\Backup\RestorePeople;
use Illuminate\Console\Command;

final class PutBack extends Command
{
    use OpensYard;
    use TellsWhy;

    protected $signature = 'zolbek:restore {file : a backup} {--yes : without being asked} {--yard= : into which yard, by its name; the first one where left out} {--people : people and devices that are in it too}';

    protected $description = 'Put a backup in the place of the data, which is kept beside it';

    public function handle(): int
    {
        return $this->told(function (): int {
            $this->openYard();
            $data = DataFolder::here();
            $file = $this->argument('file');
            $archive = Archive::read(is_string($file) ? $file : '');
            $this->line(ShowsArchive::line($archive));
            if ($this->option('yes') !== true && ! $this->confirm('Put this in the place of '.$data->database.'? What is there is kept.')) {
                return self::FAILURE;
            }
            $this->line('Put back. What was there is in '.Restore::from($data, $archive));
            if ($this->option('people') === true) {
                $this->line('People too. Who was there is in '.RestorePeople::from($archive));
            }

            return $this->call('zolbek:prepare');
        }, 'What was there is still there.');
    }
}
