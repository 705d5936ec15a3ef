<?php

declare(strict_types=1);

use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\WebDriverBy;

test('a delivery is taken in, counted, tested and named in a batch', function (): void {
    $this->open('/bins/2');
    $this->see('Deliveries');
    $this->click('Take in a delivery');
    $this->type('Mark on the sack', 'L-9');
    $this->type('Quantity', '60');
    $this->waitFor('//div[contains(@class,"ant-modal-footer")]//button[.="Save"]')->click();
    $this->see('L-9 is saved.');
    $this->see('205 L in stock');
    $this->click('Correct the stock');
    $this->waitFor('//div[contains(@class,"ant-modal-body")]//label[.="Used"]')->click();
    $this->type('Litres', '900');
    $this->waitFor('//div[contains(@class,"ant-modal-footer")]//button[.="Save"]')->click();
    $this->see('There are only 205 L there; 900 L cannot be taken.');
    $this->type('Litres', '5');
    $this->waitFor('//div[contains(@class,"ant-modal-footer")]//button[.="Save"]')->click();
    $this->see('200 L in stock');
    $this->waitFor('//summary[.="Movements"]')->click();
    $this->see('−5 L');

    $this->open('/blend');
    $this->click('Ridge pines');
    $this->waitUntilFresh();
    $this->click('Work out a batch');
    $this->waitFor('//input[@aria-label="Delivery: Lava (scoria) 3-6 mm"]')->click();
    $this->waitFor('//div[contains(@class,"ant-select-item-option")][contains(.,"L-9")]')->click();
    $this->waitFor('//section[contains(@class,"batch-figures")][@aria-busy="false"]');
    $this->settle();
    $this->click('Save and open the mixing sheet');
    $this->see('delivery L-9');
})->group('job');

test('preparing is said on the row, weighed against not doing it, saved and put on the sheet', function (): void {
    $this->open('/blend');
    $this->click('Brook maples');
    $this->waitUntilFresh();
    $this->click('Prepare Pumice 3-6 mm before mixing');
    $this->type('Sieve off what is finer than', '4');
    $this->type('Sieve or pick out what is coarser than', '2');
    $this->see('The upper sieve must be coarser than the lower one (4 mm), not 2 mm.');
    $this->type('Sieve or pick out what is coarser than', '');
    $this->click('Done');
    $this->see('over 4 mm');
    $this->waitUntilFresh();
    $this->see('Is preparing worth it?');
    $this->see('57% kept, 43% thrown away');
    $this->click('Work out a batch');
    $this->see('From the bins');
    $this->waitFor('//section[contains(@class,"batch-figures")][@aria-busy="false"]');
    $this->click('Save and open the mixing sheet');
    $this->see('Prepare first');
    $this->see('of Pumice 3-6 mm from the bin, over 4 mm');
});

test('a premix is made of the shelf, used like one thing, and cannot stand in itself', function (): void {
    $this->open('/bins');
    $this->click('Add a mix');
    $this->type('Name', 'Double starter');
    $this->pick('Add to the mix', 'Yard starter');
    $this->pick('Add to the mix', 'Charcoal');
    $this->type('Parts of Charcoal 3-8 mm', '0,5');
    $this->type('In stock', '40');
    $this->waitFor('//div[contains(@class,"ant-drawer-footer")]//button[.="Save"]')->click();
    $this->see('Double starter is saved.');
    $this->type('Search by name', 'starter');
    $this->see('2 entries');
    $this->click('Edit Yard starter');
    $this->pick('Add to the mix', 'Double starter');
    $this->waitFor('//div[contains(@class,"ant-drawer-footer")]//button[.="Save"]')->click();
    $this->see('already has Yard starter in it: a mix cannot stand in itself.');
    $this->click('Cancel');
    $this->open('/blend');
    $this->pick('Add a component', 'Double starter');
    $this->waitUntilFresh();
    $this->see('100%');
    expect($this->chrome()->complaints())->toBe([]);
});

test('a file is looked through first, and only the good rows are taken where one says so', function (): void {
    $file = sys_get_temp_dir().'/zolbek-import-'.getmypid().'.csv';
    file_put_contents($file, "name;kind;bulk_density;particle_density;solid_density;internal_water;unavailable_water;internal_median;internal_spread;sphericity;sieve 4 mm;sieve 2 mm;sieve pan\n"
        ."Quarry dust;solid stone;1,4;2,5;2,6;0,01;0;50;1,5;0,7;1;50;49\nLead;solid stone;9,4;2,5;2,6;0,01;0;50;1,5;0,7;1;50;49\n");
    $this->open('/bins');
    $this->click('Files in and out');
    $this->see('Empty template');
    $chooser = $this->chrome()->driver->findElement(WebDriverBy::xpath('//input[@type="file"]'));
    $chooser->setFileDetector(new LocalFileDetector())->sendKeys($file);
    unlink($file);
    $this->see('1 to add, 0 to change, 0 the same, 1 refused.');
    $this->see('Loose bulk density must be below the density of the grains (2.5 kg/L), not 9.4.');
    expect($this->waitFor('//button[.="Take all of it in"]')->isEnabled())->toBeFalse();
    $this->click('Take only the good row in');
    $this->see('Taken in: 1 added, 0 changed.');
    $this->waitFor('//button[contains(@class,"ant-drawer-close")]')->click();
    $this->see('36 entries');
})->group('job');
