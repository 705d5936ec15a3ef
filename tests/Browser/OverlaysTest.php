<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Walk;

const OVERLAYS = [
    ['/today', 'Running low', 'Keyboard shortcuts'], ['/today', 'Running low', 'A task for many'], ['/bins', '35 entries', 'Add a component'], ['/bins', '35 entries', 'Add a mix'], ['/bins', '35 entries', 'Files in and out'],
    ['/pots', '8 entries', 'Add a pot'], ['/pots', '8 entries', 'Edit Moss bowl 20'], ['/plants', '21 entries', 'Add a plant'], ['/days', '2 entries', 'Plan a day'], ['/days/1', '12 entries', 'Change T-001 Gate pine'],
    ['/days/1', '12 entries', 'Choose plants'], ['/people', 'This installation', 'Add the owner'], ['/calendar', 'Open tasks', 'Calendar for the phone (iCalendar)'], ['/days/1', '12 entries', 'Change the frame'], ['/fertilisers', '3 entries', 'Add a fertiliser'], ['/blend/library', '4 entries', 'Add a site'], ['/bench', 'A place to begin', 'Start: Sieve analysis'],
    ['/bench/tools', 'Bench scale', 'Add a scoop or tub'], ['/plants/5', 'What the stick should look like', 'Look at the roots'], ['/bins/1', 'P-autumn', 'Take in a delivery'], ['/blend', 'Verdicts', 'Place and care …'],
    ['/blend', 'Verdicts', 'Root ball, zones, objects …'], ['/blend', 'Verdicts', 'Work out a batch'], ['/blend', 'Verdicts', 'Save'],
];

test('whoever closes what lay over the page is where he was, and nothing of it was cut off', function (string $path, string $ready, string $opener): void {
    $this->openWithMix($path);
    $this->see($ready);
    $named = '//button[normalize-space(.)="'.$opener.'" or @aria-label="'.$opener.'"]';
    $button = $this->waitFor($named);
    $at = $this->chrome()->driver->executeScript('return [...document.querySelectorAll("button")].indexOf(arguments[0])', [$button]);
    $this->chrome()->driver->executeScript('arguments[0].scrollIntoView({ block: "center" }); arguments[0].focus();', [$button]);
    $this->chrome()->driver->getKeyboard()->sendKeys(WebDriverKeys::ENTER);
    $this->waitFor('//*[@role="dialog"]');
    $looks = function (string $language): void {
        foreach ([[820, 1180], [390, 844], [1280, 800]] as [$width, $height]) {
            $this->chrome()->resize($width, $height);
            $this->settle();
            expect($this->chrome()->driver->executeScript(Walk::OVERLAY_FAULTS))->toBe([], "at $width in $language");
        }
    };
    $looks('English');
    $this->chrome()->driver->getKeyboard()->sendKeys(WebDriverKeys::ESCAPE);
    $this->waitUntilGone('//*[@role="dialog"]');
    $this->settle();
    expect($this->chrome()->driver->executeScript('const at = document.activeElement; return at.getAttribute("aria-label") ?? at.textContent.trim();'))->toBe($opener);
    // the same button in the other language, and in dim light
    $this->chrome()->driver->executeScript('localStorage.setItem("zolbek.light", "dim"); localStorage.setItem("zolbek.language", "id"); location.reload();');
    $this->waitFor('//nav[.//a[.="Hari ini"]][count(//button) > '.$at.']');
    $this->settle();
    $this->chrome()->driver->executeScript('const button = document.querySelectorAll("button")[arguments[0]]; button.scrollIntoView({ block: "center" }); button.click();', [$at]);
    $this->waitFor('//*[@role="dialog"]');
    $looks('Indonesian');
})->with(OVERLAYS);
