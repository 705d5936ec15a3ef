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
    $pick('Site', 'Tessivale, upper yard');
    $at('//small[contains(@class,"plus-minus")]');
    $take('blend');

    $driver->get($site->address.'/blend/compare');
    $pick('Add a recipe', 'Orchard pots');
    $at('//table//th[@scope="col"][2]');
    $take('compare-mixes');
    $driver->get($site->address.'/log/mixes?mix=2&beside=6');
    $at('//th[.="How long it lasted"]');
    $take('outcomes');
    $driver->get($site->address.'/log/trials/1');
    $at('//*[name()="svg"][contains(@aria-label,"by what was tried")]');
    $take('trial');
    $driver->get($site->address.'/log/right');
    $at('//button[.="Fit it to our tests"]')->click();
    $at('//th[.="Capillary hold"]');
    $driver->executeScript('window.scrollTo(0, 0)');
    $take('right');
    foreach (['bins' => '35 entries', 'today' => 'Running low', 'plants' => '21 entries'] as $place => $ready) {
        $driver->get($site->address.'/'.$place);
        $at("//main//*[contains(.,'$ready')]");
        $take($place);
    }
    $driver->get($site->address.'/bench');
    $at('//h3[.="Loose weight"]');
    $take('bench');
    $driver->get($site->address.'/blend/find');
    $pick('Pot', 'Rectangle 40');
    $pick('Site', 'Tessivale, upper yard');
    $at('//button[.="Find mixes"]')->click();
    $driver->wait(30)->until(WebDriverExpectedCondition::visibilityOfElementLocated(WebDriverBy::xpath('//*[contains(.,"recipes looked at")]')));
    $at('//li[starts-with(@aria-label,"Mix 2: ")]//*[name()="svg"]');
    $take('find');
    $driver->get($site->address.'/bench/truth');
    $at('//*[contains(@class,"truth-cases")]');
    $take('truth');
    $driver->get($site->address.'/season/year?plant=1');
    $at('//th[.="Days of want"]');
    $take('year');
    $driver->get($site->address.'/season/away?days=7&from='.(date('Y') + 1).'-07-10');
    $at('//tbody/tr[3]');
    $take('away');

    $driver->get($site->address.'/start?step=place');
    $at('//button[contains(.,"Cool hills")]');
    $take('start');
    foreach (['plants/5' => ['plant', '//*[contains(.,"What the stick should look like")]'], 'days/1' => ['potting-day', '//*[.="12 entries"]']] as $path => [$name, $ready]) {
        $driver->get($site->address.'/'.$path);
        $at($ready);
        $take($name);
    }
    $at('//label[contains(.,"Shelf and shopping")]')->click();
    $at('//*[.="To buy in all"]');
    $take('shopping');
    $chrome->resize(390, 844);
    $driver->get($site->address.'/days/1/bench');
    $at('//button[.="Load is mixed"]');
    $take('at-the-bench');
    $driver->get($site->address.'/season?by=place');
    $at('//button[starts-with(.,"Watered all")]');
    $take('round');
} finally {
    $chrome->stop();
    $site->stop();
}
