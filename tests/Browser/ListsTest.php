<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;

test('a component of one\'s own is entered, corrected and used', function (): void {
    $this->open('/bins');
    $this->click('Add a component');
    $this->pick('Start from the figures of', 'Horticultural grit');
    $this->type('Name', 'Pit gravel');
    $this->type('In stock', '30');
    $this->type('A pack holds', '25');
    $this->type('Price per pack', '7,50');
    $this->type('Loose, dry', '2,7');
    $this->click('Save');
    $this->see('Loose bulk density must be below the density of the grains (2.6 kg/L), not 2.7.');
    expect($this->field('Name')->getAttribute('value'))->toBe('Pit gravel')->and($this->field('Loose, dry')->getAttribute('value'))->toBe('2,7');
    $this->type('Loose, dry', 'heavy');
    $this->click('Save');
    $this->see('Type a number, such as 2 or 1.5.');
    $this->type('Loose, dry', '1,52');
    $this->click('Save');
    $this->see('Pit gravel is saved.');
    $this->see('36 entries');

    $this->open('/blend');
    $this->pick('Add a component', 'Pit gravel');
    $this->waitUntilFresh();
    $this->see('100%');
})->group('job');

test('of a typical component stock and price are one\'s own, the rest is copied', function (): void {
    $this->open('/bins');
    $this->click('Edit Zeolite 2-5 mm');
    expect($this->field('Loose, dry')->isEnabled())->toBeFalse();
    $this->type('In stock', '18');
    $this->click('Save');
    $this->see('Zeolite 2-5 mm is saved.');
    $this->click('Edit Zeolite 2-5 mm');
    $this->click('Copy as my own');
    $this->waitFor('//input[@value="Zeolite 2-5 mm, own"]');
    $this->click('Save');
    $this->see('Zeolite 2-5 mm, own is saved.');
});

test('lists are searched, filtered and sorted', function (): void {
    $this->open('/bins');
    $this->see('35 entries');
    $this->press('/');
    $this->press('bark');
    $this->see('3 entries');
    $this->press('zzz');
    $this->see('Nothing here by that name.');
    $this->type('Search by name', '');
    $this->waitFor('//label[contains(.,"Only in stock")]')->click();
    $this->see('14 entries');
    $this->waitFor('//tr[contains(@class,"ant-table-row")][1][contains(.,"Pumice")]');
    $this->waitFor('//th[contains(.,"Loose, kg/L")]')->click();
    $this->waitFor('//tr[contains(@class,"ant-table-row")][1][contains(.,"Coir")]');
})->group('job');

test('a pot is drawn while it is typed and refused where it cannot be', function (): void {
    $this->open('/pots');
    $this->see('8 entries');
    $this->press('n');
    $this->type('Name', 'Salt pan');
    $this->type('Inner depth', '0');
    $this->type('Width at the rim', '24');
    $this->type('Width at the floor', '20');
    $this->see('This must be from 0.01 to 500, not 0.');
    $this->click('Save');
    $this->see('Please look at the marked fields.');
    $this->type('Inner depth', '8');
    $this->waitFor('//*[name()="svg"][@aria-label="Outline of the pot, 3.05 L when full"]');
    $this->click('Save');
    $this->see('Salt pan is saved.');
    $this->see('9 entries');
    $this->click('Archive Salt pan');
    $this->see('Salt pan is in the archive.');
    $this->waitFor('//*[contains(@class,"ant-message")]//button[normalize-space(.)="Undo"]')->click();
    $this->see('9 entries');
    $this->click('Blend for it Salt pan');
    $this->see('Salt pan');
});

test('an address that leads nowhere says so', function (): void {
    $this->open('/somewhere');
    $this->see('There is nothing at /somewhere.');
    $this->open('/log/987');
    $this->see('There is no batch with the id 987.');
});

test('the mixing sheet prints on one page of A4', function (): void {
    $this->open('/log/1');
    $this->see('Autumn maples, oval trays');
    $pdf = base64_decode((string) $this->chrome()->devtools('Page.printToPDF', ['preferCSSPageSize' => true])['data'], true);
    expect(preg_match_all('~/Type\s*/Page\b~', (string) $pdf))->toBe(1)
        ->and(preg_match('~/MediaBox \[0 0 59[45](\.\d+)? 84[12](\.\d+)?\]~', (string) $pdf))->toBe(1);
    $this->chrome()->devtools('Emulation.setEmulatedMedia', ['media' => 'print']);
    $shown = array_filter($this->chrome()->driver->findElements(WebDriverBy::cssSelector('nav, [class*="__sheet-tools"]')), static fn($element): bool => $element->isDisplayed());
    $this->chrome()->devtools('Emulation.setEmulatedMedia', ['media' => '']);
    expect($shown)->toBe([]);
})->group('job');

test('components are opened, read and compared side by side', function (): void {
    $this->open('/bins');
    $this->click('Perlite 2-5 mm');
    $this->see('floats when dry: wet it first, cover the surface');
    $this->waitFor('//*[name()="svg"][starts-with(@aria-label,"Grading curve. Perlite 2-5 mm: D50 3.4 mm")]');
    $this->see('Recipe Liners');
    $this->click('Back to Bins');
    foreach (['Perlite 2-5 mm', 'Coir pith'] as $name) {
        $this->waitFor("//input[@aria-label='Compare $name']/..")->click();
    }
    $this->click('Compare 2');
    $this->see('Side by side');
    $this->waitFor('//tr[th[.="Weight, dry"]][td[1][contains(.,"0.1 kg/L")]][td[2][contains(.,"0.08 kg/L")]]');
    expect($this->accessibilityFaults())->toBe([]);
    $this->open('/bins/987');
    $this->see('There is no component with the id 987.');
});
