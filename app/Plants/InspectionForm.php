<?php

declare(strict_types=1);

namespace App\Plants;

use App\Common\Author;
use App\Common\Day;
use App\Plants\Models\Plant;
use Illuminate\Support\Carbon;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Work\Inspection\Advice;
use Zolbek\Core\Work\Inspection\Finding;
use Zolbek\Core\Work\Inspection\OldMix;
use Zolbek\Core\Work\Inspection\Reason;
use Zolbek\Core\Work\Inspection\RootWork;

/** What was seen at a root ball, and what it says of the old mix and for the new one: schema Inspection of the API. */
final readonly class InspectionForm
{
    private const FIELDS = ['on', 'findings', 'details', 'roots_removed_share', 'text', 'person'];

    private function __construct(public Carbon $on, public Seen $seen, public float $rootsRemoved, public string $text, public string $person) {}

    /**
     * @param array<mixed> $input
     *
     * @throws Refused naming each field and what it may be
     */
    public static function read(array $input): self
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, self::FIELDS, $refusals);
        $form = new self(
            Day::optional($fields, 'on', $refusals, 0) ?? Carbon::today(),
            Seen::read($fields->raw('findings') ?? [], $fields->raw('details') ?? [], $refusals, ''),
            $fields->number('roots_removed_share', 0, 1, 0),
            $fields->text('text', 2000, ''),
            Author::of($fields),
        );
        $refusals->throwIfAny();

        return $form;
    }

    /** @return list<Finding> */
    public static function findings(mixed $input, Refusals $refusals, string $path): array
    {
        $known = array_column(Finding::cases(), 'value');
        if (! is_array($input) || ! array_is_list($input) || count($input) > count($known)) {
            $refusals->add(new Refusal($path, 'list_of_most', $input, ['max' => count($known)]));

            return [];
        }
        $findings = [];
        foreach ($input as $i => $word) {
            $finding = is_string($word) ? Finding::tryFrom($word) : null;
            if ($finding === null) {
                $refusals->add(new Refusal($path.'.'.$i, 'one_of', $word, ['words' => implode(', ', $known)]));
            } else {
                $findings[$finding->value] = $finding;
            }
        }

        return array_values($findings);
    }

    /** @return array<string, mixed> */
    public function judge(Plant $plant, Outlook $outlook): array
    {
        $setup = $outlook->setup($plant);
        $years = Outlook::years($plant, $this->on) ?? 0.0;
        $old = $setup === null ? null : new OldMix($setup, $years, $this->seen->findings);
        $work = new RootWork(Seen::degrees($this->seen->findings, $this->seen->details), $plant->condition());
        $advice = new Advice($this->seen->findings, $this->rootsRemoved, $plant->condition(), $plant->species->evergreen ?? false);

        return [
            'on' => $this->on->toDateString(),
            'findings' => array_column($this->seen->findings, 'value'),
            'details' => $this->seen->details,
            'work' => $work->asks ? ['treatment' => $work->treatment->value, 'roots_removed_share' => $work->removed, 'pot' => $work->pot] : null,
            'roots_removed_share' => $this->rootsRemoved,
            'old_mix' => $old === null ? null : [
                'verdict' => $old->verdict, 'years' => $years, 'frost_nights' => $old->frostNights,
                'fines_then' => $old->finesThen, 'fines_now' => $old->finesNow, 'air_then' => $old->airThen, 'air_now' => $old->airNow,
                'run_through_then_s' => $old->runThroughThenS, 'run_through_now_s' => $old->runThroughNowS, 'level_drop_cm' => $old->levelDropCm, 'fails_now' => $old->failsNow,
                'reasons' => self::reasons($old->reasons),
            ],
            'advice' => self::reasons($advice->points),
            'more_air' => $advice->moreAir,
            'may_keep_soil' => $advice->mayKeepSoil,
            'one_day_risk' => $advice->riskLevel,
        ];
    }

    /**
     * @param list<Reason> $reasons
     *
     * @return list<array{code: string, figures: object}>
     */
    public static function reasons(array $reasons): array
    {
        return array_map(static fn(Reason $reason): array => ['code' => $reason->code, 'figures' => (object) $reason->figures], $reasons);
    }
}
