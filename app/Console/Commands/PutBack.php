<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Files\Backup\Archive;
use App\Files\Backup\DataFolder;
use App\Files\Backup\Restore;
use Illuminate\Console\Command;

final class PutBack extends Command
{
    use TellsWhy;

    protected $signature = 'zolbek:restore {file : a backup} {--yes : without being asked}';

    protected $description = 'Put a backup in the place of the data, which is kept beside it';

    public function handle(): int
    {
        return $this->told(function (): int {
            $data = DataFolder::here();
            $file = $this->argument('file');
            $archive = Archive::read(is_string($file) ? $file : '');
            $this->line(ShowsArchive::line($archive));
            if ($this->option('yes') !== true && ! $this->confirm('Put this in the place of '.$data->database.'? What is there is kept.')) {
                return self::FAILURE;
            }
            $this->line('Put back. What was there is in '.Restore::from($data, $archive));

            return $this->call('zolbek:prepare');
        }, 'What was there is still there.');
    }
}
