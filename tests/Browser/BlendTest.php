<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

test('from a recipe to the mixing sheet', function (): void {
    $this->open('/blend');
    $this->see('What goes into the tub?');
    $this->click('Ridge pines');
    $this->waitUntilFresh();
    $this->pick('Pot', 'Rectangle 40');
    $this->waitUntilFresh();
    $this->unfold();
    $this->waitFor('//li[contains(@class,"verdict-good")][contains(.,"Pines and junipers in this pot want 14% to 38%.")]');
    $before = $this->verdict('Reaction (pH)');

    $this->click('One part more of Composted bark fine 2-8 mm');
    $this->click('One part more of Composted bark fine 2-8 mm');
    $this->click('One part more of Composted bark fine 2-8 mm');
    $this->waitUntilFresh();
    expect($this->verdict('Reaction (pH)'))->not->toBe($before);

    $this->click('Work out a batch');
    $this->type('Number of pots', '12');
    $this->type('Root ball kept', '40');
    $this->type('Spare', '5');
    $this->type('Tub holds', '45');
    $this->type('Scoop holds', '2');
    $this->see('in 12 pots');
    $this->waitFor('//section[contains(@class,"batch-figures")][@aria-busy="false"]');
    $loose = $this->waitFor('//p[contains(@class,"batch-loose")]/strong')->getText();
    expect($loose)->toMatch('/^\d+(\.\d)? L loose$/');
    $this->type('Name of the batch', 'Pines for the wall');
    $this->click('Save and open the mixing sheet');

    $this->see('Pines for the wall');
    $this->see('12 pots: Rectangle 40');
    $this->see('may hold crystalline silica');
    expect($this->text())->toContain(strtok($loose, ' ').' L');
    $this->click('Back to the log');
    $this->see('Pines for the wall');
    $this->open('/log?view=batches');
    $this->see('3 entries');
    expect($this->chrome()->complaints())->toBe([]);
})->group('job');

test('the whole job by keyboard alone', function (): void {
    $this->open('/blend');
    $this->waitFor('//button[.="Liners"]');
    $this->press('a');
    $this->press('perlite');
    $this->waitFor('//div[contains(@class,"ant-select-item-option-active")][contains(.,"Perlite")]');
    $this->press(WebDriverKeys::ENTER);
    $this->waitFor('//input[@aria-label="Parts of Perlite 2-5 mm"]');
    $this->press('bark fine');
    $this->waitFor('//div[contains(@class,"ant-select-item-option-active")][contains(.,"Composted bark fine")]');
    $this->press(WebDriverKeys::ENTER);
    $bark = $this->waitFor('//input[@aria-label="Parts of Composted bark fine 2-8 mm"]');
    $this->press(WebDriverKeys::ESCAPE);
    for ($i = 0; $i < 8; ++$i) {
        $this->press(WebDriverKeys::SHIFT, WebDriverKeys::TAB);
        if ($this->chrome()->driver->switchTo()->activeElement()->getAttribute('aria-label') === $bark->getAttribute('aria-label')) {
            break;
        }
    }
    $this->press(WebDriverKeys::ARROW_UP, WebDriverKeys::ARROW_UP);
    expect($bark->getAttribute('value'))->toBe('3');
    $this->press(WebDriverKeys::SHIFT, WebDriverKeys::ARROW_DOWN);
    expect($bark->getAttribute('value'))->toBe('2.5');
    $this->waitUntilFresh();
    $this->press(WebDriverKeys::CONTROL, 'z');
    expect($bark->getAttribute('value'))->toBe('3');
    $this->press(WebDriverKeys::CONTROL, 'y');
    expect($bark->getAttribute('value'))->toBe('2.5');

    $this->press(WebDriverKeys::CONTROL, 's');
    $this->waitForFocusOn('Name of the recipe');
    $this->press('Light bark', WebDriverKeys::ENTER);
    $this->see('Light bark is saved.');
    $this->waitUntilGone('//div[contains(@class,"ant-modal-wrap")]');
    $this->chrome()->driver->executeScript('document.activeElement.blur()');
    $this->press('b');
    $this->waitFor('//section[contains(@class,"batch-figures")][@aria-busy="false"]');
    $focused = fn() => $this->chrome()->driver->switchTo()->activeElement();
    for ($i = 0; $i < 40 && ! ($focused()->getTagName() === 'button' && str_contains($focused()->getText(), 'Save and open')); ++$i) {
        $this->press(WebDriverKeys::TAB);
    }
    $this->press(WebDriverKeys::ENTER);
    $this->see('Light bark, Deep round 16');
    $this->press(WebDriverKeys::ALT, '3');
    $this->waitFor('//h1[.="Bins"]');
    $this->press('?');
    $this->see('Undo the last change of the mix');
})->group('job');

test('what cannot be is said at its field, the picture stays and so does what was typed', function (): void {
    $this->open('/blend');
    $this->click('Brook maples');
    $this->waitUntilFresh();
    foreach (['-2' => 'This must be from 0 to 1000, not -2.', '10000' => 'This must be from 0 to 1000, not 10000.', '' => 'Type a number, such as 2 or 1.5.', 'some' => 'Type a number, such as 2 or 1.5.'] as $typed => $message) {
        $this->type('Parts of Pumice 3-6 mm', (string) $typed);
        $this->see($message);
        $this->waitFor('//section[@aria-label="Pot section"][@aria-busy="true"]//*[name()="svg"][@role="img"]');
        $this->see('Picture of the mix before: mend the marked field.');
        expect($this->field('Parts of Pumice 3-6 mm')->getAttribute('value'))->toBe((string) $typed)
            ->and($this->field('Parts of Pumice 3-6 mm')->getAttribute('aria-invalid'))->toBe('true');
        $this->type('Parts of Pumice 3-6 mm', '2,5');
        $this->waitUntilFresh();
        expect($this->chrome()->driver->findElements(WebDriverBy::cssSelector('[class*="__field-error"]')))->toBe([], $message);
    }
})->group('job');

test('a drainage layer as thick as the pot is refused at its field', function (): void {
    $this->open('/blend');
    $this->click('Brook maples');
    $this->pick('no layer', 'Granite chip');
    $this->waitUntilFresh();
    $this->see('Without the layer: air');
    $this->type('Thickness', '30');
    $this->see('At least 0.5 cm must be left for roots');
    expect($this->field('Thickness')->getAttribute('value'))->toBe('30');
});

test('a stale answer is never shown as fresh, and typing is never blocked', function (): void {
    $this->open('/blend');
    $this->click('Brook maples');
    $this->waitUntilFresh();
    $picture = $this->waitFor('//*[name()="svg"][contains(@class,"pot-section")]')->getAttribute('aria-label');
    $this->chrome()->devtools('Network.enable');
    $this->chrome()->devtools('Network.emulateNetworkConditions', ['offline' => false, 'latency' => 3000, 'downloadThroughput' => -1, 'uploadThroughput' => -1]);
    try {
        $this->type('Parts of Pumice 3-6 mm', '9');
        $this->see('Working it out');
        $this->waitFor('//section[@aria-label="Pot section"][@aria-busy="true"]');
        expect($this->waitFor('//*[name()="svg"][contains(@class,"pot-section")]')->getAttribute('aria-label'))->toBe($picture);
        $this->type('Parts of Pumice 3-6 mm', '7');
        expect($this->field('Parts of Pumice 3-6 mm')->getAttribute('value'))->toBe('7');
        $this->waitUntilFresh();
        expect($this->waitFor('//*[name()="svg"][contains(@class,"pot-section")]')->getAttribute('aria-label'))->not->toBe($picture);
    } finally {
        $this->chrome()->devtools('Network.emulateNetworkConditions', ['offline' => false, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1]);
    }
});

test('without an answer it says so and keeps what is there', function (): void {
    $this->open('/blend');
    $this->click('Brook maples');
    $this->waitUntilFresh();
    $this->chrome()->devtools('Network.enable');
    $this->chrome()->devtools('Network.emulateNetworkConditions', ['offline' => true, 'latency' => 0, 'downloadThroughput' => 0, 'uploadThroughput' => 0]);
    try {
        $this->type('Parts of Pumice 3-6 mm', '9');
        $this->see('Zolbek does not answer.');
        $this->see('Picture of the mix before: no answer.');
    } finally {
        $this->chrome()->devtools('Network.emulateNetworkConditions', ['offline' => false, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1]);
    }
    $this->type('Parts of Pumice 3-6 mm', '8');
    $this->waitUntilFresh();
});

test('a mend does what it promises', function (): void {
    $this->open('/blend');
    $this->click('Liners');
    $this->pick('Plant', 'Desert and swollen');
    $this->waitUntilFresh();
    $this->waitFor('//li[contains(@class,"verdict-stop") or contains(@class,"verdict-mind")]//button[.="Try it"]');
    $mend = $this->waitFor('//li[contains(@class,"verdict")][.//button[.="Try it"]]');
    $name = $mend->findElement(WebDriverBy::cssSelector('[class*="__verdict-name"]'))->getText();
    $promised = $mend->findElement(WebDriverBy::xpath('.//li[.//button]//span[contains(@class,"mend-gives")]'))->getText();
    $mend->findElement(WebDriverBy::xpath('.//button[.="Try it"]'))->click();
    $this->settle();
    $this->waitUntilFresh();
    expect('then '.$this->verdict($name))->toBe($promised);
    $this->click('Undo');
    $this->waitUntilFresh();
    expect('then '.$this->verdict($name))->not->toBe($promised);
})->group('job');

test('an archived component is named at its row, and comes back', function (): void {
    $this->open('/blend');
    $this->click('Ridge pines');
    $this->waitUntilFresh();
    $this->open('/bins');
    $this->click('Archive Charcoal 3-8 mm');
    $this->see('Charcoal 3-8 mm is in the archive.');
    $this->open('/blend');
    $this->see('Charcoal 3-8 mm is archived.');
    $this->open('/bins');
    $this->waitFor('//div[contains(@class,"ant-segmented-item")][.="Archive"]')->click();
    $this->click('Take back Charcoal 3-8 mm');
    $this->see('The archive is empty.');
    $this->open('/blend');
    $this->waitUntilFresh();
});

test('the same mix always draws the same picture', function (): void {
    $draw = function (): string {
        $this->open('/blend');
        $this->waitUntilFresh();

        return $this->chrome()->driver->executeScript('return [...document.querySelectorAll("[class*=__pot-section] path")].map((path) => path.getAttribute("d")).join()');
    };
    $this->open('/blend');
    $this->click('Orchard pots');
    $this->waitUntilFresh();
    $once = $draw();
    expect($draw())->toBe($once)->and(strlen($once))->toBeGreaterThan(10_000);
});
