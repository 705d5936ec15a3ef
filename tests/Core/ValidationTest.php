<?php

declare(strict_types=1);

use Tests\Core\Shipped;
use Zolbek\Core\Question\Validation\Beside;
use Zolbek\Core\Question\Validation\ExpertPanel;
use Zolbek\Core\Question\Validation\PublishedSets;

/** @return array<string, list<Beside>> by set */
function publishedRows(): array
{
    $file = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/database/reference/published.json'), true);
    $components = array_column(array_map(static fn(array $raw): array => [$raw['key'], Shipped::component($raw['key'])], Shipped::rawComponents()), 1, 0);
    $sets = (new PublishedSets($components))->beside($file['sets']);

    return array_combine(array_column($sets, 'name'), array_column($sets, 'rows'));
}

test('a figure agrees within its range, within a fifth of a single one, within three times of a conductivity', function (): void {
    expect(Beside::range('air', '%', '', 20.0, 30.0, 20.0)->agrees)->toBeTrue()
        ->and(Beside::range('air', '%', '', 20.0, 30.0, 19.9)->agrees)->toBeFalse()
        ->and(Beside::range('air', '%', '', 85.0, null, 99.0)->agrees)->toBeTrue()
        ->and(Beside::single('head', 'cm', '', 10.0, 11.9)->agrees)->toBeTrue()
        ->and(Beside::single('head', 'cm', '', 10.0, 12.1)->agrees)->toBeFalse()
        ->and(Beside::withinTimes('ks', 'cm/d', '', 100.0, 290.0)->agrees)->toBeTrue()
        ->and(Beside::withinTimes('ks', 'cm/d', '', 100.0, 33.0)->agrees)->toBeFalse();
});

test('published sets stand beside the model, hits and misses alike', function (): void {
    $rows = publishedRows();
    $agree = array_map(static fn(array $set): array => array_map(static fn(Beside $row): bool => $row->agrees, $set), $rows);
    expect(array_map(count(...), array_values($rows)))->toBe([4, 4, 6, 2, 6, 4, 1, 4])
        ->and($agree['uniform silica sands, median drainage head'])->toBe([true, true, true, true])
        ->and($agree['reference evapotranspiration'])->toBe([true, true, true, true])
        ->and(array_sum(array_map(static fn(array $set): int => count(array_filter($set, static fn(bool $one): bool => ! $one)), $agree)))->toBeGreaterThan(5);
});

test('the graded bark has the air that the revision tells of', function (): void {
    [$poured, $settled] = publishedRows()['graded pine bark'];
    expect($poured->model)->toEqualWithDelta(21.0, 0.5)->and($settled->model)->toEqualWithDelta(19.5, 0.1);
});

test('half of the water of a loam is gone at 87 cm', function (): void {
    expect(PublishedSets::medianHeadCm(0.036, 1.56))->toEqualWithDelta(86.6, 0.05)->and(PublishedSets::medianHeadCm(0.145, 2.68))->toEqualWithDelta(8.97, 0.01);
});

test('the panel counts by what growers make of a mix', function (): void {
    $panel = new ExpertPanel(json_decode((string) file_get_contents(dirname(__DIR__, 2).'/database/reference/panel.json'), true), Shipped::rawComponents(), Shipped::species());
    $kinds = $panel->byKind();
    expect(array_column($kinds, 'cases'))->toBe([19, 11, 9, 7])
        ->and(array_sum(array_column($kinds, 'told_apart')))->toBe(45)
        ->and(array_column($kinds, 'told_apart', 'expected')['lethal'])->toBe(7)
        ->and(array_sum(array_column($kinds, 'same_word')))->toBeGreaterThan(30)->toBeLessThanOrEqual(45)
        ->and($panel->cases)->toHaveCount(46);
});
