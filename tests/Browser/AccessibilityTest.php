<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;

test('no place has a fault of accessibility, in bright and in dim light', function (string $path, string $ready, bool $dim): void {
    if ($dim) {
        $this->chrome()->driver->executeScript('localStorage.setItem("zolbek.light", "dim")');
    }
    $this->openWithMix($path);
    $this->see($ready);
    usleep(300_000);
    expect($this->accessibilityFaults())->toBe([]);
})->with([
    'Blend' => ['/blend', 'Verdicts'],
    'Comparison' => ['/blend/compare', 'Add something to set beside it.'],
    'Sites and plants' => ['/blend/library', '4 entries'],
    'Bins' => ['/bins', '35 entries'],
    'Component' => ['/bins/9', 'How long it lasts'],
    'Delivery and tests' => ['/bins/1', 'P-autumn'],
    'Mix in a bin' => ['/bins/34', 'What is in it'],
    'Bench' => ['/bench', 'A place to begin'],
    'How true' => ['/bench/truth', 'told apart'],
    'Test done' => ['/bench/tests/2', 'What it changes'],
    'Scoops and sieves' => ['/bench/tools', 'Bench scale'],
    'Pots' => ['/pots', '8 entries'],
    'Today' => ['/today', 'Running low'],
    'Calendar' => ['/calendar', 'Open tasks of this month'],
    'Plants' => ['/plants', '23 entries'],
    'Plant' => ['/plants/5', 'What the stick should look like'],
    'Fertilisers' => ['/fertilisers', '3 entries'],
    'Potting days' => ['/days', '2 entries'],
    'Potting day' => ['/days/1', '12 entries'],
    'Potting at the bench' => ['/days/1/bench', 'Load is mixed'],
    'Log' => ['/log', '2 entries'],
    'Sheet' => ['/log/1', 'Each of'],
])->with(['bright' => [false], 'dim' => [true]]);

test('dialogs have no fault of accessibility', function (string $path, string $button, string $ready): void {
    $this->openWithMix($path);
    $this->click($button);
    $this->see($ready);
    usleep(400_000);
    expect($this->accessibilityFaults())->toBe([]);
})->with([
    ['/blend', 'Work out a batch', 'L loose'],
    ['/blend', 'Save', 'Name of the recipe'],
    ['/bins', 'Add a component', 'Grain sizes'],
    ['/pots', 'Add a pot', 'Outlet'],
    ['/bins', 'Add a mix', 'What is in it'],
    ['/bins', 'Files in and out', 'Empty template'],
    ['/bins/1', 'Take in a delivery', 'Mark on the sack'],
    ['/bins/1', 'Correct the stock', 'There are now'],
    ['/bench', 'Start: Sieve analysis', 'You need'],
    ['/bench/tools', 'Add a scoop or tub', 'Water that fills it weighs'],
    ['/blend', 'Prepare Perlite 2-5 mm before mixing', 'Wet it'],
    ['/blend', 'Keyboard shortcuts', 'Show this list'],
    ['/blend', 'Purpose, place, care …', 'Somebody really comes by'],
    ['/blend', 'Root ball, zones, objects …', 'Over the holes alone'],
    ['/blend/library', 'Add a site', 'Coldest'],
    ['/plants', 'Add a plant', 'Plan over the years'],
    ['/plants/5', 'Look at the roots', 'The old mix'],
    ['/plants/5', 'Out of turn', 'Leave undone'],
    ['/days/1', 'Change T-001 Gate pine', 'What comes of it'],
    ['/days/1', 'Choose plants', 'Due only'],
    ['/pots', 'Edit Moss bowl 20', 'Checks'],
]);

test('no view of a mix has a fault of accessibility', function (string $view): void {
    $this->openWithMix('/blend');
    $this->click($view);
    $this->waitFor('//section[@aria-label="Pot section"]//*[name()="svg"] | //dl');
    usleep(500_000);
    expect($this->accessibilityFaults())->toBe([]);
})->with(['Will it fit', 'Profile', 'Retention', 'Depth', 'Packing', 'Years', 'Water', 'Trade', 'Triangle', 'Figures']);

test('at the bench nothing is cut off and what is pressed is large', function (string $path, string $ready): void {
    $this->chrome()->resize(390, 844);
    $this->openWithMix($path);
    $this->see($ready);
    usleep(200_000);
    expect($this->chrome()->driver->executeScript('return document.documentElement.scrollWidth'))->toBeLessThanOrEqual(390);
    foreach ($this->chrome()->driver->findElements(WebDriverBy::cssSelector('[class*="__parts-stepper"] button, [class*="__parts-remove"], [class*="__parts-prepare"], [class*="__test-foot"] button')) as $button) {
        expect($button->getSize()->getHeight())->toBeGreaterThanOrEqual(44)->and($button->getSize()->getWidth())->toBeGreaterThanOrEqual(44);
    }
})->with([['/blend', 'Verdicts'], ['/bins', '35 entries'], ['/bins/9', 'How long it lasts'], ['/pots', '8 entries'], ['/log/1', 'Each of'], ['/bench', 'A place to begin'], ['/bench/truth', 'told apart'], ['/bench/tools', 'Bench scale'], ['/bench/tests/2', 'What it changes'], ['/bins/1', 'P-autumn'], ['/blend/card', 'There is no mix'], ['/blend/library', '4 entries'], ['/today', 'Running low'], ['/plants/5', 'What the stick should look like'], ['/days/1/bench', 'Load is mixed']]);

test('lengths and shares are written as the reader writes them', function (): void {
    $this->chrome()->devtools('Emulation.setLocaleOverride', ['locale' => 'de-DE']);
    try {
        $this->open('/bins');
        $this->see('Akadama-type clay granule 2-6 mm');
        expect($this->chrome()->driver->executeScript('return new Intl.NumberFormat().format(0.5)'))->toBe('0,5');
    } finally {
        $this->chrome()->devtools('Emulation.setLocaleOverride', []);
    }
});
