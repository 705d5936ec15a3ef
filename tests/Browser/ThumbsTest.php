<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Walk;

test('whatever is tapped at the bench is as large as a thumb', function (string $path, string $ready): void {
    $this->openWithMix($path);
    $this->see($ready);
    foreach ([[820, 1180], [390, 844]] as [$width, $height]) {
        $this->chrome()->resize($width, $height);
        $this->settle();
        expect($this->chrome()->driver->executeScript(Walk::SMALL_TARGETS))->toBe([], "$path at $width");
    }
})->with([
    ['/season?by=place', 'to see to by tomorrow'], ['/today', 'Running low'], ['/days/1/bench', 'Load is mixed'], ['/bench', 'A place to begin'], ['/bench/tools', 'Bench scale'], ['/log/1', 'Not mixed yet'], ['/plants/5', 'What the stick should look like'], ['/blend', 'Verdicts'],
]);

test('arrows work in a menu, and Esc leads back to where it was opened', function (): void {
    $this->openWithMix('/blend');
    $this->see('Verdicts');
    $keys = $this->chrome()->driver->getKeyboard();
    $more = $this->waitFor('//button[@aria-label="More to do with this mix"]');
    $this->chrome()->driver->executeScript('arguments[0].focus();', [$more]);
    $keys->sendKeys(WebDriverKeys::ENTER);
    $this->waitFor('//*[@role="menu"]');
    $this->settle();
    $focused = fn(): string => (string) $this->chrome()->driver->executeScript('const at = document.activeElement; return `${at.getAttribute("role")} ${at.textContent}`;');
    $keys->sendKeys(WebDriverKeys::ARROW_DOWN);
    $first = $focused();
    $keys->sendKeys(WebDriverKeys::ARROW_DOWN);
    expect($first)->toStartWith('menuitem')->and($focused())->toStartWith('menuitem')->not->toBe($first);
    $keys->sendKeys(WebDriverKeys::ESCAPE);
    $this->waitUntilGone('//*[@role="menu"]');
    expect($this->chrome()->driver->executeScript('return document.activeElement.getAttribute("aria-label")'))->toBe('More to do with this mix');
});
