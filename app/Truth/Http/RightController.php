<?php

declare(strict_types=1);

namespace App\Truth\Http;

use App\Calibration\Models\Calibration;
use App\Truth\Actions\Calibrate;
use App\Truth\Predictions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Verdict\Calibration\Factors;

/** How right we were, and what the yard's own tests make of the model. */
final readonly class RightController
{
    private const MOST = 50;

    public function show(Predictions $predictions): JsonResponse
    {
        return new JsonResponse(['figures' => $predictions->figures(), 'calibrations' => self::calibrations()]);
    }

    public function fit(Calibrate $calibrate): JsonResponse
    {
        return new JsonResponse(self::row($calibrate->fit()), 201);
    }

    public function switch(Request $request, Calibration $calibration, Calibrate $calibrate): JsonResponse
    {
        $refusals = new Refusals();
        $on = Fields::of($request->json()->all(), ['in_use'], $refusals)->flag('in_use', false);
        $refusals->throwIfAny();
        $calibrate->switch($calibration, $on);

        return new JsonResponse(['data' => self::calibrations()]);
    }

    /** @return list<array<string, mixed>> the newest first */
    private static function calibrations(): array
    {
        $query = Calibration::query();
        $query->orderByDesc('made_at');
        $query->orderByDesc('id');

        $query->limit(self::MOST);

        return array_values($query->get()->map(self::row(...))->all());
    }

    /** @return array<string, mixed> */
    private static function row(Calibration $calibration): array
    {
        return [
            'id' => $calibration->id, 'made_at' => $calibration->made_at->toIso8601String(), ...$calibration->only(['person', 'in_use', 'switched', 'tests']),
            'factors' => array_map(static fn(string $name, array $one): array => ['name' => $name, ...$one, 'prior' => Factors::prior($name)], array_keys($calibration->factors), $calibration->factors),
        ];
    }
}
