<?php

declare(strict_types=1);

namespace App\Files\Http;

use App\Files\Yard\TakeYard;
use App\Files\Yard\WriteYard;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The whole yard out, and into an empty one. */
final readonly class YardController
{
    private const LONGEST_S = 600;

    public function export(): BinaryFileResponse
    {
        set_time_limit(self::LONGEST_S);
        $response = new BinaryFileResponse(WriteYard::to(sys_get_temp_dir()), 200, ['Content-Type' => 'application/zip']);

        return $response->setContentDisposition('attachment', 'yard-'.Carbon::today()->toDateString().'.zip')->deleteFileAfterSend();
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
}
