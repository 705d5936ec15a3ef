<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Exception\JavascriptErrorException;
use Facebook\WebDriver\Exception\ScriptTimeoutException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\UnknownErrorException;
use Facebook\WebDriver\Remote\RemoteExecuteMethod;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\TestCase;

/**
 * A test in the real interface: the served demo yard in a headless browser. One server and one browser serve all tests. Those of the group "job" are in every run,
 * the others take turns.
 */
abstract class BrowserTestCase extends TestCase
{
    /** What a question needs in the page: the first element of an XPath that is shown, and to ask until an answer is there. */
    private const IN_THE_PAGE = <<<'JS'
        const first = (xpath) => {
            const found = document.evaluate(xpath, document, null, XPathResult.ORDERED_NODE_SNAPSHOT_TYPE, null);
            for (let i = 0; i < found.snapshotLength; ++i) {
                const box = found.snapshotItem(i).getBoundingClientRect();
                if (box.width > 0 && box.height > 0 && found.snapshotItem(i).checkVisibility({ visibilityProperty: true })) {
                    return found.snapshotItem(i);
                }
            }
            return null;
        };
        const until = (look, ms, done) => {
            // asked when something changed, and now and then besides: to read a whole page again and again takes as much as to work on it
            const last = performance.now() + ms;
            let changed = true;
            let asked = 0;
            const watch = new MutationObserver(() => { changed = true; });
            watch.observe(document, { subtree: true, childList: true, characterData: true, attributes: true });
            const again = () => {
                const now = performance.now();
                if (changed || now > asked + 250) {
                    changed = false;
                    asked = now;
                    const found = look();
                    if (found || now > last) {
                        watch.disconnect();
                        done(found || false);
                        return;
                    }
                }
                setTimeout(again, 30);
            };
            again();
        };
        JS;

    /** How long something may take on a machine that is busy with other tests. */
    private const PATIENCE_S = 40.0;

    private static ?Site $site = null;
    private static ?Chrome $chrome = null;

    protected function setUp(): void
    {
        parent::setUp();
        if (! in_array('job', $this->groups(), true) && ! isTurnOf($this->name())) {
            self::markTestSkipped('Has its turn in another run.');
        }
        if (self::$site === null) {
            self::$site = Site::start();
            self::$chrome = Chrome::start();
            register_shutdown_function(static function (): void {
                self::$chrome?->stop();
                self::$site?->stop();
            });
        }
        // off the last page first: it may still be asking; to one that asks for nothing
        $this->chrome()->driver->get(self::$site->address.'/api/v1/nothing-here');
        self::$site->reset();
        $this->chrome()->resize(1280, 800);
        $this->chrome()->driver->executeScript('localStorage.clear(); sessionStorage.clear();');
        $this->chrome()->complaints();
    }

    /** Opens a view of the mix by its name, in the group that it belongs to. */
    public function view(string $name): void
    {
        $groups = ['The pot' => ['Section', 'Will it fit', 'Profile'], 'Time' => ['Water', 'A year by days', 'Years'], 'The mix' => ['Retention', 'Packing', 'Figures'], 'Choices' => ['Trade', 'Triangle', 'Depth']];
        foreach ($groups as $group => $views) {
            if (in_array($name, $views, true)) {
                $this->click($group);
                $this->waitFor('//nav[@aria-label="View"]//button[.="'.$name.'"]')->click();
            }
        }
    }

    /** A yard in which nothing was written down yet, for this test. */
    public function emptyYard(): void
    {
        self::$site?->empty();
    }

    /** How many pages it takes on paper, as its style has them. */
    public function pages(): int
    {
        $pdf = base64_decode($this->chrome()->devtools('Page.printToPDF', ['preferCSSPageSize' => true])['data'] ?? '', true);

        return (int) preg_match_all('~/Type\s*/Page\b~', (string) $pdf);
    }

    public function chrome(): Chrome
    {
        assert(self::$chrome !== null);

        return self::$chrome;
    }

    public function open(string $path): void
    {
        $this->chrome()->driver->get(self::$site?->address.$path);
        $this->waitFor('(//main//*)[1]');
    }

    /** Opens a place; the workbench with a mix on it. */
    public function openWithMix(string $path): void
    {
        $this->open($path);
        if ($path === '/blend') {
            $this->click('Liners');
            $this->waitUntilFresh();
        }
    }

    /** The first element that an XPath finds, once it is there and shown. */
    public function waitFor(string $xpath, float $seconds = self::PATIENCE_S): RemoteWebElement
    {
        $found = $this->wait('first(arguments[0])', $xpath, $seconds);
        if (! $found instanceof RemoteWebElement) {
            self::fail('Not shown: '.$xpath."\n".mb_strimwidth($this->text(), 0, 1500));
        }

        return $found;
    }

    public function waitUntilGone(string $xpath, float $seconds = self::PATIENCE_S): void
    {
        self::assertTrue($this->wait('first(arguments[0]) === null', $xpath, $seconds), 'Still shown: '.$xpath);
    }

    public function see(string $text): void
    {
        $isRead = $this->wait('document.body.innerText.replace(/\s+/g, " ").includes(arguments[0])', $text, self::PATIENCE_S);
        // the text of a whole page takes long to ask for
        self::assertTrue($isRead, $isRead ? '' : 'Not to be read: '.$text."\n".mb_strimwidth($this->text(), 0, 1500));
    }

    /**
     * Asks in the page itself, again and again, until something is so: each question from outside would cost a way there and back.
     *
     * @return RemoteWebElement|bool an element, or whether it was so in time
     */
    private function wait(string $isSo, string $about, float $seconds): RemoteWebElement|bool
    {
        $until = microtime(true) + $seconds;
        do {
            try {
                $found = $this->chrome()->driver->executeAsyncScript(self::IN_THE_PAGE.sprintf('until(() => %s, arguments[1], arguments[2]);', $isSo), [$about, 1000 * max(0.0, $until - microtime(true))]);

                return is_array($found) ? new RemoteWebElement(new RemoteExecuteMethod($this->chrome()->driver), (string) array_values($found)[0], true) : (bool) $found;
            } catch (JavascriptErrorException|ScriptTimeoutException|StaleElementReferenceException|UnknownErrorException) {
                // the page went away meanwhile: ask the next one
            }
        } while (microtime(true) < $until);

        return false;
    }

    public function click(string $button): void
    {
        $path = sprintf('//*[self::button or self::a][normalize-space(.)=%1$s or @aria-label=%1$s]', self::quoted($button));
        try {
            $this->waitFor($path)->click();
        } catch (ElementClickInterceptedException) {
            // what is above it moved while it was aimed at
            $this->settle();
            $this->waitFor($path)->click();
        }
    }

    /** A field by the words of its label. */
    public function field(string $label): RemoteWebElement
    {
        $words = self::quoted($label);

        return $this->waitFor("//input[@aria-label=$words] | //textarea[@aria-label=$words] | //*[self::input or self::textarea][@id=//label[normalize-space(.)=$words]/@for]");
    }

    /** Until the keyboard is in a field, which may be a moment after that is to be seen. */
    public function waitForFocusOn(string $label): void
    {
        $isThere = $this->wait('[document.activeElement?.getAttribute("aria-label"), ...[...(document.activeElement?.labels ?? [])].map((each) => each.textContent.trim())].includes(arguments[0])', $label, self::PATIENCE_S);
        self::assertTrue($isThere, 'The keyboard is not in: '.$label);
    }

    public function type(string $label, string $text): void
    {
        $field = $this->field($label);
        $field->sendKeys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL, $text === '' ? WebDriverKeys::DELETE : $text]);
    }

    /** Picks an option of a select by the words of its label. */
    public function pick(string $label, string $option): void
    {
        $this->field($label)->sendKeys($option);
        $this->waitFor('//div[contains(@class,"ant-select-item-option")][contains(normalize-space(.), '.self::quoted($option).')]')->click();
    }

    /** Presses keys wherever the focus is. */
    public function press(string ...$keys): void
    {
        $this->chrome()->driver->switchTo()->activeElement()->sendKeys($keys);
    }

    /** Shows the verdicts that are good, which are folded. */
    public function unfold(): void
    {
        $this->chrome()->driver->executeScript('document.querySelectorAll("details[class*=verdicts-good]").forEach((each) => { each.open = true; });');
    }

    /** The figure that stands at a verdict. */
    public function verdict(string $name): string
    {
        $this->unfold();

        return $this->waitFor("//li[contains(@class,'verdict')][.//span[contains(@class,'verdict-name')][.='$name']]//strong")->getText();
    }

    /** Waits until the picture on the Blend screen answers what stands in the fields. */
    public function waitUntilFresh(): void
    {
        $this->waitFor('//section[@aria-label="Pot section"][@aria-busy="false"]//*[name()="svg"]');
    }

    public function address(): string
    {
        return (string) self::$site?->address;
    }

    /** The file that the application works on. */
    public function database(): string
    {
        return (string) self::$site?->database();
    }

    /** Waits until nothing moves, loads or is worked out on the page any more. */
    public function settle(): void
    {
        $this->chrome()->driver->executeAsyncScript(<<<'JS'
            const done = arguments[arguments.length - 1];
            const until = Date.now() + 10000;
            const look = () => {
                const busy = document.querySelector('[aria-busy="true"]') || document.getAnimations().some((each) => each.playState === 'running' && each.effect?.getTiming().iterations !== Infinity);
                if (busy && Date.now() < until) {
                    setTimeout(look, 20);
                } else {
                    requestAnimationFrame(() => requestAnimationFrame(() => done(true)));
                }
            };
            document.fonts.ready.then(look);
            JS);
    }

    public function text(): string
    {
        return $this->chrome()->driver->findElement(WebDriverBy::tagName('body'))->getText();
    }

    /** @return list<string> what axe finds wrong with the page, or with what an XPath finds in it, as rule and place */
    public function accessibilityFaults(?string $within = null): array
    {
        if ($this->chrome()->driver->executeScript('return typeof axe') === 'undefined') {
            $this->chrome()->driver->executeScript((string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js'));
        }
        $found = $this->chrome()->driver->executeAsyncScript(<<<'JS'
            const done = arguments[arguments.length - 1];
            axe.run(arguments[0] ?? document, { runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa'] })
                .then((result) => done(result.violations.map((rule) => rule.id + ': ' + rule.nodes.map((node) => node.target.join(' ') + ' ' + node.failureSummary.split('\n')[1]).join(' | '))));
            JS, [$within === null ? null : $this->waitFor($within)]);

        return array_values((array) $found);
    }

    private static function quoted(string $text): string
    {
        return str_contains($text, "'") ? '"'.$text.'"' : "'".$text."'";
    }
}
