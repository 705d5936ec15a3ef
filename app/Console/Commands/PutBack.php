<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Common\RefusalWords;
use App\Files\Backup\Archive;
use App\Files\Backup\DataFolder;
use App\Files\Backup\Restore;
use Illuminate\Console\Command;
use RuntimeException;
use Zolbek\Core\Basis\Input\Refused;

final class PutBack extends Command
{
    protected $signature = 'zolbek:restore {file : a backup} {--yes : without being asked}';

    protected $description = 'Put a backup in the place of the data, which is kept beside it';

    public function handle(): int
    {
        $data = DataFolder::here();
        try {
            $file = $this->argument('file');
            $archive = Archive::read(is_string($file) ? $file : '');
            $this->line(ShowsArchive::line($archive));
            if ($this->option('yes') !== true && ! $this->confirm('Put this in the place of '.$data->database.'? What is there is kept.')) {
                return self::FAILURE;
            }
            $kept = Restore::from($data, $archive);
            $this->line('Put back. What was there is in '.$kept);

            return $this->call('zolbek:prepare');
        } catch (Refused $refused) {
            $this->output->getErrorStyle()->writeln(RefusalWords::sentence($refused->refusals[0]).' Nothing was changed.');
        } catch (RuntimeException $fault) {
            $this->output->getErrorStyle()->writeln($fault->getMessage().' What was there is still there.');
        }

        return self::FAILURE;
    }
}
