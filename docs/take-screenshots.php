<?php

declare(strict_types=1);

// php docs/take-screenshots.php: makes the pictures in docs/screenshots anew from the demo yard.

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverExpectedCondition;
use Tests\Browser\Chrome;
use Tests\Browser\Site;

require __DIR__.'/../vendor/autoload.php';

$site = Site::start();
$chrome = Chrome::start();
$driver = $chrome->driver;
$at = static function (string $xpath) use ($driver) {
    $by = WebDriverBy::xpath($xpath);
    $driver->wait(10)->until(WebDriverExpectedCondition::visibilityOfElementLocated($by));

    return $driver->findElement($by);
};
$take = static function (string $name) use ($driver): void {
    usleep(700_000);
    $driver->takeScreenshot(__DIR__.'/screenshots/'.$name.'.png');
};
$pick = static function (string $label, string $option) use ($at): void {
    $at("//input[@aria-label='$label']")->sendKeys($option);
    $at("//div[contains(@class,'ant-select-item-option')][contains(normalize-space(.),'$option')]")->click();
};

try {
    $driver->get($site->address.'/blend');
    $at('//button[.="Brook maples"]')->click();
    $at('//*[contains(@class,"pot-section")]');
    $pick('Pot', 'Rectangle 40');
    $take('blend');

    foreach (['Years' => 'years', 'Triangle' => 'triangle'] as $tab => $name) {
        $at("//nav[@aria-label='View']//button[.='$tab']")->click();
        $at('//div[@data-view][@aria-busy="false"]//*[name()="svg"]');
        $take($name);
    }
    $at('//nav[@aria-label="View"]//button[.="Section"]')->click();
    $at('//button[.="Work out a batch"]')->click();
    $at('//p[@class="batch-loose"]');
    $take('batch');

    $driver->get($site->address.'/blend/compare');
    $pick('Add a recipe', 'Orchard pots');
    $at('//article[2]');
    $take('compare-mixes');
    $driver->get($site->address.'/bins/1');
    $at('//*[.="Water by suction"]');
    $take('component');
    $driver->get($site->address.'/bins/compare?ids=1,3,9,11');
    $at('//*[.="Left after 5 years"]');
    $take('compare');

    foreach (['bins' => '34 entries', 'pots' => '8 entries', 'log' => '2 entries'] as $place => $ready) {
        $driver->get($site->address.'/'.$place);
        $at("//*[.='$ready']");
        $take($place);
    }
    $at('//button[.="Blend"] | //a[.="Blend"]')->click();
    $at('//*[contains(@class,"pot-section")]');
    $at('//button[starts-with(@aria-label,"Prepare Pumice")]')->click();
    $at('//label[.="Sieve off what is finer than"]');
    $driver->switchTo()->activeElement();
    $driver->findElement(WebDriverBy::xpath('//input[@id=//label[.="Sieve off what is finer than"]/@for]'))->sendKeys('2.8');
    $at('//button[.="Done"]')->click();
    $at('//*[.="Is preparing worth it?"]');
    $take('preparing');
    $at('//button[.="Undo"]')->click();
    $driver->get($site->address.'/bench');
    $at('//h3[.="Loose weight"]');
    $take('bench');
    $driver->get($site->address.'/bench?start=drained_pot&component=5');
    $at('//div[contains(@class,"ant-drawer-footer")]//button')->click();
    $at('//p[@class="test-do"]');
    foreach ([1, 2, 3] as $step) {
        $at('//button[.="Next"]')->click();
        usleep(300_000);
    }
    $take('bench-step');
    $driver->get($site->address.'/bench/tests/2');
    $at('//*[.="What it changes"]');
    $take('bench-result');
    $driver->get($site->address.'/bench/tools');
    $at('//output[contains(.,"stable")]');
    $take('tools');
    $driver->get($site->address.'/log');
    $at('//a[.="Autumn maples, oval trays"]')->click();
    $at('//*[contains(@class,"sheet-load")]');
    $chrome->resize(900, 1220);
    $take('mixing-sheet');

    $chrome->resize(1280, 800);
    $driver->get($site->address.'/pots');
    $at('//button[.="Moss bowl 20"]')->click();
    $at('//figcaption');
    $take('pot');
    $driver->get($site->address.'/blend');
    $at('//*[contains(@class,"pot-section")]');
    $at('//button[.="Dim light"]')->click();
    $take('blend-dim');
    $at('//button[.="Bright light"]')->click();
    $chrome->resize(390, 844);
    $driver->get($site->address.'/blend');
    $at('//*[contains(@class,"pot-section")]');
    $driver->get($site->address.'/blend/card');
    $at('//*[contains(@class,"pot-section")]');
    $take('card-phone');
} finally {
    $chrome->stop();
    $site->stop();
}
