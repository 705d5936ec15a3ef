<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\BenchTest;

use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;

/**
 * The readings of a test as far as they have been taken: `{setup: {...}, rounds: [{..., set_aside}], sources: {...}}`.
 *
 * A reading that is not there yet is no fault; one that cannot be is refused at once.
 */
final readonly class Readings
{
    private const MOST_ROUNDS = 20;
    private const MOST_SIEVES = 24;

    /**
     * @param array<string, float>  $numbers   read once
     * @param array<string, string> $choices
     * @param list<float>           $apertures mm, coarsest first
     * @param list<Round>           $rounds
     * @param list<string>          $missing   paths of readings still to take
     */
    private function __construct(
        private array $numbers,
        private array $choices,
        public array $apertures,
        private array $rounds,
        public array $missing,
        private bool $isSetupWell,
    ) {}

    public static function read(mixed $input, TestPlan $plan, Refusals $refusals): self
    {
        $fields = Fields::of($input, ['setup', 'rounds', 'sources'], $refusals);
        $missing = [];
        $setup = Fields::of($fields->raw('setup') ?? [], array_keys($plan->setup), $refusals, 'setup');
        [$numbers, $choices, $apertures, , $isWell] = self::values($setup, $plan->setup, [], $refusals, $missing);

        $rounds = [];
        $given = $fields->raw('rounds') ?? [];
        if (! is_array($given) || ! array_is_list($given) || count($given) > self::MOST_ROUNDS) {
            $refusals->add(new Refusal('rounds', 'too_many_rounds', $given, ['max' => self::MOST_ROUNDS]));
            $given = [];
        }
        foreach ($given as $i => $raw) {
            $round = Fields::of($raw, [...array_keys($plan->round), 'set_aside'], $refusals, 'rounds.'.$i);
            $lacking = [];
            [$roundNumbers, $roundChoices, , $retained, $isRoundWell] = self::values($round, $plan->round, $apertures, $refusals, $lacking);
            $rounds[] = new Round($roundNumbers, $roundChoices, $retained, $round->flag('set_aside', false), $lacking === [] && $isRoundWell);
            array_push($missing, ...$lacking);
        }
        if ($rounds === []) {
            $missing[] = 'rounds';
        }

        return new self($numbers, $choices, $apertures, $rounds, $missing, $isWell);
    }

    public function number(string $name): float
    {
        return $this->numbers[$name] ?? NAN;
    }

    public function choice(string $name): string
    {
        return $this->choices[$name] ?? '';
    }

    /** Whether all that is read once is there, and at least one round. */
    public function suffice(): bool
    {
        return $this->isSetupWell
            && array_filter($this->missing, static fn(string $path): bool => str_starts_with($path, 'setup.')) === []
            && array_filter($this->rounds, static fn(Round $round): bool => $round->complete && ! $round->setAside) !== [];
    }

    /**
     * A figure of every complete round; null where no round that counts gives one.
     *
     * @param callable(Round): ?float $value throws Refused at the name of a reading that cannot be
     * @param float|null              $leastUncertainty in the figure's unit; 3 % of it where left out
     */
    public function figure(string $name, callable $value, Refusals $refusals, ?float $leastUncertainty = null): ?Figure
    {
        $values = $setAside = [];
        foreach ($this->complete() as $i => $round) {
            $found = $refusals->during('rounds.'.$i, static fn(): ?float => $value($round));
            if ($found === null) {
                continue;
            }
            $values[$i] = $found;
            if ($round->setAside) {
                $setAside[] = $i;
            }
        }

        return count($values) > count($setAside) ? new Figure($name, $values, $setAside, $leastUncertainty) : null;
    }

    /** @return array<int, Round> complete rounds by their place */
    public function complete(): array
    {
        return array_filter($this->rounds, static fn(Round $round): bool => $round->complete);
    }

    /**
     * @param array<string, Reading> $wanted
     * @param list<float>            $apertures
     * @param list<string>           $missing
     *
     * @return array{array<string, float>, array<string, string>, list<float>, array<array-key, float>, bool} and whether none of them was refused
     */
    private static function values(Fields $fields, array $wanted, array $apertures, Refusals $refusals, array &$missing): array
    {
        $numbers = $choices = $retained = [];
        $before = count($refusals->all());
        foreach ($wanted as $name => $reading) {
            $path = $fields->path.'.'.$name;
            if (! $fields->has($name)) {
                if ($reading->type === Reading::CHOICE && $fields->path === 'setup') {
                    $choices[$name] = $reading->choices[0];
                } elseif (! $reading->optional) {
                    $missing[] = $path;
                }
                continue;
            }
            if ($reading->type === Reading::NUMBER) {
                $number = $fields->number($name, $reading->min, $reading->max);
                $numbers += is_nan($number) ? [] : [$name => $number];
            } elseif ($reading->type === Reading::CHOICE) {
                $choices[$name] = $fields->oneOf($name, $reading->choices) ?? '';
            } elseif ($reading->type === Reading::APERTURES) {
                $apertures = self::apertureList($fields->raw($name), $path, $refusals);
            } else {
                $retained = self::masses($fields->raw($name), $apertures, $path, $reading, $refusals, $missing);
            }
        }

        return [$numbers, $choices, $apertures, $retained, count($refusals->all()) === $before];
    }

    /** @return list<float> coarsest first */
    private static function apertureList(mixed $given, string $path, Refusals $refusals): array
    {
        if (! is_array($given) || $given === [] || count($given) > self::MOST_SIEVES) {
            $refusals->add(new Refusal($path, 'sieve_set', $given, ['max' => self::MOST_SIEVES]));

            return [];
        }
        $apertures = [];
        foreach ($given as $aperture) {
            if ((! is_int($aperture) && ! is_float($aperture)) || ! ($aperture > 0.0 && $aperture <= 1000.0)) {
                $refusals->add(new Refusal($path, 'aperture', $aperture));
            } elseif (in_array((float) $aperture, $apertures, true)) {
                $refusals->add(new Refusal($path, 'aperture_twice', $aperture));
            } else {
                $apertures[] = (float) $aperture;
            }
        }
        rsort($apertures);

        return $apertures;
    }

    /**
     * @param list<float>  $apertures
     * @param list<string> $missing
     *
     * @return array<array-key, float>
     */
    private static function masses(mixed $given, array $apertures, string $path, Reading $reading, Refusals $refusals, array &$missing): array
    {
        $names = [...array_map(static fn(float $aperture): string => (string) $aperture, $apertures), 'pan'];
        $masses = [];
        $fields = Fields::of($given === [] ? null : $given, $names, $refusals, $path);
        foreach ($names as $name) {
            if ($fields->has($name)) {
                $masses[$name] = $fields->number($name, $reading->min, $reading->max);
            } else {
                $missing[] = $path.'.'.$name;
            }
        }

        return array_filter($masses, static fn(float $mass): bool => ! is_nan($mass));
    }
}
