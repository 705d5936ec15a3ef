<?php

declare(strict_types=1);

namespace App\PottingDays\Actions;

use App\Common\Day;
use App\PottingDays\Learned;
use App\PottingDays\Models\PottingDay;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/** Plans a potting day or changes its frame: when, who, with which tub and scoop, and how much on top. */
final readonly class SavePottingDay
{
    public const FIELDS = ['name', 'planned_on', 'tub_l', 'scoop_l', 'spare', 'helpers', 'note'];
    private const MOST_HELPERS = 12;

    /**
     * @param array<mixed> $input
     *
     * @throws Refused naming each field and what it may be
     */
    public function __invoke(PottingDay $day, array $input): PottingDay
    {
        $day->mustBeOpen('name');
        $refusals = new Refusals();
        $fields = Fields::of($input, self::FIELDS, $refusals);
        $tub = $fields->number('tub_l', 0.01, 10_000, $day->tub_l ?? 40.0);
        $values = [
            'name' => $fields->text('name', 100),
            'planned_on' => Day::required($fields, 'planned_on', $refusals, 5),
            'tub_l' => $tub,
            'scoop_l' => $fields->number('scoop_l', 0.001, is_nan($tub) ? 10_000 : $tub, $day->scoop_l ?? min(1.0, $tub)),
            'spare' => $fields->number('spare', 0, 1, $day->exists ? $day->spare : round(Learned::spare()->share, 3)),
            'helpers' => self::helpers($fields->raw('helpers') ?? ($day->exists ? $day->helpers : []), $refusals),
            'note' => $fields->text('note', 2000, ''),
        ];
        $refusals->throwIfAny();
        $day->fill($values)->save();

        return $day->refresh();
    }

    /** @return list<string> */
    private static function helpers(mixed $input, Refusals $refusals): array
    {
        if (! is_array($input) || ! array_is_list($input) || count($input) > self::MOST_HELPERS) {
            $refusals->add(new Refusal('helpers', 'list_of_most', $input, ['max' => self::MOST_HELPERS]));

            return [];
        }
        $helpers = [];
        foreach ($input as $i => $name) {
            if (! is_string($name) || trim($name) === '' || mb_strlen($name) > 60 || ! mb_check_encoding($name, 'UTF-8')) {
                $refusals->add(new Refusal('helpers.'.$i, 'text', $name, ['longest' => 60]));
            } else {
                $helpers[] = trim($name);
            }
        }

        return array_values(array_unique($helpers));
    }
}
