<?php

declare(strict_types=1);

use App\Plants\Actions\MeasureGrowth;
use App\Plants\Actions\TellOfPlant;
use App\Plants\Models\Plant;
use App\Plants\Models\PlantEvent;
use App\Plants\StandsIn;
use App\Pots\Models\Pot;
use App\Recipes\Models\Recipe;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Collection;
use Tests\Feature\Contract;
use Tests\Feature\Yard;

beforeEach(function (): void {
    Carbon::setTestNow('2026-07-10 09:00:00');
    $this->gritty = Collection::recipe('Gritty', ['pumice-3-6-mm' => 3, 'lava-scoria-3-6-mm' => 1]);
    $this->barky = Collection::recipe('Barky', ['composted-bark-fine-2-8-mm' => 3, 'pumice-3-6-mm' => 1]);
});

/** A plant that was potted once, and what was told of it: by days since. */
function pottedOnce(Recipe $recipe, string $on, array $changed = [], array $told = []): Plant
{
    $plant = Collection::plant(['recipe_id' => $recipe->id, 'potted_on' => $on, ...$changed]);
    foreach ($told as $day => $what) {
        app(TellOfPlant::class)($plant->refresh(), [...$what, 'on' => Carbon::parse($on)->addDays($day)->toDateString()]);
    }

    return $plant;
}

test('what came of a mix is counted, with bounds that say how little a few plants tell', function (): void {
    $took = ['kind' => 'outcome', 'outcome' => 'took'];
    foreach (range(1, 3) as $i) {
        pottedOnce($this->gritty, '2025-03-20', ['name' => "Took $i"], [40 => $took]);
    }
    pottedOnce($this->gritty, '2025-03-20', ['name' => 'Sulked'], [45 => ['kind' => 'outcome', 'outcome' => 'sulked']]);
    pottedOnce($this->gritty, '2025-03-20', ['name' => 'Died soon'], [30 => ['kind' => 'died']]);
    pottedOnce($this->gritty, '2025-03-20', ['name' => 'Died later'], [40 => $took, 200 => ['kind' => 'died']]);
    pottedOnce($this->gritty, '2026-06-20', ['name' => 'Fresh']);
    pottedOnce($this->barky, '2025-03-20', ['name' => 'In another']);
    $answer = $this->getJson("/api/v1/outcomes/{$this->gritty->id}")->assertOk();
    Contract::check($answer, 'MixOutcome');
    expect($answer->json('sums.pottings'))->toBe(7)->and($answer->json('sums.now'))->toBe(5)->and($answer->json('sums.before'))->toBe(2)
        ->and($answer->json('sums.took.hits'))->toBe(4)->and($answer->json('sums.took.cases'))->toBe(6)->and($answer->json('sums.took.few'))->toBeTrue()
        ->and($answer->json('sums.died_six_weeks.hits'))->toBe(1)
        // the fresh one is not a year there, those that died are known
        ->and($answer->json('sums.died_year'))->toMatchArray(['hits' => 2, 'cases' => 6])
        ->and(round($answer->json('sums.took.low'), 4))->toBe(0.3000)
        ->and($answer->json('sums.years'))->toMatchArray(['forecast' => 8, 'beyond' => 7]);
    expect(array_column($answer->json('plants'), 'name'))->toContain('Fresh')->not->toContain('In another');
});

test('who was potted again counts for the mix before, with its years and what was seen at its roots', function (): void {
    $plant = pottedOnce($this->gritty, '2022-03-20', ['name' => 'Moved on'], [40 => ['kind' => 'outcome', 'outcome' => 'took']]);
    $pot = Pot::query()->firstOrFail();
    $before = ['pot_id' => $plant->pot_id, 'recipe_id' => $plant->recipe_id, 'standing' => $plant->refresh()->standing, 'potted_on' => '2022-03-20'];
    $standing = StandsIn::of($this->barky->load('parts.component'), $pot);
    PlantEvent::query()->create(['plant_id' => $plant->id, 'kind' => 'potted', 'happened_on' => '2025-03-20', 'person' => 'Orsolt', 'text' => '', 'data' => ['recipe' => 'Barky', 'pot' => $pot->name, 'place' => 'East rack', 'standing' => $standing, 'before' => $before, 'actual' => ['findings' => ['circling'], 'run_through_s' => 42]]]);
    $plant->fill(['recipe_id' => $this->barky->id, 'standing' => $standing, 'potted_on' => '2025-03-20'])->save();
    $was = $this->getJson("/api/v1/outcomes/{$this->gritty->id}")->assertOk()->json();
    expect($was['sums'])->toMatchArray(['pottings' => 1, 'now' => 0, 'before' => 1])->and($was['sums']['years']['stood'])->toEqualWithDelta(3.0, 0.01)
        ->and($was['sums']['roots']['findings'][0]['finding'])->toBe('circling')->and($was['plants'][0]['ended_by'])->toBe('repotted');
    $now = $this->getJson("/api/v1/outcomes/{$this->barky->id}")->assertOk()->json();
    expect($now['sums'])->toMatchArray(['pottings' => 1, 'now' => 1])->and($now['sums']['run_through']['measured_s'])->toEqual(42)->and($now['plants'][0]['place'])->toBe('East rack');
    $stood = $this->getJson("/api/v1/plants/{$plant->id}/stays")->assertOk();
    Contract::check($stood, 'PlantStays');
    expect(array_column($stood->json('data'), 'recipe'))->toBe(['Gritty', 'Barky'])->and($stood->json('data.1.until'))->toBeNull();
    $list = $this->getJson('/api/v1/outcomes')->assertOk();
    Contract::check($list, 'OutcomeRecipePage');
    expect(array_column($list->json('data'), 'now', 'name'))->toMatchArray(['Barky' => 1, 'Gritty' => 0])->and(array_column($list->json('data'), 'pottings', 'name')['Barky'])->toBe(1);
});

test('plants are narrowed and counted by version, kind, place, depth and year', function (): void {
    Yard::pot();
    $deep = Yard::pot('Deep', 15.0);
    pottedOnce($this->gritty, '2024-03-20', ['place' => 'Ridge', 'pot_id' => $deep->id]);
    pottedOnce($this->gritty, '2025-03-20', ['place' => 'Ridge']);
    pottedOnce($this->gritty, '2025-03-20', ['place' => 'Shade']);
    $ask = fn(array $query): array => $this->getJson("/api/v1/outcomes/{$this->gritty->id}?".http_build_query($query))->assertOk()->json();
    expect($ask(['place' => 'Ridge'])['sums']['pottings'])->toBe(2)->and($ask(['year' => 2025])['sums']['pottings'])->toBe(2)->and($ask(['depth' => 'over_12'])['sums']['pottings'])->toBe(1)
        ->and($ask(['place' => 'Ridge', 'year' => 2025])['sums']['pottings'])->toBe(1)->and($ask(['version' => 9])['sums']['pottings'])->toBe(0)
        ->and(array_column($ask(['by' => 'place'])['by'], 'word'))->toBe(['Ridge', 'Shade'])->and(array_column($ask(['by' => 'depth'])['by'], 'word'))->toBe(['over_12', 'to_7'])
        ->and($ask([])['choices'])->toMatchArray(['places' => ['Ridge', 'Shade'], 'years' => [2024, 2025]]);
    foreach ([['depth' => 'deep'], ['by' => 'mood'], ['beside' => $this->gritty->id], ['beside' => 9999]] as $query) {
        $this->getJson("/api/v1/outcomes/{$this->gritty->id}?".http_build_query($query))->assertUnprocessable()->assertJsonPath('errors.0.path', array_key_first($query));
    }
});

test('beside another mix it is told what else differed, and what plants alike did', function (): void {
    $told = static fn(string $word): array => [40 => ['kind' => 'outcome', 'outcome' => $word]];
    foreach (range(1, 6) as $i) {
        pottedOnce($this->gritty, '2025-03-20', ['place' => 'Ridge'], $told('took'));
        pottedOnce($this->barky, '2025-03-20', ['place' => $i <= 2 ? 'Ridge' : 'Ditch'], $told($i <= 2 ? 'took' : 'sulked'));
    }
    $answer = $this->getJson("/api/v1/outcomes/{$this->gritty->id}?beside={$this->barky->id}")->assertOk();
    Contract::check($answer, 'MixOutcome');
    $took = array_column($answer->json('beside.differences'), null, 'what')['took'];
    $otherwise = array_map(static fn(array $row): string => $row['what'].' '.$row['word'], $answer->json('beside.otherwise'));
    expect(round($took['difference'], 4))->toBe(0.6667)->and($took['told'])->toBeTrue()->and($otherwise)->toContain('place Ridge')->toContain('place Ditch')->not->toContain('species Hornbeam')
        // on the one bench where both stand, both took
        ->and($answer->json('beside.alike'))->toHaveCount(1)->and($answer->json('beside.alike.0.one.share'))->toEqual(1)->and($answer->json('beside.alike.0.other.share'))->toEqual(1);
});

test('growth in a mix and complaints of it are told', function (): void {
    $plant = pottedOnce($this->gritty, '2024-03-20', [], [300 => ['kind' => 'complaint', 'text' => 'Dry by noon']]);
    foreach (['2024-04-01' => 20, '2025-04-01' => 23, '2026-04-01' => 26] as $on => $mm) {
        app(MeasureGrowth::class)($plant->refresh(), ['on' => $on, 'trunk_mm' => $mm]);
    }
    $sums = $this->getJson("/api/v1/outcomes/{$this->gritty->id}")->assertOk()->json('sums');
    expect($sums['growth']['mm_year'])->toEqualWithDelta(3.0, 0.01)->and($sums['growth']['n'])->toBe(1)->and($sums['complaints']['n'])->toBe(1)->and($sums['complaints']['last'][0]['text'])->toBe('Dry by noon');
    $this->postJson("/api/v1/plants/{$plant->id}/events", ['kind' => 'complaint'])->assertUnprocessable()->assertJsonPath('errors.0.path', 'text');
});

test('who stood in a recipe is found by an index, and in as many questions for many plants as for few', function (): void {
    $plan = static fn(string $sql): string => implode("\n", array_map(static fn(object $row): string => (string) $row->detail, DB::select('explain query plan '.$sql)));
    expect($plan("select plant_id from plant_events where kind = 'potted' and json_extract(data, '$.standing.recipe_id') = 4"))->toContain('plant_events_recipe (');
    expect($plan("select plant_id from plant_events where kind = 'potted' and json_extract(data, '$.before.recipe_id') = 4"))->toContain('plant_events_recipe_before (');
    $count = function (): int {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->getJson("/api/v1/outcomes/{$this->gritty->id}")->assertOk();

        return count(DB::getQueryLog());
    };
    pottedOnce($this->gritty, '2025-03-20');
    $few = $count();
    foreach (range(1, 12) as $i) {
        pottedOnce($this->gritty, '2025-03-20', ['name' => "More $i"]);
    }
    expect($count())->toBe($few);
});
