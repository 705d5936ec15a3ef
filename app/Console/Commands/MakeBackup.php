<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Files\Backup\Backup;
use App\Files\Backup\Copies;
use App\Files\Backup\DataFolder;
use App\People\Models\Yard;
use App\People\OpenYard;
use Illuminate\Console\Command;
use Illuminate\Support\Carbon;
use RuntimeException;

final class MakeBackup extends Command
{
    use OpensYard;
    use TellsWhy;

    protected $signature = 'zolbek:backup {file? : where to; a name of the day in the folder of copies where left out} {--due : the copies of day and week of every yard, where they are not there yet} {--yard= : of which yard, by its name; the first one where left out} {--people : with people and devices}';

    protected $description = 'Write all data and pictures into one archive, while others write';

    public function handle(): int
    {
        return $this->told(fn(): int => $this->option('due') === true ? $this->due() : $this->one());
    }

    private function due(): int
    {
        foreach (Yard::here() as $yard) {
            OpenYard::during($yard, static fn(): array => Copies::due(DataFolder::here(), Carbon::now()));
        }

        return self::SUCCESS;
    }

    private function one(): int
    {
        $this->openYard();
        $data = DataFolder::here();
        $asked = $this->argument('file');
        $file = is_string($asked) ? $asked : $data->copies().'/'.$data->name().'-'.Carbon::now()->format('Y-m-d-His').'.zip';
        if (is_file($file)) {
            throw new RuntimeException("$file is there already; choose another name");
        }
        is_dir(dirname($file)) || mkdir(dirname($file), 0o700, true);
        $this->line($file.': '.ShowsArchive::line(Backup::write($data, $file, $this->option('people') === true)));

        return self::SUCCESS;
    }
}
