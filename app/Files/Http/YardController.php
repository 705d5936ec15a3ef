<?php

declare(strict_types=1);

namespace App\Files\Http;

use App\Files\Backup\Backup;
use App\Files\Backup\DataFolder;
use App\Files\Yard\TakeYard;
use App\Files\Yard\WriteYard;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The whole yard out, and into an empty one; and a backup, which is put back where the data lies. */
final readonly class YardController
{
    private const LONGEST_S = 600;

    public function export(): BinaryFileResponse
    {
        set_time_limit(self::LONGEST_S);

        return self::given(WriteYard::to(sys_get_temp_dir()), 'yard');
    }

    public function backup(): BinaryFileResponse
    {
        set_time_limit(self::LONGEST_S);
        $file = sys_get_temp_dir().'/zolbek-backup-'.bin2hex(random_bytes(8)).'.zip';
        Backup::write(DataFolder::here(), $file);

        return self::given($file, 'backup');
    }

    public function import(Request $request, TakeYard $take): JsonResponse
    {
        set_time_limit(self::LONGEST_S);
        $file = (string) tempnam(sys_get_temp_dir(), 'zolbek-yard-');
        try {
            file_put_contents($file, $request->getContent(true));

            return new JsonResponse(['rows' => $take($file)], 201);
        } finally {
            unlink($file);
        }
    }

    /** An archive that was made for this answer. */
    private static function given(string $file, string $name): BinaryFileResponse
    {
        $response = new BinaryFileResponse($file, 200, ['Content-Type' => 'application/zip']);

        return $response->setContentDisposition('attachment', $name.'-'.Carbon::today()->toDateString().'.zip')->deleteFileAfterSend();
    }
}
