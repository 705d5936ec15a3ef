<?php

declare(strict_types=1);

namespace App\Files\Http;

use App\Files\Backup\Backup;
use App\Files\Backup\DataFolder;
use Illuminate\Support\Carbon;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** One archive of all data and pictures, to be kept elsewhere. Putting one back is done where the data lies. */
final readonly class BackupController
{
    private const LONGEST_S = 600;

    public function __invoke(): BinaryFileResponse
    {
        set_time_limit(self::LONGEST_S);
        $file = sys_get_temp_dir().'/zolbek-backup-'.bin2hex(random_bytes(8)).'.zip';
        Backup::write(DataFolder::here(), $file);
        $response = new BinaryFileResponse($file, 200, ['Content-Type' => 'application/zip']);

        return $response->setContentDisposition('attachment', 'backup-'.Carbon::now()->format('Y-m-d').'.zip')->deleteFileAfterSend();
    }
}
