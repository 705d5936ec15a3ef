<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;

test('no place has a fault of accessibility, in bright and in dim light', function (string $path, string $ready, bool $dim): void {
    $this->open('/blend');
    if ($dim) {
        $this->click('Dim light');
    }
    $this->click('Liners');
    $this->waitUntilFresh();
    $this->open($path);
    $this->see($ready);
    usleep(400_000);
    expect($this->accessibilityFaults())->toBe([]);
})->with([
    'Blend' => ['/blend', 'Verdicts'],
    'Bins' => ['/bins', '32 entries'],
    'Component' => ['/bins/9', 'How long it lasts'],
    'Pots' => ['/pots', '8 entries'],
    'Log' => ['/log', '2 entries'],
    'Sheet' => ['/log/1', 'Each of'],
])->with(['bright' => [false], 'dim' => [true]]);

test('dialogs have no fault of accessibility', function (string $path, string $button, string $ready): void {
    $this->open('/blend');
    $this->click('Liners');
    $this->waitUntilFresh();
    $this->open($path);
    $this->click($button);
    $this->see($ready);
    usleep(500_000);
    expect($this->accessibilityFaults())->toBe([]);
})->with([
    ['/blend', 'Work out a batch', 'L loose'],
    ['/blend', 'Save', 'Name of the recipe'],
    ['/bins', 'Add a component', 'Grain sizes'],
    ['/pots', 'Add a pot', 'Outlet'],
    ['/blend', 'Keyboard shortcuts', 'Show this list'],
]);

test('at the bench nothing is cut off and what is pressed is large', function (string $path, string $ready): void {
    $this->open('/blend');
    $this->click('Liners');
    $this->waitUntilFresh();
    $this->chrome()->resize(390, 844);
    $this->open($path);
    $this->see($ready);
    usleep(200_000);
    expect($this->chrome()->driver->executeScript('return document.documentElement.scrollWidth'))->toBeLessThanOrEqual(390);
    foreach ($this->chrome()->driver->findElements(WebDriverBy::cssSelector('.parts-stepper button, .parts-remove')) as $button) {
        expect($button->getSize()->getHeight())->toBeGreaterThanOrEqual(44)->and($button->getSize()->getWidth())->toBeGreaterThanOrEqual(44);
    }
})->with([['/blend', 'Verdicts'], ['/bins', '32 entries'], ['/bins/9', 'How long it lasts'], ['/pots', '8 entries'], ['/log/1', 'Each of']]);

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
