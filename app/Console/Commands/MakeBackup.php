<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Files\Backup\Backup;
use App\Files\Backup\Copies;
use App\Files\Backup\DataFolder;
use Illuminate\Console\Command;
use Illuminate\Support\Carbon;
use RuntimeException;

final class MakeBackup extends Command
{
    use TellsWhy;

    protected $signature = 'zolbek:backup {file? : where to; a name of the day in the folder of copies where left out} {--due : the copies of day and week, where they are not there yet}';

    protected $description = 'Write all data and pictures into one archive, while others write';

    public function handle(): int
    {
        return $this->told(fn(): int => $this->option('due') === true ? $this->due() : $this->one());
    }

    private function due(): int
    {
        Copies::due(DataFolder::here(), Carbon::now());

        return self::SUCCESS;
    }

    private function one(): int
    {
        $data = DataFolder::here();
        $asked = $this->argument('file');
        $file = is_string($asked) ? $asked : $data->copies().'/'.$data->name().'-'.Carbon::now()->format('Y-m-d-His').'.zip';
        if (is_file($file)) {
            throw new RuntimeException("$file is there already; choose another name");
        }
        is_dir(dirname($file)) || mkdir(dirname($file), 0o700, true);
        $this->line($file.': '.ShowsArchive::line(Backup::write($data, $file)));

        return self::SUCCESS;
    }
}
