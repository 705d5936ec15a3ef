<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;

// every address at three widths, on one load: what an eye would miss

/** What is wrong with how a page lies: pushed sideways, links of the header out of sight, no heading or several, no title. */
const FAULTS = <<<'JS'
    const faults = [];
    const width = document.documentElement.clientWidth;
    const over = document.documentElement.scrollWidth - width;
    if (over > 0) {
        const wide = [...document.querySelectorAll('main *')].find((each) => each.getBoundingClientRect().right > width + 1);
        faults.push(`pushed sideways by ${over}: ${wide?.tagName} ${wide?.className}`);
    }
    for (const each of document.querySelectorAll('header nav a, header button:not([class*=reader])')) {
        const box = each.getBoundingClientRect();
        if (box.width === 0 || box.left < 0 || box.right > width) {
            faults.push(`out of sight: ${each.textContent}`);
        }
    }
    const heads = [...document.querySelectorAll('main h1')].filter((each) => each.checkVisibility());
    if (heads.length > 1) {
        faults.push(`${heads.length} headings`);
    }
    if (! document.title.includes('Zolbek')) {
        faults.push('no title');
    }
    const cut = [...document.querySelectorAll('main button, main a.ant-btn, main label, main th, header a')].find((each) => {
        const style = getComputedStyle(each);
        return each.checkVisibility() && style.overflowX === 'hidden' && style.textOverflow !== 'ellipsis' && each.scrollWidth > each.clientWidth + 1;
    });
    if (cut !== undefined) {
        faults.push(`cut off: ${cut.textContent}`);
    }
    const raw = document.body.innerText.match(/\b(?:[a-z]+\.){1,3}[a-z]+[A-Z][A-Za-z]*\b/);
    if (raw !== null) {
        faults.push(`a key, not a word: ${raw[0]}`);
    }
    return faults;
    JS;

test('nothing is pushed sideways, out of sight or left without a word', function (string $path, string $ready): void {
    $this->openWithMix($path);
    $this->see($ready);
    foreach ([[1280, 800], [820, 1180], [390, 844]] as [$width, $height]) {
        $this->chrome()->resize($width, $height);
        $this->settle();
        expect($this->chrome()->driver->executeScript(FAULTS))->toBe([], "$path at $width");
    }
    // in place, in the other language and the other light
    $this->chrome()->resize(1280, 800);
    $this->settle();
    $this->chrome()->driver->executeScript('document.querySelector("header button[class*=reader]").click()');
    $this->waitFor('//label[contains(.,"Bahasa Indonesia")]')->click();
    $this->waitFor('//*[@role="dialog"]//*[.="Bantuan dan pengaturan"]');
    $this->press(WebDriverKeys::ESCAPE);
    $this->waitUntilGone('//*[@role="dialog"]');
    $this->click('Cahaya redup');
    foreach ([[1280, 800], [820, 1180], [390, 844]] as [$width, $height]) {
        $this->chrome()->resize($width, $height);
        $this->settle();
        expect($this->chrome()->driver->executeScript(FAULTS))->toBe([], "$path at $width in Indonesian");
    }
})->with([
    ['/today', 'Running low'], ['/calendar', 'Open tasks of this month'], ['/start', 'What do you want to pot?'], ['/start?step=pot', 'What pot?'], ['/start?step=place', 'Where does it stand?'],
    ['/start?step=have', 'What do you have?'], ['/blend', 'Verdicts'], ['/blend/find', 'Say for which plant'], ['/blend/compare', 'Add something to set beside it.'], ['/blend/card', 'There is no mix'], ['/blend/library', '4 entries'],
    ['/bins', '35 entries'], ['/bins/1', 'P-autumn'], ['/bins/9', 'How long it lasts'], ['/bins/34', 'What is in it'], ['/bins/compare?ids=1,2', 'Pumice'], ['/bench', 'A place to begin'], ['/bench/tools', 'Bench scale'], ['/bench/truth', 'told apart'],
    ['/bench/tests/2', 'What it changes'], ['/pots', '8 entries'], ['/plants', '21 entries'], ['/plants/5', 'What the stick should look like'], ['/fertilisers', '3 entries'], ['/days', '2 entries'], ['/days/1', '12 entries'],
    ['/days/1/bench', 'Load is mixed'], ['/days/1/print', 'Gate pine'], ['/log', 'Batch worked out'], ['/log?view=batches', '2 entries'], ['/log/1', 'Not mixed yet'], ['/no/such/place', 'Zolbek'],
]);

test('whoever closes what lay over the page is where he was', function (string $path, string $ready, string $opener): void {
    $this->open($path);
    $this->see($ready);
    $button = $this->waitFor('//button[normalize-space(.)="'.$opener.'" or @aria-label="'.$opener.'"]');
    $this->chrome()->driver->executeScript('arguments[0].scrollIntoView({ block: "center" }); arguments[0].focus();', [$button]);
    $this->chrome()->driver->getKeyboard()->sendKeys(WebDriverKeys::ENTER);
    $this->waitFor('//*[@role="dialog"]');
    $this->settle();
    $this->chrome()->driver->getKeyboard()->sendKeys(WebDriverKeys::ESCAPE);
    $this->waitUntilGone('//*[@role="dialog"]');
    $this->settle();
    expect($this->chrome()->driver->executeScript('const at = document.activeElement; return at.getAttribute("aria-label") ?? at.textContent.trim();'))->toBe($opener);
})->with([
    ['/today', 'Running low', 'Keyboard shortcuts'], ['/bins', '35 entries', 'Add a component'], ['/bins', '35 entries', 'Add a mix'], ['/pots', '8 entries', 'Add a pot'], ['/pots', '8 entries', 'Edit Moss bowl 20'],
    ['/plants', '21 entries', 'Add a plant'], ['/days', '2 entries', 'Plan a day'], ['/days/1', '12 entries', 'Change T-001 Gate pine'], ['/days/1', '12 entries', 'Choose plants'], ['/fertilisers', '3 entries', 'Add a fertiliser'],
    ['/blend/library', '4 entries', 'Add a site'], ['/bench', 'A place to begin', 'Start: Sieve analysis'], ['/plants/5', 'What the stick should look like', 'Look at the roots'],
]);
