<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;

// nobody loses what he typed, or where he was

const OPEN_DIALOG = '//*[@role="dialog"]';

function addressNow(): string
{
    $url = test()->chrome()->driver->getCurrentURL();

    return (string) parse_url($url, PHP_URL_PATH).(parse_url($url, PHP_URL_QUERY) === null ? '' : '?'.parse_url($url, PHP_URL_QUERY));
}

test('Back closes what lies over the page first, then leaves the page', function (): void {
    $this->open('/bins');
    $this->see('35 entries');
    $this->open('/pots');
    $this->see('8 entries');
    $this->click('Edit Moss bowl 20');
    $this->waitFor(OPEN_DIALOG);
    $this->chrome()->driver->navigate()->back();
    $this->waitUntilGone(OPEN_DIALOG);
    expect(addressNow())->toBe('/pots');
    $this->chrome()->driver->navigate()->back();
    $this->see('35 entries');
})->group('job');

test('typed work is asked about by Esc, by Back and by a click beside, and stays when one stays', function (): void {
    $this->open('/pots');
    $this->see('8 entries');
    $this->click('Add a pot');
    $this->waitFor(OPEN_DIALOG);
    $this->field('Name')->sendKeys('Half typed');
    foreach (['esc', 'back', 'beside'] as $way) {
        match ($way) {
            'esc' => $this->press(WebDriverKeys::ESCAPE),
            'back' => $this->chrome()->driver->navigate()->back(),
            'beside' => $this->chrome()->driver->executeScript('document.querySelector(".ant-drawer-mask").click()'),
        };
        $this->see('What you typed is not saved.');
        $this->click('Go on typing');
        $this->waitUntilGone('//*[contains(@class,"ant-modal-wrap")]//*[.="What you typed is not saved."]');
        expect($this->field('Name')->getAttribute('value'))->toBe('Half typed', $way);
    }
    $this->press(WebDriverKeys::ESCAPE);
    $this->click('Throw it away');
    $this->waitUntilGone(OPEN_DIALOG);
    $this->see('8 entries');
})->group('job');

test('a link, or a reload, finds the search, the order, the view and what was open', function (string $path, string $seen): void {
    $this->open($path);
    $this->see($seen);
    expect($this->chrome()->complaints())->toBe([]);
})->with([
    ['/bins?search=pum&sort=name', 'Pumice 3-6 mm'], ['/bins?open=1', 'Water inside the grains'], ['/pots?open=3', 'Outlet'], ['/plants?search=maple&sort=-number', 'maple'], ['/plants?open=5', 'Plan over the years'],
    ['/days/1?view=shelf', 'Needed'], ['/days/1?entry=1', 'What comes of it'], ['/blend/library?sites-open=1', 'Coldest'], ['/days?open=1', 'Frame of the day'], ['/log?search=Autumn', 'Autumn maples'],
]);

test('what is searched for and opened is written into the address', function (): void {
    $this->open('/pots');
    $this->see('8 entries');
    $this->waitFor('//input[@placeholder="Search by name"]')->sendKeys('moss');
    $this->see('1 entry');
    expect(addressNow())->toBe('/pots?search=moss');
    $this->click('Edit Moss bowl 20');
    $this->waitFor(OPEN_DIALOG);
    expect(addressNow())->toMatch('~^/pots\?search=moss&open=\d+$~');
    $this->press(WebDriverKeys::ESCAPE);
    $this->waitUntilGone(OPEN_DIALOG);
    $this->settle();
    expect(addressNow())->toBe('/pots?search=moss');
});

test('arrows work in a menu, and Esc leads back to where it was opened', function (): void {
    $this->openWithMix('/blend');
    $this->see('Verdicts');
    $keys = $this->chrome()->driver->getKeyboard();
    $more = $this->waitFor('//button[@aria-label="More to do with this mix"]');
    $this->chrome()->driver->executeScript('arguments[0].focus();', [$more]);
    $keys->sendKeys(WebDriverKeys::ENTER);
    $this->waitFor('//*[@role="menu"]');
    $this->settle();
    // the focus follows a key with the next picture
    $moved = function (string $from): string {
        $script = 'const done = arguments[1]; const look = () => { const at = document.activeElement; const text = `${at.getAttribute("role")} ${at.textContent}`; text.startsWith("menuitem") && text !== arguments[0] ? done(text) : setTimeout(look, 20); }; look();';

        return (string) $this->chrome()->driver->executeAsyncScript($script, [$from]);
    };
    $keys->sendKeys(WebDriverKeys::ARROW_DOWN);
    $first = $moved('');
    $keys->sendKeys(WebDriverKeys::ARROW_DOWN);
    expect($moved($first))->not->toBe($first);
    $keys->sendKeys(WebDriverKeys::ESCAPE);
    $this->waitUntilGone('//*[@role="menu"]');
    expect($this->chrome()->driver->executeScript('return document.activeElement.getAttribute("aria-label")'))->toBe('More to do with this mix');
});
