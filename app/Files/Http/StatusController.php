<?php

declare(strict_types=1);

namespace App\Files\Http;

use App\Files\Status;
use Illuminate\Http\JsonResponse;

final readonly class StatusController
{
    public function __invoke(): JsonResponse
    {
        return new JsonResponse(Status::now());
    }
}
