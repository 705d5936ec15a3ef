<?php

declare(strict_types=1);

namespace App\Calibration;

use App\Calibration\Models\Calibration;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Place\Setup\ModelConstants;
use Zolbek\Core\Verdict\Calibration\Factors;
use Zolbek\Core\Verdict\Calibration\PotModel;
use Zolbek\Core\Verdict\Uncertainty\ModelError;

/** The yard's own factors of the model, where they are switched on: looked up once for each request. */
final class InUse
{
    /** What is surer once a factor is known. */
    private const ERRORS = [Factors::CAPILLARY => ModelError::HEAD, Factors::COMPACTION => ModelError::COMPACTION, Factors::USE => ModelError::CANOPY, Factors::CRUMBLING => ModelError::AGEING];

    private ?Factors $factors = null;
    private ?ModelConstants $constants = null;
    private bool $off = false;

    public static function now(): self
    {
        return app(self::class);
    }

    /** The constants of the model, with what is left of their uncertainty. */
    public function constants(): ModelConstants
    {
        $this->look();

        return $this->off || $this->constants === null ? new ModelConstants() : $this->constants;
    }

    /** Whether any are switched on. */
    public function isOn(): bool
    {
        $this->look();

        return ! $this->off && ($this->factors->of ?? []) !== [];
    }

    /** A material as it is here; one of which the inner water was measured stays as it is. */
    public function material(Material $material, bool $isMeasured): Material
    {
        $this->look();

        return $this->off || $isMeasured || $this->factors === null ? $material : PotModel::material($material, $this->factors);
    }

    /**
     * What the model says without them.
     *
     * @template T
     *
     * @param callable(): T $ask
     *
     * @return T
     */
    public function without(callable $ask): mixed
    {
        [$before, $this->off] = [$this->off, true];
        try {
            return $ask();
        } finally {
            $this->off = $before;
        }
    }

    /** Looks again, after it was switched. */
    public function forget(): void
    {
        $this->factors = $this->constants = null;
    }

    private function look(): void
    {
        if ($this->factors !== null) {
            return;
        }
        $kept = Calibration::query()->where('in_use', true)->first()->factors ?? [];
        $left = [];
        foreach (self::ERRORS as $name => $error) {
            if (isset($kept[$name])) {
                $left[$error] = Factors::left($name, $kept[$name]['spread']);
            }
        }
        $this->factors = new Factors(array_map(static fn(array $one): float => $one['factor'], $kept));
        $this->constants = $this->factors->constants($left);
    }
}
