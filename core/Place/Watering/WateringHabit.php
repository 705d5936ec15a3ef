<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Watering;

use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Place\Climate\Season;

/**
 * How often somebody really comes by, in hours between two waterings, season by season, and how it is done.
 *
 * Source: practice, starting figures. Check: unless somebody says so, 24 h in summer, 48 h in spring, 72 h in autumn, 168 h in winter, by can.
 */
final readonly class WateringHabit
{
    /** Hours that people say: twice a day, daily, every other day, and so on to a fortnight. */
    public const COMMON_HOURS = [8.0, 12.0, 24.0, 36.0, 48.0, 72.0, 96.0, 168.0, 336.0];
    private const MOST_HOURS = 2160.0;

    public function __construct(
        public float $springH = 48.0,
        public float $summerH = 24.0,
        public float $autumnH = 72.0,
        public float $winterH = 168.0,
        public WateringMethod $method = WateringMethod::Can,
    ) {}

    public static function read(mixed $input, Refusals $refusals, string $path): self
    {
        $fields = Fields::of($input, ['spring_h', 'summer_h', 'autumn_h', 'winter_h', 'method'], $refusals, $path);
        $usual = new self();
        $method = $fields->oneOf('method', array_column(WateringMethod::cases(), 'value'), $usual->method->value);

        return new self(
            $fields->number('spring_h', 1, self::MOST_HOURS, $usual->springH),
            $fields->number('summer_h', 1, self::MOST_HOURS, $usual->summerH),
            $fields->number('autumn_h', 1, self::MOST_HOURS, $usual->autumnH),
            $fields->number('winter_h', 1, self::MOST_HOURS, $usual->winterH),
            WateringMethod::from($method ?? $usual->method->value),
        );
    }

    public function hoursIn(Season $season): float
    {
        return match ($season) {
            Season::Spring => $this->springH,
            Season::Summer => $this->summerH,
            Season::Autumn => $this->autumnH,
            Season::Winter => $this->winterH,
        };
    }

    /** The same, but coming by after so many hours in one season. */
    public function withHours(Season $season, float $hours): self
    {
        return new self(
            $season === Season::Spring ? $hours : $this->springH,
            $season === Season::Summer ? $hours : $this->summerH,
            $season === Season::Autumn ? $hours : $this->autumnH,
            $season === Season::Winter ? $hours : $this->winterH,
            $this->method,
        );
    }
}
