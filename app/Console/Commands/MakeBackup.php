<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Common\RefusalWords;
use App\Files\Backup\Backup;
use App\Files\Backup\Copies;
use App\Files\Backup\DataFolder;
use Illuminate\Console\Command;
use Illuminate\Support\Carbon;
use RuntimeException;
use Zolbek\Core\Basis\Input\Refused;

final class MakeBackup extends Command
{
    protected $signature = 'zolbek:backup {file? : where to; a name of the day in the folder of copies where left out} {--due : the copies of day and week, where they are not there yet}';

    protected $description = 'Write all data and pictures into one archive, while others write';

    public function handle(): int
    {
        $data = DataFolder::here();
        try {
            if ($this->option('due') === true) {
                Copies::due($data, Carbon::now());

                return self::SUCCESS;
            }
            $asked = $this->argument('file');
            $file = is_string($asked) ? $asked : $data->copies().'/'.$data->name().'-'.Carbon::now()->format('Y-m-d-His').'.zip';
            is_dir(dirname($file)) || mkdir(dirname($file), 0o700, true);
            if (is_file($file)) {
                throw new RuntimeException("$file is there already; choose another name.");
            }
            $archive = Backup::write($data, $file);
            $this->line($file.': '.ShowsArchive::line($archive));

            return self::SUCCESS;
        } catch (Refused $refused) {
            $this->output->getErrorStyle()->writeln(RefusalWords::sentence($refused->refusals[0]));
        } catch (RuntimeException $fault) {
            $this->output->getErrorStyle()->writeln($fault->getMessage());
        }

        return self::FAILURE;
    }
}
