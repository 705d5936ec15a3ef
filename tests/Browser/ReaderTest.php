<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

// the main job in another language and in other units

function tapped(string $name): void
{
    $button = test()->waitFor('//button[contains(normalize-space(.),"'.$name.'")]');
    test()->chrome()->driver->executeScript('arguments[0].scrollIntoView({ block: "center" })', [$button]);
    $button->click();
}

function typed(string $label, string $text): void
{
    test()->waitFor("//label[contains(.,'$label')]/following::input[1]")->sendKeys($text);
}

function notPushed(): void
{
    expect(test()->chrome()->driver->executeScript('return document.documentElement.scrollWidth - document.documentElement.clientWidth'))->toBe(0);
}

test('from an empty yard to a printed sheet in Indonesian, on a phone', function (): void {
    $this->emptyYard();
    $this->chrome()->resize(390, 844);
    $this->open('/start?language=id');
    $this->see('Apa yang ingin Anda tanam?');
    $this->waitFor('//input[@type="search"]')->sendKeys('azalea');
    tapped('Azalea satsuki');
    $this->see('Pot apa?');
    tapped('Lonjong');
    typed('Panjang bagian dalam', '34');
    typed('Lebar bagian dalam', '26');
    typed('Kedalaman bagian dalam', '7,5');
    notPushed();
    tapped('Berikut');
    tapped('Dataran tinggi tropika');
    $this->see('Seberapa sering seseorang menyiram di musim panas?');
    tapped('Setiap hari');
    $this->waitFor('//input[@type="search"]')->sendKeys('apung');
    tapped('Batu apung 3-6 mm');
    $this->see('1 dicentang');
    $this->waitFor('//input[@type="search"]')->sendKeys(WebDriverKeys::CONTROL.'a'.WebDriverKeys::NULL.'kanuma');
    tapped('Butiran asam jenis kanuma 2-6 mm');
    expect($this->accessibilityFaults())->toBe([]);
    tapped('Cari campuran');
    $this->waitFor('//li[starts-with(@aria-label,"Campuran 1: ")]//*[name()="svg"]', 60);
    $this->waitFor('//*[contains(.,"resep dilihat") or contains(.,"dilihat:")]', 60);
    $this->waitUntilGone('//*[@aria-busy="true"]', 60);
    expect($this->text())->toMatch('/di musim panas|gelombang panas/')->toMatch('/\d,\d/');
    tapped('Lembar aduk');
    $this->see('Dihitung');
    $this->see('Butiran asam jenis kanuma');
    notPushed();
    expect($this->chrome()->complaints())->toBe([]);
})->group('job');

test('a recipe is written down in Indonesian, and the choice stays on this device until it is changed', function (): void {
    $this->open('/blend');
    $this->click('EN, Language and units');
    $this->waitFor('//label[contains(.,"Bahasa Indonesia")]')->click();
    $this->see('Bantuan dan pengaturan');
    $this->press(WebDriverKeys::ESCAPE);
    $this->waitUntilGone('//*[@role="dialog"]');
    $this->open('/blend');
    $this->click('Tuliskan');
    $this->waitFor('//textarea')->sendKeys('2 bagian batu apung, 1 bagian sekam bakar, sedikit pasir');
    $this->click('Ambil');
    $this->see('“pasir” yang mana?');
    $this->waitFor('//label[contains(.,"Pasir tajam")]')->click();
    $this->click('Ambil');
    $this->waitUntilGone('//*[@role="dialog"]');
    $this->see('Sekam bakar (arang sekam)');
    $this->see('Pasir tajam 0,25-2 mm');
    expect($this->waitFor('//html')->getAttribute('lang'))->toStartWith('id');
});

test('lengths are typed in inches and litres shown in gallons, and metric figures are kept', function (): void {
    $this->chrome()->resize(390, 844);
    $this->open('/start?step=pot&units=us');
    $this->see('What pot?');
    tapped('Round');
    typed('Across inside', '12');
    typed('Depth inside', '6 in');
    notPushed();
    tapped('Next');
    $this->chrome()->resize(1280, 800);
    $this->open('/bins?units=us');
    $this->see('Stock, gal');
    $this->see('Pack, cu ft');
    $this->open('/pots');
    $this->chrome()->resize(1280, 800);
    $this->click('Add a pot');
    $this->field('Name')->sendKeys('Foot round');
    $this->field('Inner depth')->sendKeys('6');
    $this->field('Width at the rim')->sendKeys('12');
    $this->field('Width at the floor')->sendKeys('25.4 cm');
    $this->see('2.48 gal');
    $this->click('Save');
    $this->waitUntilGone('//*[@role="dialog"]');
    $kept = $this->chrome()->driver->executeAsyncScript('fetch("/api/v1/pots?per_page=200&search=Foot").then((answer) => answer.json()).then((found) => arguments[0](found.data[0]));');
    expect(round($kept['depth'], 3))->toBe(15.24)->and(round($kept['measures']['top'], 3))->toBe(30.48)->and(round($kept['measures']['base'], 3))->toBe(25.4);
    expect($this->chrome()->driver->findElement(WebDriverBy::tagName('main'))->getText())->toContain('gal');
});
