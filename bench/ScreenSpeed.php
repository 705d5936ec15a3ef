<?php

declare(strict_types=1);

namespace Bench;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverExpectedCondition;
use Tests\Browser\Chrome;

/** Middle and 95th percentile in ms from pressing + to the next picture that is painted, timed inside the page. */
final class ScreenSpeed
{
    private const CHANGES = 40;

    /** @return array{float, float} */
    public static function measure(Chrome $chrome, string $address): array
    {
        $driver = $chrome->driver;
        $driver->get($address.'/blend');
        $recipe = WebDriverBy::xpath('//button[.="Brook maples"]');
        $driver->wait(10)->until(WebDriverExpectedCondition::elementToBeClickable($recipe));
        $driver->findElement($recipe)->click();
        $driver->wait(10)->until(WebDriverExpectedCondition::presenceOfElementLocated(WebDriverBy::cssSelector('[class*="__pot-section"]')));
        $driver->manage()->timeouts()->setScriptTimeout(20);
        $times = [];
        for ($i = 0; $i < self::CHANGES; ++$i) {
            $times[] = (float) $driver->executeAsyncScript(<<<'JS'
                const done = arguments[arguments.length - 1];
                const picture = () => document.querySelector('[class*="__pot-section"]').getAttribute('aria-label')
                    + [...document.querySelectorAll('[class*="__pot-section"] path')].map((path) => path.getAttribute('d').length).join();
                const before = picture();
                const start = performance.now();
                const look = () => {
                    const section = document.querySelector('[class*="__blend-picture"]');
                    if (section.getAttribute('aria-busy') === 'false' && picture() !== before) {
                        requestAnimationFrame(() => setTimeout(() => done(performance.now() - start)));
                    } else {
                        requestAnimationFrame(look);
                    }
                };
                document.querySelector('button[aria-label^="One part more"]').click();
                requestAnimationFrame(look);
                JS);
        }
        sort($times);

        return [$times[intdiv(self::CHANGES, 2)], $times[(int) (0.95 * self::CHANGES)]];
    }
}
