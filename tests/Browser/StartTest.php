<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;

// from nothing to a mixing sheet: on a phone, with three sacks, one oval pot and a larch, in a yard where nothing was written down yet

/** Counts what a hand does: taps, and fields that are typed into. */
final class CountedHand
{
    public int $taps = 0;
    public int $fields = 0;

    public function tap(string $name): void
    {
        $button = test()->waitFor('//button[contains(normalize-space(.),"'.$name.'")]');
        test()->chrome()->driver->executeScript('arguments[0].scrollIntoView({ block: "center" })', [$button]);
        $button->click();
        ++$this->taps;
    }

    public function type(string $label, string $text): void
    {
        test()->waitFor("//label[contains(.,'$label')]/following::input[1]")->sendKeys($text);
        ++$this->fields;
    }
}

/** How far the page can be pushed sideways. */
function sideways(): int
{
    return (int) test()->chrome()->driver->executeScript('return document.documentElement.scrollWidth - document.documentElement.clientWidth');
}

test('from an empty yard to a printed sheet takes at most twelve taps and six fields', function (): void {
    $this->emptyYard();
    $this->chrome()->resize(390, 844);
    $hand = new CountedHand();
    $this->open('/');
    $this->see('What do you want to pot?');
    expect($this->chrome()->driver->getCurrentURL())->toEndWith('/start')->and($this->accessibilityFaults())->toBe([])->and(sideways())->toBe(0);
    $this->waitFor('//input[@type="search"]')->sendKeys('larch');
    ++$hand->fields;
    $hand->tap('Larch');
    $this->see('What pot?');
    $hand->tap('Oval');
    $hand->type('Length inside', '34');
    $hand->type('Width inside', '26');
    $hand->type('Depth inside', '7');
    expect($this->accessibilityFaults())->toBe([])->and(sideways())->toBe(0);
    $hand->tap('Next');
    $this->see('Where does it stand?');
    $this->waitFor('(//button//*[name()="svg"][@role="img"])[24]');
    expect($this->accessibilityFaults())->toBe([])->and(sideways())->toBe(0);
    $hand->tap('Cool hills');
    $this->see('How often does somebody water in summer?');
    expect($this->accessibilityFaults())->toBe([]);
    $hand->tap('Every day');
    $this->see('What do you have?');
    foreach (['Pumice 3-6 mm', 'Lava (scoria) 3-6 mm', 'Composted bark fine 2-8 mm'] as $sack) {
        $hand->tap($sack);
    }
    $this->see('3 ticked');
    expect($this->accessibilityFaults())->toBe([])->and(sideways())->toBe(0);
    $hand->tap('Find mixes');
    $this->waitFor('//li[starts-with(@aria-label,"Mix 1: ")]//*[name()="svg"]', 60);
    $this->waitFor('//*[contains(.,"recipes looked at")]', 60);
    // one sentence on the water, and nothing but what was ticked
    expect($this->text())->toMatch('/in summer|in a heat wave/');
    $names = implode(' ', array_map(static fn($row): string => (string) $row->getAttribute('aria-label'), $this->chrome()->driver->findElements(WebDriverBy::xpath('//li[starts-with(@aria-label,"Mix ")]'))));
    expect(preg_replace('/Mix \d+: |\d+ (Pumice 3-6 mm|Lava \(scoria\) 3-6 mm|Composted bark fine 2-8 mm)|[, ]/', '', $names))->toBe('');
    $this->waitUntilGone('//*[@aria-busy="true"]', 60);
    $hand->tap('Mixing sheet');
    $this->see('Worked out');
    expect($this->chrome()->driver->getCurrentURL())->toContain('/log/')->and(sideways())->toBe(0);
    // a browser without a monitor has no dialog to print from
    $this->chrome()->driver->executeScript('window.print = () => { document.body.dataset.printed = "yes"; };');
    $hand->tap('Print');
    expect($this->chrome()->driver->executeScript('return document.body.dataset.printed'))->toBe('yes');
    expect($this->pages())->toBe(1);
    expect($hand->taps)->toBeLessThanOrEqual(12)->and($hand->fields)->toBeLessThanOrEqual(6);
    expect($this->chrome()->complaints())->toBe([]);
})->group('job');

test('a yard with something in it opens on what the day asks for, and the questions can be opened again', function (): void {
    $this->open('/');
    $this->waitFor('//h1[contains(.,"Today")]');
    $this->chrome()->driver->findElement(WebDriverBy::xpath('//button[@aria-label][normalize-space(.)="?"]'))->click();
    $this->click('Open the first questions');
    $this->see('What do you want to pot?');
    // what the yard has stands before what is typed
    $this->click('Skip');
    $this->see('One of the yard');
});
