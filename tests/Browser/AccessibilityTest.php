<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

test('no place has a fault of accessibility, nor its drawers and dialogs, in bright and in dim light', function (string $path, string $ready, array $drawers = []): void {
    $this->openWithMix($path);
    $this->see($ready);
    $this->settle();
    expect($this->accessibilityFaults())->toBe([], $path);
    foreach ($drawers as $button => $inside) {
        $this->click($button);
        $this->see($inside);
        $this->settle();
        expect($this->accessibilityFaults())->toBe([], $button);
        $this->press(WebDriverKeys::ESCAPE);
        $this->waitUntilGone('//div[contains(@class,"ant-drawer-mask") or contains(@class,"ant-modal-wrap")]');
    }
    $this->click('Dim light');
    $this->see('Bright light');
    $this->settle();
    expect($this->accessibilityFaults())->toBe([], $path.' dim');
})->with([
    'Blend' => ['/blend', 'Verdicts', [
        'Work out a batch' => 'L loose', 'Save' => 'Name of the recipe', 'Prepare Perlite 2-5 mm before mixing' => 'Wet it', 'Keyboard shortcuts' => 'Show this list',
        'Place and care …' => 'Somebody really comes by', 'Root ball, zones, objects …' => 'Over the holes alone',
    ]],
    'Find a mix' => ['/blend/find', 'Say for which plant'],
    'The first questions' => ['/start', 'What do you want to pot?'],
    'The first questions, a place' => ['/start?step=place', 'Where does it stand?'],
    'Comparison' => ['/blend/compare', 'Add something to set beside it.'],
    'Sites and plants' => ['/blend/library', '4 entries', ['Add a site' => 'Coldest']],
    'Bins' => ['/bins', '35 entries', ['Add a component' => 'Grain sizes', 'Add a mix' => 'What is in it', 'Files in and out' => 'Empty template']],
    'Component' => ['/bins/9', 'How long it lasts'],
    'Delivery and tests' => ['/bins/1', 'P-autumn', ['Take in a delivery' => 'Mark on the sack', 'Correct the stock' => 'There are now']],
    'Mix in a bin' => ['/bins/34', 'What is in it'],
    'Bench' => ['/bench', 'A place to begin', ['Start: Sieve analysis' => 'You need']],
    'How true' => ['/bench/truth', 'told apart'],
    'Test done' => ['/bench/tests/2', 'What it changes'],
    'Scoops and sieves' => ['/bench/tools', 'Bench scale', ['Add a scoop or tub' => 'Water that fills it weighs']],
    'Pots' => ['/pots', '8 entries', ['Add a pot' => 'Outlet', 'Edit Moss bowl 20' => 'Checks']],
    'Today' => ['/today', 'Running low'],
    'Calendar' => ['/calendar', 'Open tasks of this month'],
    'Plants' => ['/plants', '21 entries', ['Add a plant' => 'Plan over the years']],
    'Plant' => ['/plants/5', 'What the stick should look like', ['Look at the roots' => 'The old mix', 'Out of turn' => 'Leave undone', 'Measure it' => 'How it is']],
    'Fertilisers' => ['/fertilisers', '3 entries'],
    'Potting days' => ['/days', '2 entries'],
    'Potting day' => ['/days/1', '12 entries', ['Change T-001 Gate pine' => 'What comes of it', 'Choose plants' => 'Due only']],
    'Potting at the bench' => ['/days/1/bench', 'Load is mixed'],
    'Round' => ['/season', 'to see to by tomorrow', ['The way round' => 'A can holds', 'T-014 Olive at the door: Look…' => 'A stick tells of the place']],
    'Round by place' => ['/season?by=place', 'to see to by tomorrow'],
    'Irrigation' => ['/season/zones', 'Minutes and times by season', ['Add a zone' => 'How even the line is']],
    'Weather' => ['/season/weather', 'Foretold', ['File' => 'Empty template']],
    'Log' => ['/log', 'Batch worked out'],
    'Log, batches' => ['/log?view=batches', '2 entries'],
    'Sheet' => ['/log/1', 'Not mixed yet'],
    'How mixes turned out' => ['/log/mixes?mix=2&beside=6', 'How long it lasted'],
    'Trials' => ['/log/trials', 'How many plants?', ['Plan a trial' => 'Judged without knowing']],
    'Trial' => ['/log/trials/1', 'What came out'],
    'How right' => ['/log/right', 'The model fitted to this yard'],
    'Trainer' => ['/log/trainer', 'What would help it most?'],
    'People' => ['/people', 'This installation'],
]);

test('no view of a mix has a fault of accessibility', function (): void {
    $this->openWithMix('/blend');
    foreach (['Will it fit', 'Profile', 'Retention', 'Depth', 'Packing', 'Years', 'Water', 'A year by days', 'Trade', 'Triangle', 'Figures'] as $view) {
        $this->view($view);
        $this->waitFor('//div[@data-view][@aria-busy="false"]//*[name()="svg"][@role] | //section[@aria-label="Pot section"]//dl');
        $this->settle();
        expect($this->accessibilityFaults())->toBe([], $view);
    }
});

test('at the bench nothing is cut off and what is pressed is large', function (string $path, string $ready): void {
    $this->chrome()->resize(390, 844);
    $this->openWithMix($path);
    $this->see($ready);
    $this->settle();
    expect($this->chrome()->driver->executeScript('return document.documentElement.scrollWidth'))->toBeLessThanOrEqual(390);
    foreach ($this->chrome()->driver->findElements(WebDriverBy::cssSelector('[class*="__parts-stepper"] button, [class*="__parts-remove"], [class*="__parts-prepare"], [class*="__test-foot"] button')) as $button) {
        expect($button->getSize()->getHeight())->toBeGreaterThanOrEqual(44)->and($button->getSize()->getWidth())->toBeGreaterThanOrEqual(44);
    }
})->with([['/season?by=place', 'to see to by tomorrow'], ['/season/weather', 'Foretold'], ['/blend', 'Verdicts'], ['/bins', '35 entries'], ['/bins/9', 'How long it lasts'], ['/pots', '8 entries'], ['/log/1', 'Not mixed yet'], ['/bench', 'A place to begin'], ['/bench/truth', 'told apart'], ['/bench/tools', 'Bench scale'], ['/bench/tests/2', 'What it changes'], ['/bins/1', 'P-autumn'], ['/blend/card', 'There is no mix'], ['/blend/library', '4 entries'], ['/today', 'Running low'], ['/start', 'What do you want to pot?'], ['/start?step=have', 'What do you have?'], ['/plants/5', 'What the stick should look like'], ['/days/1/bench', 'Load is mixed']]);

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
