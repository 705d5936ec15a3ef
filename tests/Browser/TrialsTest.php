<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;

test('a trial goes from its plan to its result', function (): void {
    $this->open('/log/trials');
    $this->see('Bark or no bark for young maples');
    $this->type('Difference that is worth seeing', '0.5');
    $this->see('63 in each group');
    $this->click('Plan a trial');
    $this->type('Name', 'Grit against bark');
    $this->pick('Number 1', 'Ridge pines');
    $this->pick('Number 2', 'Brook maples');
    $this->waitFor('//label[contains(.,"Count what came since the first day")]')->click();
    $this->pick('Add all of a place', 'Shade house');
    $this->see('5 plants');
    $this->waitFor('//label[contains(.,"Judged without knowing")]')->click();
    $this->click('Save');
    $this->see('5 plants wait to be given out');
    $this->click('Give the plants out by chance');
    $this->see('hidden until the end');
    expect($this->text())->not->toContain('Ridge pines');
    $inputs = $this->chrome()->driver->findElements(WebDriverBy::xpath('//table//input'));
    expect($inputs)->toHaveCount(5);
    foreach ($inputs as $i => $input) {
        $input->sendKeys($i === 4 ? 'thick' : (string) (20 + $i));
    }
    $keep = '//button[starts-with(normalize-space(.),"Keep the values of")]';
    $this->waitFor($keep)->click();
    $this->see('Type a number');
    // the one that was typed wrong stands there still, and is lost instead
    $this->type($inputs[4]->getAttribute('aria-label'), '');
    $this->waitFor($keep)->click();
    $this->see('values kept');
    $this->waitFor('(//button[normalize-space(.)="Lost …"])[5]')->click();
    $this->type('How it was lost', 'A mouse');
    $this->waitFor('//div[@role="dialog"]//button[normalize-space(.)="Save"]')->click();
    $this->see(': A mouse');
    expect($this->text())->not->toContain('Ridge pines');
    $this->click('End the trial');
    $this->see('What came out');
    $this->see('Ridge pines');
    $this->see('1 lost');
    $this->see('permutation test');
    $this->waitFor('//*[name()="svg"][@role="img"][contains(@aria-label,"by what was tried")]');
    $this->click('Labels');
    $this->waitFor('//button[normalize-space(.)="Print the labels"]');
    expect($this->pages())->toBe(1)->and($this->chrome()->complaints())->toBe([]);
})->group('job');

test('how mixes turned out is told of the demo yard: two side by side, and who stands in them', function (): void {
    $this->open('/log/mixes');
    $this->pick('Mix', 'Brook maples');
    $this->see('18 of 18');
    $this->pick('Set beside it', 'Old tub mix');
    $this->see('Took: Brook maples differs from Old tub mix');
    $this->see('Field maple, Shade house');
    $this->see('What else was different');
    $this->pick('All places', 'Orchard wall');
    $this->waitFor('//main//td[contains(.,"6 of 6")]');
    expect($this->chrome()->driver->executeScript('return location.search'))->toContain('place=Orchard+wall');
    $this->waitFor('//a[contains(.,"Young hornbeam")]')->click();
    $this->see('What it stood in');
    $this->see('Brook maples version 1');
})->group('job');

test('a plant is measured, drawn, and its mix leads to how it turned out', function (): void {
    $this->open('/plants/1');
    $this->click('Measure it');
    $this->type('Trunk', '64.5');
    $this->click('Save');
    $this->see('trunk 64.5 mm');
    $this->waitFor('//header//p[contains(.,"trunk")][contains(.,"64.5")]');
    $this->waitFor('//button[starts-with(@aria-label,"Take the measuring of")]')->click();
    $this->see('Taken back.');
    $this->waitFor('//header//p[contains(.,"trunk 62")]');
});

test('the model is fitted to the yard, switched on, and the verdicts go by it', function (): void {
    $this->openWithMix('/blend');
    $before = $this->verdict('Air after watering');
    $this->open('/log/right');
    $this->see('Air after draining');
    $this->click('Fit it to our tests');
    $this->see('Capillary hold');
    $this->click('Switch it on');
    $this->see('in use');
    $this->open('/blend');
    $this->waitUntilFresh();
    expect($this->verdict('Air after watering'))->not->toBe($before);
    $this->waitFor('//summary[.="How sure is this?"]')->click();
    $this->see('The model is fitted to this yard’s own tests.');
})->group('job');

test('a helper guesses a pot, and it is cut open', function (): void {
    $this->chrome()->resize(390, 844);
    $this->open('/log/trainer');
    $this->see('Pot 1');
    $this->click('Cut it open');
    $this->see('Choose one.');
    foreach (['Air after watering' => '20', 'Water runs through in' => '12', 'On a hot day it lasts' => '20'] as $field => $guess) {
        $this->type($field, $guess);
    }
    $this->waitFor('//label[normalize-space(.)="damp"]')->click();
    $this->waitFor('//label[normalize-space(.)="Nothing: it is well"]')->click();
    $this->click('Cut it open');
    $this->see('of 5 points');
    $this->waitFor('//*[name()="svg"][@role="img"][contains(@aria-label,"cut open")]');
    $this->see('over 1 pot');
    expect($this->chrome()->driver->executeScript('return document.documentElement.scrollWidth'))->toBeLessThanOrEqual(390);
});
