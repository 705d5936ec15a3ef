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

/** What is wrong with what lies over the page: words cut off, pushed sideways, beyond the edge, a key in place of a word, no name. */
const OVERLAY_FAULTS = <<<'JS'
    const faults = [];
    const over = [...document.querySelectorAll('[role=dialog]')].filter((each) => each.checkVisibility()).at(-1);
    if (over === undefined) {
        return ['nothing lies over the page'];
    }
    const width = document.documentElement.clientWidth;
    const box = over.getBoundingClientRect();
    if (box.left < -1 || box.right > width + 1) {
        faults.push(`beyond the edge: ${Math.round(box.left)} to ${Math.round(box.right)} of ${width}`);
    }
    for (const body of over.querySelectorAll('.ant-drawer-body, .ant-modal-body')) {
        if (body.scrollWidth > body.clientWidth + 1) {
            const scrolls = (each) => each !== body && (getComputedStyle(each).overflowX === 'auto' || scrolls(each.parentElement));
            const wide = [...body.querySelectorAll('*')].find((each) => each.getBoundingClientRect().right > body.getBoundingClientRect().right + 1 && ! scrolls(each));
            faults.push(`pushed sideways by ${body.scrollWidth - body.clientWidth}: ${wide?.tagName} ${wide?.className}`);
        }
    }
    const cut = [...over.querySelectorAll('button, label, th, h2, h3')].find((each) => {
        const style = getComputedStyle(each);
        return each.checkVisibility() && style.overflowX === 'hidden' && style.textOverflow !== 'ellipsis' && each.scrollWidth > each.clientWidth + 1;
    });
    if (cut !== undefined) {
        faults.push(`cut off: ${cut.textContent}`);
    }
    const raw = over.innerText.match(/\b(?:[a-z]+\.){1,3}[a-z]+[A-Z][A-Za-z]*\b/);
    if (raw !== null) {
        faults.push(`a key, not a word: ${raw[0]}`);
    }
    if (! over.hasAttribute('aria-labelledby') && ! over.hasAttribute('aria-label')) {
        faults.push('no name');
    }
    return faults;
    JS;

/** What is lower than a thumb at the bench, with its name. */
const SMALL_TARGETS = <<<'JS'
    const asked = 'main button, main a.ant-btn, main input:not([type=hidden]), main .ant-segmented-item, main .ant-select, main [role=tab], header button, header nav a';
    const target = (each) =>
        (each.matches('[type=checkbox], [type=radio]') && each.closest('label'))
        || (each.matches('input') && each.closest('.ant-select, .ant-input-affix-wrapper'))
        || each;
    return [...document.querySelectorAll(asked)]
        .filter((each) => each.checkVisibility() && each.getBoundingClientRect().width > 0 && ! each.matches('.ant-input-clear-icon, .ant-table-row-expand-icon'))
        .filter((each) => target(each).getBoundingClientRect().height < 43.5)
        .map((each) => `${Math.round(target(each).getBoundingClientRect().height)} ${each.getAttribute('aria-label') ?? each.textContent}`);
    JS;

const OVERLAYS = [
    ['/today', 'Running low', 'Keyboard shortcuts'], ['/today', 'Running low', 'A task for many'], ['/bins', '35 entries', 'Add a component'], ['/bins', '35 entries', 'Add a mix'], ['/bins', '35 entries', 'Files in and out'],
    ['/pots', '8 entries', 'Add a pot'], ['/pots', '8 entries', 'Edit Moss bowl 20'], ['/plants', '21 entries', 'Add a plant'], ['/days', '2 entries', 'Plan a day'], ['/days/1', '12 entries', 'Change T-001 Gate pine'],
    ['/days/1', '12 entries', 'Choose plants'], ['/days/1', '12 entries', 'Change the frame'], ['/fertilisers', '3 entries', 'Add a fertiliser'], ['/blend/library', '4 entries', 'Add a site'], ['/bench', 'A place to begin', 'Start: Sieve analysis'],
    ['/bench/tools', 'Bench scale', 'Add a scoop or tub'], ['/plants/5', 'What the stick should look like', 'Look at the roots'], ['/bins/1', 'P-autumn', 'Take in a delivery'], ['/blend', 'Verdicts', 'Place and care …'],
    ['/blend', 'Verdicts', 'Root ball, zones, objects …'], ['/blend', 'Verdicts', 'Work out a batch'], ['/blend', 'Verdicts', 'Save'],
];

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
    expect($this->chrome()->complaints())->toBe([]);
})->with([
    ['/today', 'Running low'], ['/calendar', 'Open tasks of this month'], ['/start', 'What do you want to pot?'], ['/start?step=pot', 'What pot?'], ['/start?step=place', 'Where does it stand?'],
    ['/start?step=have', 'What do you have?'], ['/blend', 'Verdicts'], ['/blend/find', 'Say for which plant'], ['/blend/compare', 'Add something to set beside it.'], ['/blend/card', 'There is no mix'], ['/blend/library', '4 entries'],
    ['/bins', '35 entries'], ['/bins/1', 'P-autumn'], ['/bins/9', 'How long it lasts'], ['/bins/34', 'What is in it'], ['/bins/compare?ids=1,2', 'Pumice'], ['/bench', 'A place to begin'], ['/bench/tools', 'Bench scale'], ['/bench/truth', 'told apart'],
    ['/bench/tests/2', 'What it changes'], ['/pots', '8 entries'], ['/plants', '21 entries'], ['/plants/5', 'What the stick should look like'], ['/fertilisers', '3 entries'], ['/days', '2 entries'], ['/days/1', '12 entries'],
    ['/days/1/bench', 'Load is mixed'], ['/days/1/print', 'Gate pine'], ['/log', 'Batch worked out'], ['/log?view=batches', '2 entries'], ['/log/1', 'Not mixed yet'], ['/no/such/place', 'Zolbek'],
]);

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
            expect($this->chrome()->driver->executeScript(OVERLAY_FAULTS))->toBe([], "at $width in $language");
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

test('whatever is tapped at the bench is as large as a thumb', function (string $path, string $ready): void {
    $this->openWithMix($path);
    $this->see($ready);
    foreach ([[820, 1180], [390, 844]] as [$width, $height]) {
        $this->chrome()->resize($width, $height);
        $this->settle();
        expect($this->chrome()->driver->executeScript(SMALL_TARGETS))->toBe([], "$path at $width");
    }
})->with([
    ['/today', 'Running low'], ['/days/1/bench', 'Load is mixed'], ['/bench', 'A place to begin'], ['/bench/tools', 'Bench scale'], ['/log/1', 'Not mixed yet'], ['/plants/5', 'What the stick should look like'], ['/blend', 'Verdicts'],
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
