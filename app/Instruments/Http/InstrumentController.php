<?php

declare(strict_types=1);

namespace App\Instruments\Http;

use App\Instruments\BenchScale;
use App\Instruments\Instrument;
use App\Instruments\InstrumentFault;
use App\Instruments\Panel;
use App\Instruments\SieveShaker;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/** The instruments of the bench: what they show, taring and shaking, and the panel of simulated ones. */
final readonly class InstrumentController
{
    public function index(): JsonResponse
    {
        return new JsonResponse(['data' => array_map(static function (string $key): array {
            $instrument = self::instrument($key);

            return [
                'key' => $key,
                'simulated' => $instrument instanceof Panel,
                'settings' => $instrument instanceof Panel ? $instrument->settings() : null,
                'reading' => self::reading($instrument),
            ];
        }, array_keys(config()->array('instruments')))]);
    }

    public function show(string $instrument): JsonResponse
    {
        return new JsonResponse(self::reading(self::instrument($instrument)));
    }

    public function set(Request $request, string $instrument): JsonResponse
    {
        $panel = self::instrument($instrument);
        if (! $panel instanceof Panel) {
            throw Refused::because('instrument', 'not_simulated', $instrument);
        }
        $panel->set($request->json()->all());

        return new JsonResponse(['settings' => $panel->settings(), 'reading' => self::reading(self::instrument($instrument))]);
    }

    public function tare(string $instrument): JsonResponse
    {
        $scale = self::instrument($instrument);
        if (! $scale instanceof BenchScale) {
            throw Refused::because('instrument', 'no_scale', $instrument);
        }

        return new JsonResponse(self::reading($scale, static fn() => $scale->tare()));
    }

    public function shake(Request $request, string $instrument): JsonResponse
    {
        $shaker = self::instrument($instrument);
        if (! $shaker instanceof SieveShaker) {
            throw Refused::because('instrument', 'no_shaker', $instrument);
        }
        $refusals = new Refusals();
        $given = Fields::of($request->json()->all(), ['apertures'], $refusals)->raw('apertures');
        $refusals->throwIfAny();
        $apertures = is_array($given) ? array_values(array_map(floatval(...), array_filter($given, static fn(mixed $aperture): bool => (is_int($aperture) || is_float($aperture)) && $aperture > 0))) : [];
        if ($apertures === [] || count($apertures) < count($given)) {
            throw Refused::because('apertures', 'sieve_set', $given, ['max' => 24]);
        }

        return new JsonResponse(self::reading($shaker, static fn() => $shaker->shake($apertures)));
    }

    private static function instrument(string $key): Instrument
    {
        $class = config()->array('instruments')[$key] ?? null;
        abort_if($class === null, 404);
        $instrument = app($class);
        assert($instrument instanceof Instrument);

        return $instrument;
    }

    /**
     * @param (callable(): void)|null $first
     *
     * @return array<string, mixed>
     */
    private static function reading(Instrument $instrument, ?callable $first = null): array
    {
        try {
            if ($first !== null) {
                $first();
            }
            $reading = $instrument->read();
        } catch (InstrumentFault $fault) {
            return ['values' => (object) [], 'stable' => false, 'battery_low' => false, 'fault' => $fault->fault];
        }

        return ['values' => (object) $reading->values, 'stable' => $reading->stable, 'battery_low' => $reading->batteryLow, 'fault' => null];
    }
}
