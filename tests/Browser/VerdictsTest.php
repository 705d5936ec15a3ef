<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;

function ratingWord(): string
{
    return test()->waitFor('//p[contains(@class,"rating-word")]/strong')->getText();
}

test('the word of the whole stands first, and lime mends raw peat', function (): void {
    $this->open('/blend');
    $this->pick('Plant', 'Seedlings');
    $this->pick('Pot', 'Liner tray cell');
    $this->pick('Site', 'Tessivale, upper yard');
    $this->pick('Add a component', 'Sphagnum peat');
    $this->pick('Add a component', 'Perlite');
    $this->type('Parts of Sphagnum peat', '3');
    $this->settle();
    $this->waitUntilFresh();
    expect(ratingWord())->toBe('Workable')->and($this->waitFor('//p[contains(@class,"rating-why")]')->getText())->toContain('reaction (pH)');
    $order = $this->chrome()->driver->executeScript('return document.querySelector("[class*=__rating]").compareDocumentPosition(document.querySelector(".verdicts"))');
    expect($order & 4)->toBe(4);

    $mends = $this->waitFor('//li[contains(@class,"verdict")][.//span[.="Reaction (pH)"]]//div[contains(@class,"mends")]');
    $first = $mends->findElement(WebDriverBy::xpath('.//li[1]'));
    expect($first->getText())->toStartWith('lime the Sphagnum peat to pH');
    $first->findElement(WebDriverBy::xpath('.//button'))->click();
    $this->see('limed to pH');
    $this->settle();
    $this->waitUntilFresh();
    $this->unfold();
    $this->waitFor('//li[contains(@class,"verdict-good")][.//span[.="Reaction (pH)"]]');
    expect($this->waitFor('//p[contains(@class,"rating-why")]')->getText())->not->toContain('reaction (pH)');
    $this->click('Work out a batch');
    $this->see('g of ground lime for');
    expect($this->chrome()->complaints())->toBe([]);
})->group('job');

test('the width of the crown is asked for where water is judged, and turns the verdict', function (): void {
    $this->open('/blend');
    $this->click('Brook maples');
    $this->pick('Pot', 'Oval tray 34');
    $this->pick('Site', 'Market garden');
    $this->settle();
    $this->waitUntilFresh();
    $this->see('the largest doubt here');
    $before = $this->verdict('Short of water in a hot spell');
    $this->type('Its crown is wide', 'wide');
    $this->see('Type a number');
    $this->type('Its crown is wide', '90');
    $this->settle();
    $this->waitUntilFresh();
    $this->see('Reckoned with 90 cm.');
    $after = $this->verdict('Short of water in a hot spell');
    expect((int) $after)->toBeGreaterThan((int) $before)->and(ratingWord())->toBe('Lethal');
    $this->click('Undo');
    $this->see('the largest doubt here');
});

test('every figure has its ±, and years are a range', function (): void {
    $this->open('/blend');
    $this->click('Ridge pines');
    $this->pick('Site', 'Tessivale, upper yard');
    $this->settle();
    $this->waitUntilFresh();
    $this->unfold();
    $spread = fn(string $name): string => $this->waitFor("//li[contains(@class,'verdict')][.//span[.='$name']]//small[contains(@class,'plus-minus')]")->getText();
    expect($spread('Air after watering'))->toMatch('/^± \d+%$/')
        ->and($spread('Run-through'))->toMatch('/^(± [\d.]+|[\d.]+ to [\d.]+)$/')
        ->and($spread('Weight when wet'))->toMatch('/^± [\d.]+$/');
    $this->unfold();
    $this->waitFor('//li[contains(@class,"verdict-good")][contains(.,"With ageing twice and half as fast: more than 8.")]');
})->group('job');

test('how true it is can be asked under Bench, misses first', function (): void {
    $this->open('/bench');
    $this->click('How true is this?');
    $this->see('45 of 46 sensible and bad mixes are told apart');
    $rows = fn(): int => count($this->chrome()->driver->findElements(WebDriverBy::cssSelector('[class*="__truth-cases"] tbody tr')));
    $off = $rows();
    expect($off)->toBeGreaterThan(0)->toBeLessThan(15);
    $this->waitFor('//label[contains(.,"Only where they differ")]')->click();
    expect($rows())->toBe(46);
    $this->see('misses');
    expect($this->chrome()->complaints())->toBe([]);
});

test('what changed for earlier mixes is told once, to all', function (): void {
    $database = new PDO('sqlite:'.$this->database());
    $database->exec("INSERT INTO settings (\"key\", value) VALUES ('model', '{\"recompute\":false,\"news\":true}')");
    unset($database);
    $this->open('/today');
    $this->see('Your mixes are judged differently from now on');
    $this->see('How true is this?');
    $this->click('Understood');
    $this->waitUntilGone('//section[contains(@class,"model-news")]');
    $this->open('/blend');
    $this->see('What goes into the tub?');
    expect($this->text())->not->toContain('judged differently');
});
