<?php

declare(strict_types=1);

/** @return list<string> what a question to the yard's database answers */
function seasonRows(object $test, string $sql): array
{
    return array_map(strval(...), (new PDO('sqlite:'.$test->database()))->query($sql)->fetchAll(PDO::FETCH_COLUMN));
}

/** @param callable(): bool $is */
function seasonUntil(callable $is): void
{
    for ($i = 0; $i < 100 && ! $is(); ++$i) {
        usleep(100_000);
    }
    expect($is())->toBeTrue();
}

test('a round on the phone: one is watered, a place at once, and it is taken back', function (): void {
    $this->chrome()->resize(390, 844);
    $this->open('/season');
    $this->see('to see to by tomorrow');
    expect($this->chrome()->driver->executeScript('return document.documentElement.scrollWidth'))->toBeLessThanOrEqual(390);
    $this->waitFor('//button[@aria-label="T-017 Second jade: watered"]')->click();
    $this->see('T-017 Second jade is watered.');
    $this->waitFor('//li[@data-plant="17"][not(contains(.,"Nobody said"))]//strong[contains(.,"left") or contains(.,"weeks")]');
    $this->waitFor('//label[contains(@class,"ant-segmented-item")][.="Place by place"]')->click();
    $before = count(seasonRows($this, 'SELECT id FROM moisture_checks'));
    $this->waitFor('//button[@aria-label="Watered all 3 here: Glasshouse"]')->click();
    $this->see('3 plants are watered: Glasshouse.');
    expect(count(seasonRows($this, 'SELECT id FROM moisture_checks')))->toBe($before + 2);
    $this->waitFor('//div[contains(@class,"ant-message")]//button[.="Undo"]')->click();
    seasonUntil(fn(): bool => count(seasonRows($this, 'SELECT id FROM moisture_checks')) < $before + 2);
})->group('job');

test('a stick corrects what is thought, and a heat wave shortens what is left', function (): void {
    $this->open('/season');
    $row = '//li[@data-plant="14"]';
    $this->waitFor($row);
    $holds = fn(): string => $this->waitFor($row.'//small[contains(.,"easy water")]')->getText();
    $before = $holds();
    $this->waitFor('//button[@aria-label="T-014 Olive at the door: Look…"]')->click();
    $this->waitFor('//div[@role="dialog"]//button[.="pale"]')->click();
    $this->waitFor('//div[@role="dialog"]//button[.="Only looked"]')->click();
    $this->waitUntilGone('//div[contains(@class,"ant-drawer-mask")]');
    $this->waitFor($row.'//small[contains(.,"easy water")][not(.="'.$before.'")]');
    expect(seasonRows($this, 'SELECT look FROM moisture_checks ORDER BY id DESC LIMIT 1'))->toBe(['pale']);
    $this->open('/bench/tools');
    $this->waitFor('//*[.="Heat wave"]')->click();
    seasonUntil(fn(): bool => str_contains(seasonRows($this, "SELECT state FROM instruments WHERE key = 'weather_station'")[0] ?? '', 'heat_wave'));
    $this->open('/season/weather');
    $this->waitFor('(//section)[1]//tbody/tr[7]/td[4]');
    $column = fn(int $i): array => $this->chrome()->driver->executeScript('return [...document.querySelector("main section").querySelectorAll(`tbody tr td:nth-of-type(${arguments[0]})`)].map((cell) => parseFloat(cell.textContent.split("… ").pop()));', [$i]);
    [$high, $usual] = [$column(2), $column(4)];
    expect($high)->toHaveCount(7);
    expect(array_sum($high) / 7)->toBeGreaterThan(array_sum($usual) / 7 + 3);
});

test('nobody comes in July: worst first, and what helps one of them', function (): void {
    $this->open('/season/away?days=7&from='.(date('Y') + 1).'-07-10');
    $this->see('come into want in the middle year');
    $this->waitFor('(//tbody/tr)[1]//td[contains(.,"day")]');
    expect($this->accessibilityFaults())->toBe([]);
    $this->waitFor('(//button[starts-with(@aria-label,"What helps")])[2]')->click();
    $this->see('As it stands');
    $this->see('Somebody must come every');
    expect($this->accessibilityFaults())->toBe([]);
    $this->open('/season/away?days=3&from='.(date('Y') + 1).'-12-20');
    $this->see('No pot comes into want');
})->group('job');

test('a pot goes through a year, by days and keys, and a way of watering beside it', function (): void {
    $this->open('/season/year?plant=9');
    $this->see('Days of want');
    $slider = $this->waitFor('//input[@type="range"]');
    $this->chrome()->driver->executeScript('arguments[0].focus();', [$slider]);
    $this->chrome()->driver->getKeyboard()->sendKeys(Facebook\WebDriver\WebDriverKeys::ARROW_RIGHT);
    $this->see('in the middle year');
    $this->waitFor('//label[contains(@class,"ant-segmented-item")][.="Nobody comes"]')->click();
    $this->waitFor('//p[contains(.,"In want on")]');
    $this->click('Beside another way of watering');
    $this->waitFor('(//p[contains(.,"This serves")])[1]');
    expect($this->accessibilityFaults())->toBe([]);
})->group('job');

test('a zone is opened by a tap, its plan goes to the controller, and a pot is taken off its line', function (): void {
    $this->open('/season/zones');
    $this->see('Minutes and times by season');
    $this->see('The controller has no plan for this zone.');
    $this->waitFor('//button[@aria-label="To the controller: summer"]')->click();
    $this->see('The controller waters');
    $this->type('Open now for', '4');
    $before = count(seasonRows($this, 'SELECT id FROM moisture_checks'));
    $this->click('Open now');
    $this->see('Open until');
    seasonUntil(fn(): bool => count(seasonRows($this, 'SELECT id FROM moisture_checks')) === $before + 5);
    $this->click('Shut');
    $this->waitUntilGone('//strong[contains(.,"Open until")]');
    $this->click('Edit Shade house line');
    $this->waitFor('//button[@aria-label="Take T-018 Beech by the steps off the line"]')->click();
    $this->waitFor('//div[contains(@class,"ant-drawer-footer")]//button[.="Save"]')->click();
    $this->see('Shade house line is saved.');
    expect(seasonRows($this, 'SELECT count(*) FROM irrigation_zone_pots'))->toBe(['4']);
})->group('job');

test('a word of a note is found from anywhere, by keys', function (): void {
    $this->open('/bins');
    $this->see('35 entries');
    $this->chrome()->driver->getKeyboard()->sendKeys([Facebook\WebDriver\WebDriverKeys::CONTROL, 'k']);
    $this->waitFor('//input[@role="combobox"][@aria-label="Look for"]');
    seasonUntil(fn(): bool => $this->chrome()->driver->executeScript('return document.activeElement.getAttribute("aria-label")') === 'Look for');
    $this->chrome()->driver->getKeyboard()->sendKeys('two new shoots');
    $this->waitFor('//li[@role="option"][contains(.,"T-013 Larch from the ditch")]');
    $this->settle();
    expect($this->accessibilityFaults())->toBe([]);
    $this->chrome()->driver->getKeyboard()->sendKeys(Facebook\WebDriver\WebDriverKeys::ENTER);
    $this->see('Larch from the ditch');
    expect($this->chrome()->driver->getCurrentURL())->toEndWith('/plants/13');
});
