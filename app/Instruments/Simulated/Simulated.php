<?php

declare(strict_types=1);

namespace App\Instruments\Simulated;

use App\Instruments\InstrumentFault;
use App\Instruments\Panel;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Random\Randomizer;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusals;

/**
 * A stand-in that behaves like a thing: what it is set to is kept, what it shows settles towards that, wanders a little and fails as such things do.
 *
 * Shown = now + (before - now) exp(-t / settling) + drift + noise; noise is fourfold on a low battery.
 */
abstract class Simulated implements Panel
{
    private const BATTERY_LOW = 0.15;

    /** @var array<string, mixed>|null */
    private ?array $state = null;

    public function __construct(private readonly Randomizer $chance) {}

    abstract protected function key(): string;

    /** @return array<string, float> values that the panel can set, and what they are at first; none of a thing that does not measure */
    protected function quantities(): array
    {
        return [];
    }

    /** @return array<string, array{float, float}> what each may be */
    protected function limits(): array
    {
        return [];
    }

    protected function settlingS(): float
    {
        return 1.0;
    }

    protected function noise(string $quantity): float
    {
        return 0.0;
    }

    public function settings(): array
    {
        $state = $this->state();

        return ['plugged' => $state['plugged'], 'battery' => $state['battery'], ...$state['now']];
    }

    public function set(array $input): void
    {
        $refusals = new Refusals();
        $quantities = $this->quantities();
        $fields = Fields::of($input, ['plugged', 'battery', ...array_keys($quantities)], $refusals);
        $state = $this->state();
        $state['plugged'] = $fields->flag('plugged', $state['plugged']);
        $state['battery'] = $fields->number('battery', 0, 1, $state['battery']);
        $now = $state['now'];
        foreach ($this->limits() as $name => [$min, $max]) {
            $now[$name] = $fields->number($name, $min, $max, $now[$name]);
        }
        $refusals->throwIfAny();
        if ($now !== $state['now']) {
            $state['before'] = $this->settled();
            $state['now'] = $now;
            $state['changed_at'] = self::clock();
        }
        $this->keep($state);
    }

    /**
     * Value of each quantity at this moment without noise.
     *
     * @return array<string, float>
     */
    protected function settled(): array
    {
        $state = $this->state();
        $left = exp(-(self::clock() - $state['changed_at']) / $this->settlingS());
        $values = [];
        foreach ($this->quantities() as $name => $_) {
            $values[$name] = $state['now'][$name] + ($state['before'][$name] - $state['now'][$name]) * $left;
        }

        return $values;
    }

    /** Whether every quantity is within its noise of where it will settle. */
    protected function isSettled(): bool
    {
        $now = $this->state()['now'];
        foreach ($this->settled() as $name => $value) {
            if (abs($value - $now[$name]) > $this->noise($name)) {
                return false;
            }
        }

        return true;
    }

    protected function wander(string $quantity): float
    {
        // the sum of three even chances is near enough to a bell
        $bell = 0.0;
        for ($i = 0; $i < 3; ++$i) {
            $bell += $this->chance->getInt(-1000, 1000) / 1000.0;
        }

        return $bell / 1.732 * $this->noise($quantity) * ($this->isBatteryLow() ? 4.0 : 1.0);
    }

    protected function isBatteryLow(): bool
    {
        return $this->state()['battery'] < self::BATTERY_LOW;
    }

    /** @throws InstrumentFault */
    protected function mustWork(): void
    {
        if ($this->state()['plugged'] !== true) {
            throw new InstrumentFault(InstrumentFault::UNPLUGGED);
        }
        if ($this->state()['battery'] <= 0.0) {
            throw new InstrumentFault(InstrumentFault::BATTERY_EMPTY);
        }
    }

    /** @return array<string, mixed> */
    protected function state(): array
    {
        if ($this->state === null) {
            $kept = DB::table('instruments')->where('key', $this->key())->value('state');
            $first = ['plugged' => true, 'battery' => 0.9, 'now' => $this->quantities(), 'before' => $this->quantities(), 'changed_at' => 0.0];
            $this->state = [...$first, ...(is_string($kept) ? json_decode($kept, true, 16, JSON_THROW_ON_ERROR) : [])];
        }

        return $this->state;
    }

    /** @param array<string, mixed> $state */
    protected function keep(array $state): void
    {
        $this->state = $state;
        DB::table('instruments')->updateOrInsert(['key' => $this->key()], ['state' => json_encode($state, JSON_THROW_ON_ERROR)]);
    }

    protected static function clock(): float
    {
        return (float) Carbon::now()->getPreciseTimestamp(6) / 1e6;
    }
}
