<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

/** What an eye would miss on a page or on what lies over it, looked for in the page itself. */
final class Walk
{
    /** What is wrong with how a page lies: pushed sideways, links of the header out of sight, no heading or several, no title. */
    public const FAULTS = <<<'JS'
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
    public const OVERLAY_FAULTS = <<<'JS'
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
    public const SMALL_TARGETS = <<<'JS'
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

    /** Every width, language and light on one load of an address. */
    public static function over(BrowserTestCase $test, string $path, string $ready): void
    {
        $test->openWithMix($path);
        $test->see($ready);
        foreach ([[1280, 800], [820, 1180], [390, 844]] as [$width, $height]) {
            $test->chrome()->resize($width, $height);
            $test->settle();
            expect($test->chrome()->driver->executeScript(self::FAULTS))->toBe([], "$path at $width");
        }
        // in place, in the other language and the other light
        $test->chrome()->resize(1280, 800);
        $test->settle();
        $test->chrome()->driver->executeScript('document.querySelector("header button[class*=reader]").click()');
        $test->waitFor('//label[contains(.,"Bahasa Indonesia")]')->click();
        $test->waitFor('//*[@role="dialog"]//*[.="Bantuan dan pengaturan"]');
        $test->press(WebDriverKeys::ESCAPE);
        $test->waitUntilGone('//*[@role="dialog"]');
        $test->click('Cahaya redup');
        foreach ([[1280, 800], [820, 1180], [390, 844]] as [$width, $height]) {
            $test->chrome()->resize($width, $height);
            $test->settle();
            expect($test->chrome()->driver->executeScript(self::FAULTS))->toBe([], "$path at $width in Indonesian");
        }
        expect($test->chrome()->complaints())->toBe([]);
    }
}
