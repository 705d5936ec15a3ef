<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Plants\Actions\ChangeTask;
use App\Plants\Actions\CheckMoisture;
use App\Plants\Actions\SaveFertiliser;
use App\Plants\Actions\SavePlant;
use App\Plants\Actions\TakeOffspring;
use App\Plants\Actions\TellOfPlant;
use App\Plants\Actions\WritePlantEvent;
use App\Plants\Carried;
use App\Plants\InspectionForm;
use App\Plants\Models\Fertiliser;
use App\Plants\Models\Plant;
use App\Plants\Outlook;
use App\Pots\Models\Pot;
use App\PottingDays\Actions\AddToDay;
use App\PottingDays\Actions\SavePottingDay;
use App\PottingDays\Models\PottingDay;
use App\Recipes\Models\Recipe;
use App\Shelf\Models\Component;
use App\Situations\Models\Site;
use App\Situations\Models\Species;
use Illuminate\Support\Carbon;

/** The plants of Tessivale Yard, its fertilisers, two potting days that are planned, and what is looked after. */
final readonly class TessivaleCollection
{
    /**
     * Number => name, species, started years ago, pot, recipe, potted months ago, trunk mm, height cm, canopy cm, weight kg, place, and what is otherwise.
     */
    private const PLANTS = [
        'T-001' => ['Gate pine', 'Black pine', 34, 'Rectangle 40', 'Ridge pines', 62, 62, 58, 62, 4.2, 'Ridge bench', ['front' => 'Low branch to the left']],
        'T-002' => ['Leaning pine', 'Scots pine', 22, 'Oval tray 34', 'Ridge pines', 61, 41, 46, 50, 2.6, 'Ridge bench', ['shelter' => true]],
        'T-003' => ['Twin pine', 'Mountain pine', 18, 'Hexagon 22', 'Ridge pines', 39, 28, 33, 34, 1.3, 'Ridge bench', ['buried' => [['kind' => 'plate', 'note' => 'flat stone plate under the roots']], 'shelter' => true]],
        'T-004' => ['Cascade juniper', 'Needle juniper', 26, 'Deep round 16', 'Ridge pines', 50, 36, 30, 32, 1.6, 'Ridge bench', ['health' => 'weak', 'shelter' => true]],
        'T-005' => ['Brook maple one', 'Field maple', 19, 'Oval tray 34', 'Brook maples', 29, 44, 48, 56, 2.4, 'Shade house', ['exposure' => 'half_shade', 'shelter' => true]],
        'T-006' => ['Brook maple two', 'Field maple', 12, 'Hexagon 22', 'Brook maples', 27, 24, 36, 40, 1.1, 'Shade house', ['exposure' => 'half_shade', 'shelter' => true]],
        'T-007' => ['Red maple group', 'Palmate maple', 9, 'Oval tray 34', 'Brook maples', 25, 15, 40, 48, 2.1, 'Shade house', ['note' => 'Seven stems.', 'exposure' => 'half_shade', 'shelter' => true]],
        'T-008' => ['Old hornbeam', 'Hornbeam', 31, 'Rectangle 40', 'Brook maples', 50, 71, 62, 66, 4.8, 'Shade house', ['front' => 'Hollow on the right', 'exposure' => 'half_shade']],
        'T-009' => ['Slope azalea', 'Satsuki azalea', 15, 'Hexagon 22', 'North bench azaleas', 30, 33, 30, 36, 1.2, 'North bench', ['site' => 'Tessivale, north bench', 'exposure' => 'half_shade', 'shelter' => true]],
        'T-010' => ['White azalea', 'Satsuki azalea', 11, 'Moss bowl 20', 'North bench azaleas', 26, 21, 24, 26, 0.8, 'North bench', ['site' => 'Tessivale, north bench', 'exposure' => 'half_shade', 'shelter' => true]],
        'T-011' => ['Crab by the wall', 'Crab apple', 17, 'Oval tray 34', 'Orchard pots', 24, 38, 50, 44, 2.5, 'Orchard wall', ['shelter' => true, 'quarters_from' => '11-10', 'quarters_to' => '03-25', 'quarters_roofed' => true]],
        'T-012' => ['Quince clump', 'Flowering quince', 13, 'Hexagon 22', 'Orchard pots', 15, 22, 34, 36, 1.2, 'Orchard wall', ['shelter' => true, 'quarters_from' => '11-10', 'quarters_to' => '03-25', 'quarters_roofed' => true]],
        'T-013' => ['Larch from the ditch', 'Larch', 14, 'Net basket 30', 'Ridge pines', 9, 31, 70, 48, 2.0, 'Growing field', ['purpose' => 'newly_collected', 'origin' => 'collected', 'health' => 'weak']],
        'T-014' => ['Olive at the door', 'Olive', 24, 'Hollowed stone', 'Ridge pines', 20, 58, 52, 50, 3.6, 'Front step', ['site' => 'Market garden, Lower Brook']],
        'T-015' => ['Glass fig', 'Small-leaved fig', 10, 'Hexagon 22', 'Orchard pots', 26, 34, 38, 46, 1.5, 'Glasshouse', ['exposure' => 'glass', 'shelter' => true, 'stage' => 'growing']],
        'T-016' => ['Jade in the corner', 'Jade tree', 8, 'Moss bowl 20', 'Ridge pines', 31, 30, 26, 28, 1.4, 'Glasshouse', ['exposure' => 'glass', 'shelter' => true, 'stage' => 'growing']],
        'T-017' => ['Second jade', 'Jade tree', 5, 'Deep round 16', 'Ridge pines', 25, 18, 18, 20, 0.7, 'Glasshouse', ['exposure' => 'glass', 'shelter' => true]],
        'T-018' => ['Beech by the steps', 'Beech', 16, 'Oval tray 34', 'Old tub mix', 8, 29, 44, 46, 2.0, 'Shade house', ['exposure' => 'half_shade']],
        'T-019' => ['Small quince', 'Flowering quince', 4, 'Deep round 16', 'Orchard pots', 5, 12, 26, 24, 0.5, 'Tunnel', []],
        'T-020' => ['Yew with the dead side', 'Yew', 40, 'Rectangle 40', 'Ridge pines', 30, 80, 55, 60, 5.0, 'Ridge bench', ['health' => 'sick', 'note' => 'Left side died back two winters ago.']],
    ];

    private const DAY = ['T-001', 'T-002', 'T-003', 'T-004', 'T-005', 'T-006', 'T-007', 'T-008', 'T-009', 'T-010', 'T-011', 'T-012'];
    private const SMALL_DAY = ['T-015', 'T-016', 'T-017'];

    private const FERTILISERS = [
        ['name' => 'Slow granules, six months', 'form' => 'slow_release', 'n_percent' => 15, 'p2o5_percent' => 9, 'k2o_percent' => 12, 'label_g_l' => 3, 'surface_g_l' => 4, 'price_per_kg' => 9, 'longevity_days' => 180, 'note' => 'Mixed into the upper half.'],
        ['name' => 'Pressed organic cakes', 'form' => 'granule', 'n_percent' => 5, 'p2o5_percent' => 4, 'k2o_percent' => 2, 'label_g_l' => 4, 'surface_g_l' => 6, 'price_per_kg' => 5],
        ['name' => 'Liquid feed', 'form' => 'liquid', 'n_percent' => 6, 'p2o5_percent' => 4, 'k2o_percent' => 6, 'label_g_l' => 2, 'price_per_kg' => 12],
    ];

    public function __construct(
        private SavePlant $savePlant,
        private SaveFertiliser $saveFertiliser,
        private SavePottingDay $saveDay,
        private AddToDay $add,
        private TellOfPlant $tell,
        private TakeOffspring $offspring,
        private WritePlantEvent $write,
        private Outlook $outlook,
        private CheckMoisture $check,
        private ChangeTask $tasks,
        private TessivaleSeason $season,
        private TessivaleHistory $history,
    ) {}

    public function load(): void
    {
        foreach (self::FERTILISERS as $fertiliser) {
            ($this->saveFertiliser)(new Fertiliser(), $fertiliser);
        }
        $species = Species::query()->pluck('id', 'name')->all();
        $pots = Pot::query()->pluck('id', 'name')->all();
        $recipes = Recipe::query()->pluck('id', 'name')->all();
        $sites = Site::query()->pluck('id', 'name')->all();
        $ids = [];
        foreach (self::PLANTS as $number => [$name, $kind, $age, $pot, $recipe, $months, $trunk, $height, $canopy, $weight, $place, $other]) {
            $site = $sites[$other['site'] ?? 'Tessivale, upper yard'];
            unset($other['site']);
            $plant = ($this->savePlant)(new Plant(), [
                'number' => $number, 'name' => $name, 'species_id' => $species[$kind], 'year_started' => Carbon::now()->year - $age, 'pot_id' => $pots[$pot], 'recipe_id' => $recipes[$recipe],
                'potted_on' => Carbon::now()->subMonths($months)->toDateString(), 'trunk_mm' => $trunk, 'height_cm' => $height, 'canopy_cm' => $canopy, 'weight_kg' => $weight, 'place' => $place, 'site_id' => $site, ...$other,
            ]);
            ($this->write)($plant, 'potted', $plant->potted_on, '', new Carried(['recipe' => $recipe, 'pot' => $pot]), 'Orsolt');
            $ids[$number] = $plant->id;
        }
        $this->past($ids);
        $this->days($ids);
        $this->season->load();
        $this->history->load();
    }

    /** @param array<string, int> $ids by number */
    private function past(array $ids): void
    {
        $plant = static fn(string $number): Plant => Plant::query()->with(['species', 'site'])->whereKey($ids[$number])->firstOrFail();
        foreach ([['T-008', ['white_tips', 'circling', 'fine_layer'], 0.2], ['T-020', ['black_soft', 'sludge'], 0.3], ['T-001', ['white_tips', 'threads'], 0.0]] as [$number, $findings, $removed]) {
            $form = InspectionForm::read(['on' => Carbon::now()->subDays(40)->toDateString(), 'findings' => $findings, 'roots_removed_share' => $removed, 'person' => 'Mirabeth']);
            $seen = $plant($number);
            ($this->write)($seen, 'inspected', $form->on, '', new Carried($form->judge($seen, $this->outlook)), $form->person);
            $this->outlook->foretell($seen);
        }
        ($this->offspring)($plant('T-010'), ['kind' => 'cutting', 'count' => 12, 'together' => true, 'place' => 'Tunnel', 'on' => Carbon::now()->subDays(70)->toDateString(), 'text' => 'Soft tips, in moss.']);
        ($this->tell)($plant('T-012'), ['kind' => 'snoozed', 'until' => Carbon::now()->addDays(60)->toDateString(), 'text' => 'After flower, not before.']);
        ($this->tell)($plant('T-019'), ['kind' => 'outcome', 'outcome' => 'took', 'on' => Carbon::now()->subDays(90)->toDateString()]);
        ($this->tell)($plant('T-013'), ['kind' => 'note', 'text' => 'Two new shoots on the north side.', 'person' => 'Mirabeth']);
        foreach ([[96, 'water'], [60, 'wait'], [40, 'water'], [14, 'wait']] as [$hoursAgo, $verdict]) {
            ($this->check)($plant('T-005'), ['verdict' => $verdict, 'method' => 'stick', 'person' => 'Orsolt'], Carbon::now()->subHours($hoursAgo));
        }
        $this->tasks->add(['plant_id' => $ids['T-020'], 'due_on' => Carbon::now()->subDays(2)->toDateString(), 'note' => 'Look at the cut side, repaint']);
        $this->tasks->add(['plant_id' => $ids['T-013'], 'due_on' => Carbon::now()->toDateString(), 'note' => 'Mist, twice a day', 'every_days' => 1, 'until_on' => Carbon::now()->addDays(20)->toDateString()]);
        $this->tasks->add(['plant_id' => $ids['T-014'], 'due_on' => Carbon::now()->addDays(5)->toDateString(), 'note' => 'Move under the eaves before frost']);
    }

    /** @param array<string, int> $ids by number */
    private function days(array $ids): void
    {
        $moss = Component::query()->where('key', 'long-fibre-sphagnum-moss')->value('id');
        $perlite = Component::query()->where('key', 'perlite-2-5-mm')->value('id');
        $granite = Component::query()->where('key', 'granite-chip-4-8-mm')->value('id');
        $slow = Fertiliser::query()->where('form', 'slow_release')->value('id');
        $now = Carbon::now();
        $spring = $now->copy()->setDate($now->year, 3, 18);
        $day = ($this->saveDay)(new PottingDay(), [
            'name' => 'Spring bench, twelve trees', 'planned_on' => ($spring->isPast() ? $spring->addYear() : $spring)->toDateString(), 'tub_l' => 42, 'scoop_l' => 0.948, 'helpers' => ['Orsolt', 'Mirabeth'],
            'note' => 'Soak the moss the evening before.',
        ]);
        ($this->add)($day, ['plant_ids' => array_map(static fn(string $number): int => $ids[$number], self::DAY), 'plan' => ['fertiliser' => ['id' => $slow, 'share' => 0.5]]]);
        foreach ($day->entries()->with('plant')->get() as $i => $entry) {
            $plan = match ($entry->plant->number) {
                // the heart of its ball is still the peat that it was sold in
                'T-011' => ['ball_soil' => 'nursery_peat', 'treatment' => 'combed'],
                'T-002' => ['fixing' => 'wire', 'height' => ['how' => 'raised', 'cm' => 0.8], 'placing' => ['x_cm' => -1.5, 'y_cm' => 0.5, 'turn_deg' => 0.0], 'lean' => ['deg' => 25.0, 'to' => 'right'], 'lower' => ['cm' => 1.2, 'months' => 12]],
                'T-004' => ['ball' => ['length_cm' => 10.5, 'width_cm' => 10.5, 'height_cm' => 12], 'extras' => [['component_id' => $perlite, 'litres' => 0.3]], 'lean' => ['deg' => 60.0, 'to' => 'left']],
                'T-009', 'T-010' => ['surface' => 'moss', 'fixing' => 'stones'],
                'T-001' => ['layer' => ['component_id' => $granite, 'thickness_cm' => 1.0], 'headspace_cm' => 0.5, 'old_soil_share' => 0.1],
                'T-008' => ['layer' => ['component_id' => $granite, 'thickness_cm' => 1.0], 'headspace_cm' => 0.5, 'slope' => ['cm' => 1.0, 'to' => 'back']],
                'T-007' => ['wall' => ['kind' => 'moss', 'component_id' => $moss, 'thickness_cm' => 0.5]],
                default => [],
            };
            $entry->plan = $entry->plan->with($plan);
            $entry->helper = $i % 2 === 0 ? 'Orsolt' : 'Mirabeth';
            $entry->save();
        }
        $small = ($this->saveDay)(new PottingDay(), ['name' => 'Glasshouse, three pots', 'planned_on' => $now->copy()->addDays(2)->toDateString(), 'tub_l' => 20, 'scoop_l' => 0.474, 'helpers' => ['Mirabeth']]);
        ($this->add)($small, ['plant_ids' => array_map(static fn(string $number): int => $ids[$number], self::SMALL_DAY), 'helper' => 'Mirabeth']);
    }
}
