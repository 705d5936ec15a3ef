<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

/** What an eye would miss on a page or on what lies over it, looked for in the page itself. */
final readonly class Walk
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
            || each.closest('.ant-tabs-tab')
            || (each.matches('input') && each.closest('.ant-select, .ant-input-affix-wrapper'))
            || each;
        return [...document.querySelectorAll(asked)]
            .filter((each) => each.checkVisibility() && each.getBoundingClientRect().width > 0 && ! each.matches('.ant-input-clear-icon, .ant-table-row-expand-icon, .ant-tabs-nav-more'))
            .filter((each) => target(each).getBoundingClientRect().height < 43.5)
            .map((each) => `${Math.round(target(each).getBoundingClientRect().height)} ${each.getAttribute('aria-label') ?? each.textContent}`);
        JS;

    private const DESK = [1280, 800];
    private const SIZES = [self::DESK, [820, 1180], [390, 844]];
    private const ON_TOP = '//*[@role="dialog"]';

    private function __construct(private BrowserTestCase $test, private string $path) {}

    /**
     * An address, on one load: how it lies and its accessibility, in English at a desk in bright light. Where it is its turn also what opens over it, and where one is
     * after that was closed, then all in Indonesian, whose words are longer, at the bench and on a phone in dim light; every size in both languages where there is
     * time (./zolbek test long).
     *
     * @param array<string, string> $over by the name of the button that opens it: what is to be read in it
     */
    public static function of(BrowserTestCase $test, string $path, string $ready, array $over): void
    {
        $walk = new self($test, $path);
        $test->openWithMix($path);
        $test->see($ready);
        $english = isLong() ? self::SIZES : [self::DESK];
        $walk->look($english, 'in English');
        if (isTurnOf($path)) {
            $walk->resize(self::DESK);
            $places = [];
            foreach ($over as $opener => $inside) {
                $places[$opener] = $walk->openAndClose($opener, $inside, $english);
            }
            $walk->lookInIndonesian($places);
        }
        expect($test->chrome()->complaints())->toBe([]);
    }

    /** @param array<string, int> $places which button opens what lies over it, by its English name */
    private function lookInIndonesian(array $places): void
    {
        $this->inTheOtherLanguageAndLight();
        $indonesian = isLong() ? self::SIZES : [self::SIZES[1], self::SIZES[2]];
        $this->look($indonesian, 'in Indonesian');
        foreach ($places as $opener => $place) {
            $this->openAt($place);
            $this->lookAtWhatIsOver(isLong() ? self::SIZES : [self::SIZES[2]], $opener.' in Indonesian');
            $this->close();
        }
    }

    /** @param array{int, int} $size */
    private function resize(array $size): void
    {
        $this->test->chrome()->resize(...$size);
        $this->test->settle();
    }

    /** @param non-empty-list<array{int, int}> $sizes */
    private function look(array $sizes, string $how): void
    {
        $this->atSizes($sizes, self::FAULTS, $this->path.' '.$how);
        expect($this->test->accessibilityFaults())->toBe([], $this->path.' '.$how);
    }

    /** @param non-empty-list<array{int, int}> $sizes */
    private function lookAtWhatIsOver(array $sizes, string $what): void
    {
        $this->atSizes($sizes, self::OVERLAY_FAULTS, $what);
        expect($this->test->accessibilityFaults(self::ON_TOP))->toBe([], $what);
    }

    /** @param non-empty-list<array{int, int}> $sizes */
    private function atSizes(array $sizes, string $faults, string $what): void
    {
        foreach ($sizes as $size) {
            $this->resize($size);
            expect($this->test->chrome()->driver->executeScript($faults))->toBe([], "$what at $size[0]");
            if ($faults === self::FAULTS && $size !== self::DESK) {
                expect($this->test->chrome()->driver->executeScript(self::SMALL_TARGETS))->toBe([], "$what at $size[0]");
            }
        }
    }

    /**
     * @param non-empty-list<array{int, int}> $sizes
     *
     * @return int which button of the page it was
     */
    private function openAndClose(string $opener, string $inside, array $sizes): int
    {
        $driver = $this->test->chrome()->driver;
        $button = $this->test->waitFor('//button[normalize-space(.)="'.$opener.'" or @aria-label="'.$opener.'"]');
        $at = (int) $driver->executeScript('arguments[0].scrollIntoView({ block: "center" }); arguments[0].focus(); return [...document.querySelectorAll("button")].indexOf(arguments[0]);', [$button]);
        $driver->getKeyboard()->sendKeys(WebDriverKeys::ENTER);
        $this->test->waitFor(self::ON_TOP);
        $this->test->see($inside);
        $this->lookAtWhatIsOver($sizes, $opener.' in English');
        $this->close();
        $this->resize(self::DESK);
        expect($driver->executeScript('const at = document.activeElement; return at.getAttribute("aria-label") ?? at.textContent.trim();'))->toBe($opener);

        return $at;
    }

    private function openAt(int $place): void
    {
        $this->test->chrome()->driver->executeScript('const button = document.querySelectorAll("button")[arguments[0]]; button.scrollIntoView({ block: "center" }); button.click();', [$place]);
        $this->test->waitFor(self::ON_TOP);
    }

    private function close(): void
    {
        $this->test->chrome()->driver->getKeyboard()->sendKeys(WebDriverKeys::ESCAPE);
        $this->test->waitUntilGone(self::ON_TOP);
    }

    private function inTheOtherLanguageAndLight(): void
    {
        $this->test->chrome()->driver->executeScript('document.querySelector("header button[class*=reader]").click()');
        $this->test->waitFor('//label[contains(.,"Bahasa Indonesia")]')->click();
        $this->test->waitFor('//*[@role="dialog"]//*[.="Bantuan dan pengaturan"]');
        $this->close();
        $this->test->click('Cahaya redup');
        $this->test->see('Cahaya terang');
    }
}
