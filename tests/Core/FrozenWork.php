<?php

declare(strict_types=1);

namespace Tests\Core;

use DateTimeImmutable;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Material\Stock;
use Zolbek\Core\Mix\Preparation\Preparation;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Place\Climate\Climate;
use Zolbek\Core\Place\Climate\DailyClimate;
use Zolbek\Core\Place\Container\BallTreatment;
use Zolbek\Core\Place\Container\Holes;
use Zolbek\Core\Place\Plant\GrowthStage;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Site\Exposure;
use Zolbek\Core\Place\Watering\WateringHabit;
use Zolbek\Core\Question\Validation\Beside;
use Zolbek\Core\Question\Validation\PublishedSets;
use Zolbek\Core\Verdict\Change\ChangeKind;
use Zolbek\Core\Verdict\Fit\Criterion;
use Zolbek\Core\Verdict\Mending\Remedy;
use Zolbek\Core\Work\Aftercare\CarePlan;
use Zolbek\Core\Work\Aftercare\Done;
use Zolbek\Core\Work\Aftercare\Task;
use Zolbek\Core\Work\Batching\BatchLine;
use Zolbek\Core\Work\Batching\BatchOrder;
use Zolbek\Core\Work\Batching\BatchPlan;
use Zolbek\Core\Work\BenchTest\TestKind;
use Zolbek\Core\Work\Feeding\FeedingSchool;
use Zolbek\Core\Work\Feeding\FeedingSeason;
use Zolbek\Core\Work\Feeding\FertiliserLabel;
use Zolbek\Core\Work\Feeding\SlowRelease;
use Zolbek\Core\Work\Inspection\Finding;
use Zolbek\Core\Work\Inspection\Health;
use Zolbek\Core\Work\PottingDay\FirstWater;
use Zolbek\Core\Work\PottingDay\MeshPieces;
use Zolbek\Core\Work\PottingDay\TieWire;
use Zolbek\Core\Work\PottingDay\WorkTime;
use Zolbek\Core\Work\Timing\Due;
use Zolbek\Core\Work\Timing\OutOfTurn;
use Zolbek\Core\Work\Timing\PottingSeason;
use Zolbek\Core\Work\Timing\Window;

/** What the core says of work to be done, over all its words: seasons, tasks, tests, batches, and what it refuses. */
final class FrozenWork
{
    /** @return array<string, callable(): mixed> what is told, by what it is of */
    public static function told(): array
    {
        return [
            'bench plans' => static fn(): array => array_map(static fn(TestKind $kind): array => [$kind->value, $kind->plan(), $kind->isPlaceToBegin(), $kind->suitsComponent(), $kind->suitsMix()], TestKind::cases()),
            'remedies' => self::remedies(...),
            'published' => self::published(...),
            'out of turn' => self::outOfTurn(...),
            'seasons' => self::seasons(...),
            'due' => self::due(...),
            'tasks' => self::tasks(...),
            'feeding' => self::feeding(...),
            'sums' => self::sums(...),
            'batches' => self::batches(...),
            'refused' => self::refused(...),
            'hours' => static fn(): array => WateringHabit::COMMON_HOURS,
        ];
    }

    private static function climate(string $site): DailyClimate
    {
        $raw = Shipped::site($site);
        $months = array_map(static fn(array $month): array => ['tmin' => $month[0], 'tmax' => $month[1], 'rain_mm' => $month[2]], $raw['months']);

        return new DailyClimate(Climate::read(['latitude' => $raw['latitude'], 'altitude_m' => $raw['altitude_m'], 'months' => $months]));
    }

    /** @return array<string, mixed> */
    private static function remedies(): array
    {
        $ranks = [];
        foreach (Criterion::cases() as $criterion) {
            foreach (ChangeKind::cases() as $kind) {
                $ranks[$criterion->value][$kind->value] = [Remedy::rank($criterion, $kind, true), Remedy::rank($criterion, $kind, false)];
            }
        }

        return $ranks;
    }

    /** @return list<mixed> */
    private static function published(): array
    {
        $components = array_map(static fn(array $raw): string => $raw['key'], Shipped::rawComponents());
        $sets = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/database/reference/published.json'), true)['sets'];
        $beside = (new PublishedSets(array_combine($components, array_map(Shipped::component(...), $components))))->beside($sets);

        return array_map(static fn(array $set): array => [...$set, 'rows' => array_map(static fn(Beside $row): array => get_object_vars($row), $set['rows'])], $beside);
    }

    /** @return list<mixed> */
    private static function outOfTurn(): array
    {
        $found = [];
        foreach (OutOfTurn::CAUSES as $cause) {
            foreach (Health::cases() as $health) {
                foreach ([null, GrowthStage::Rest, GrowthStage::LeafBreak] as $stage) {
                    foreach ([true, false] as $frost) {
                        $first = new OutOfTurn($cause, $health, $stage, $frost);
                        $found[] = [$first->steps, array_is_list($first->steps), $first->leave, array_is_list($first->leave)];
                    }
                }
            }
        }

        return $found;
    }

    /** @return array<string, mixed> */
    private static function seasons(): array
    {
        $found = ['windows' => array_map(static fn(Window $window): bool => $window->isOpen(), Window::cases())];
        foreach (['hill', 'coast'] as $site) {
            $climate = self::climate($site);
            foreach (PlantGroup::cases() as $group) {
                foreach (range(1, 365, 14) as $day) {
                    $season = new PottingSeason($group, null, $climate, $day, Exposure::FullSun, $day % 28 === 1);
                    $found[$site][$group->value][] = [$season->window->value, $season->school?->value, $season->isObserved, $season->opensInDays, array_map(get_object_vars(...), $season->reasons)];
                }
                foreach (GrowthStage::cases() as $stage) {
                    $season = new PottingSeason($group, $stage, $climate, 90, Exposure::Glass);
                    $found[$site][$group->value][] = [$season->window->value, $season->isObserved, array_map(get_object_vars(...), $season->reasons)];
                }
            }
        }
        $found['nowhere'] = array_map(static fn(PlantGroup $group): array => get_object_vars(new PottingSeason($group, null, null, 80)), PlantGroup::cases());

        return $found;
    }

    /** @return list<mixed> */
    private static function due(): array
    {
        $found = [];
        foreach ([null, 0.0, 0.6, 2.0, 2.9, 3.0, 3.4, 5.0] as $years) {
            foreach ([null, 1.0, 3.0, 8.0] as $fails) {
                foreach ([[[], Health::Well], [[Finding::Circling], Health::Well], [[Finding::BlackSoft], Health::Well], [[], Health::Weak], [[Finding::Sludge, Finding::Grubs], Health::Sick]] as [$findings, $health]) {
                    $due = new Due($years, 3.0, $fails, $findings, $health);
                    $found[] = [$due->level->value, $due->afterYears, array_map(get_object_vars(...), $due->reasons)];
                }
            }
        }

        return $found;
    }

    /** @return list<mixed> */
    private static function tasks(): array
    {
        $found = [];
        foreach ([self::climate('hill'), self::climate('coast'), null] as $climate) {
            foreach (['2026-01-20', '2026-04-02', '2026-07-15', '2026-10-28'] as $on) {
                foreach (FeedingSchool::cases() as $i => $feeding) {
                    $done = new Done(
                        new DateTimeImmutable($on),
                        PlantGroup::cases()[$i],
                        [0.0, 0.1, 0.3, 0.5, 0.6][$i],
                        BallTreatment::cases()[$i % 4],
                        $i % 2 === 0,
                        Health::cases()[$i % 3],
                        Done::FIXINGS[$i % 3],
                        30 + $i,
                        $i * 2,
                        $i === 2 ? 120.0 : null,
                        $feeding,
                        $i === 3 ? [Finding::Grubs, Finding::Sludge] : [],
                        $i === 4,
                    );
                    $found[] = array_map(static fn(Task $task): array => [
                        $task->kind->value, $task->startsOn->format('Y-m-d'), $task->dueOn->format('Y-m-d'), $task->endsBy->value, $task->everyDays, $task->untilOn?->format('Y-m-d'), $task->figures,
                    ], (new CarePlan($done, $climate))->tasks);
                }
            }
        }

        return $found;
    }

    /** @return array<string, mixed> */
    private static function feeding(): array
    {
        $label = new FertiliserLabel(6.0, 4.0, 5.0, 3.0);
        $found = ['label' => [$label->grams(1.79), $label->grams(2.0, 0.5), $label->elements(10.0), $label->ppmN(), $label->ppmN(0.25)], 'schools' => array_map(static fn(FeedingSchool $school): array => [$school->everyDays(), $school->labelShare()], FeedingSchool::cases())];
        foreach (['hill', 'coast'] as $site) {
            $season = new FeedingSeason(self::climate($site));
            $charge = new SlowRelease(new DateTimeImmutable('2026-04-10'), 150.0, self::climate($site));
            $days = array_map(static fn(int $month): DateTimeImmutable => new DateTimeImmutable(sprintf('2026-%02d-15', $month)), range(4, 12));
            $found[$site] = [
                $season->startsDay, $season->stopsDay, array_map($season->includes(...), $days), array_map(static fn(DateTimeImmutable $day): string => $season->next($day)->format('Y-m-d'), $days),
                array_map($charge->releasedBy(...), $days), array_map(static fn(DateTimeImmutable $day): float => $charge->washedOutBy($day, 8.0), $days),
            ];
        }
        $found['washed'] = array_map(static fn(float $cec): float => SlowRelease::washOutShare($cec), [0.0, 2.0, 8.0, 40.0]);

        return $found;
    }

    /** @return array<string, mixed> */
    private static function sums(): array
    {
        $pot = Shipped::setup('s01')->pot;

        return [
            'wire' => array_map(static fn(float $trunk): array => get_object_vars(new TieWire($pot, $trunk, 12.0, 4.0)), [5.0, 15.0, 20.0, 30.0, 45.0, 80.0]),
            'mesh' => array_map(static fn(float $cm): array => get_object_vars(new MeshPieces(Holes::of(3, $cm, 0.6))), [0.5, 1.2, 2.2, 4.0]),
            'first_water' => array_map(static fn(PlantGroup $group): array => array_map(static fn(float $cut): int => (new FirstWater($group, $cut))->afterDays, [0.0, 0.1, 0.3, 0.6]), PlantGroup::cases()),
            'minutes' => array_map(static fn(BallTreatment $treatment): array => [WorkTime::minutes(0.5, $treatment, 'wire', true), WorkTime::minutes(12.0, $treatment, 'stones', false, 1.3), WorkTime::minutes(3.0, $treatment, 'none', true)], BallTreatment::cases()),
            'pace' => [WorkTime::pace([]), WorkTime::pace([['planned' => 10.0, 'actual' => 15.0]]), WorkTime::pace(array_fill(0, 9, ['planned' => 20.0, 'actual' => 12.0]))],
        ];
    }

    /** @return list<mixed> */
    private static function batches(): array
    {
        $found = [];
        $setup = Shipped::setup('s01');
        $portions = [[Portion::of(Shipped::component('pumice-3-6-mm')), 3.0], [Portion::of(Shipped::component('lava-scoria-3-6-mm')), 2.0], [Portion::of(Shipped::component('composted-bark-fine-2-8-mm')), 1.0]];
        $substrate = new Substrate(Portion::blend($portions));
        $stock = ['pumice-3-6-mm' => new Stock(20.0, 40.0, 22.0), 'lava-scoria-3-6-mm' => new Stock(0.0, 25.0, 18.0, 0.9), 'composted-bark-fine-2-8-mm' => new Stock(400.0, 60.0, 12.0)];
        foreach ([['pots' => 1], ['pots' => 7, 'ball_share' => 0.3, 'gap_share' => 0.25], ['pots' => 40, 'tub_l' => 60, 'scoop_l' => 2, 'objects_l' => 0.2, 'spare' => 0], ['pots' => 3, 'tub_l' => 2, 'scoop_l' => 0.5, 'spare' => 0.2]] as $order) {
            $plan = new BatchPlan($substrate, $setup->zone, BatchOrder::read(['tub_l' => 20, 'scoop_l' => 1, ...$order]), $stock, $portions);
            $found[] = [
                $plan->netPerPotL, $plan->looseL, $plan->layerLooseL, get_object_vars($plan->scoops), array_map(static fn(BatchLine $line): array => get_object_vars($line), $plan->lines), $plan->massKg,
                $plan->cost(), $plan->packsCost(), get_object_vars($plan->order),
            ];
        }

        return $found;
    }

    /** @return array<string, mixed> what is refused where one field after the other is one that cannot be */
    private static function refused(): array
    {
        $question = Shipped::question('s01');
        $found = [];
        $others = ['plant_group', 'air_low', 'air_high', 'ph_low', 'ph_high', 'tension_limit_cm', 'years_young', 'leaf', 'vigour', 'evergreen', 'feed_acidity_mmol_l_year', 'limed_to', 'pot_weight_kg', 'tree_weight_kg'];
        foreach ([...array_keys($question['situation']), ...$others] as $field) {
            foreach (['a word', -1e9, 1e9, [], true] as $i => $wrong) {
                $found['situation.'.$field][$i] = self::refusals(['situation' => [...$question['situation'], $field => $wrong]] + $question);
            }
        }
        foreach (array_keys($question) as $field) {
            foreach (['a word', -1e9, [], null] as $i => $wrong) {
                $found[$field][$i] = self::refusals([$field => $wrong] + $question);
            }
        }
        foreach (['screen_lo_mm' => 9, 'screen_hi_mm' => 2, 'rinse_mm' => -1, 'wet' => 'soaked', 'limed_to_ph' => 12] as $field => $wrong) {
            $found['prepared'][$field] = self::caught(static function () use ($field, $wrong): void {
                $refusals = new Refusals();
                Preparation::read(['screen_lo_mm' => 3, 'screen_hi_mm' => 5, $field => $wrong], $refusals, 'parts.0.preparation');
                $refusals->throwIfAny();
            });
        }
        $site = $question['situation']['site'];
        foreach ([['latitude' => 91], ['latitude' => -91], ['altitude_m' => 9001], ['altitude_m' => -501], ['alkalinity_mg_l' => 1001], ['months' => []], ['months' => array_slice($site['months'], 1)], ['months' => [[5, 4, 0]] + $site['months']], ['months' => [[-61, 4, 0]] + $site['months']], ['months' => [[1, 2]] + $site['months']], ['months' => [[1, 2, 3001]] + $site['months']], ['air_low' => 1]] as $wrong) {
            $found['site'][] = self::refusals(['situation' => ['site' => $wrong + $site] + $question['situation']] + $question);
        }
        foreach ([['air_low' => 0.3, 'air_high' => 0.2], ['air_high' => 0.02], ['ph_low' => 9.4], ['ph_high' => 3.1], ['ph_low' => 2.9], ['ph_low' => 3], ['ph_high' => 9.5], ['ph_high' => 9.6], ['years_young' => 0.4], ['years_young' => 20.1], ['tension_limit_cm' => 9], ['tension_limit_cm' => 10], ['limed_to' => ['pumice-3-6-mm' => 2.9]], ['limed_to' => ['pumice-3-6-mm' => 9.1]], ['limed_to' => ['nothing' => 6]], ['limed_to' => [6]]] as $wrong) {
            $found['wants'][] = self::refusals(['situation' => $wrong + $question['situation']] + $question);
        }
        foreach ([['pots' => 0], ['pots' => 10_001], ['pots' => 2, 'ball_share' => 0.96], ['pots' => 2, 'gap_share' => 1.1], ['pots' => 2, 'objects_l' => 10_001], ['pots' => 2, 'spare' => 1.1], ['pots' => 2, 'tub_l' => 0], ['pots' => 2, 'scoop_l' => -1], ['pots' => 2, 'more' => 1]] as $order) {
            $found['order'][] = self::caught(static fn(): mixed => BatchOrder::read($order + ['tub_l' => 10, 'scoop_l' => 1]));
        }

        return $found;
    }

    /** @param array<string, mixed> $question */
    private static function refusals(array $question): mixed
    {
        return self::caught(static fn(): mixed => Shipped::request($question) instanceof \stdClass);
    }

    private static function caught(callable $try): mixed
    {
        try {
            $try();

            return 'taken';
        } catch (Refused $refused) {
            return array_map(static fn(object $refusal): array => get_object_vars($refusal), $refused->refusals);
        }
    }
}
