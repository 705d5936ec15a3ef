<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Session;

// what to mix: from three answers to a sheet, where nothing fits, what replaces what is out, and the fewest mixes; and what a search leaves behind

/** A search stands behind other work: with all tests at once on two cores it takes its time. */
const LONG_S = 120.0;

/** What the screen found, each as one reads it. @return list<string> */
function foundMixes(): array
{
    return array_map(static fn($row): string => (string) $row->getAttribute('aria-label'), test()->chrome()->driver->findElements(WebDriverBy::xpath('//li[starts-with(@aria-label,"Mix ")]')));
}

/** @return list<int> processes of searches that this server began, or that nobody looks after any more */
function searching(): array
{
    $told = static fn(int $pid): string => str_replace("\0", ' ', (string) @file_get_contents("/proc/$pid/cmdline"));
    $server = '127.0.0.1:'.parse_url(test()->address(), PHP_URL_PORT);
    $found = [];
    foreach (glob('/proc/[0-9]*', GLOB_ONLYDIR) ?: [] as $folder) {
        $pid = (int) basename($folder);
        if (str_contains($told($pid), dirname(__DIR__, 2).'/app/Search/worker.php')) {
            $parent = (int) (explode(' ', substr((string) strrchr((string) @file_get_contents($folder.'/stat'), ')'), 2))[1] ?? 0);
            if ($parent <= 1 || str_contains($told($parent), $server)) {
                $found[] = $pid;
            }
        }
    }

    return $found;
}

/** Until there are so many, or some seconds have gone by. */
function waitForSearches(int $many): int
{
    for ($i = 0; $i < 100 && count(searching()) !== $many; ++$i) {
        usleep(50_000);
    }

    return count(searching());
}

function asking(array $find = []): CurlHandle
{
    $one = curl_init(test()->address().'/api/v1/searches');
    curl_setopt_array($one, [
        CURLOPT_RETURNTRANSFER => true, CURLOPT_HTTPHEADER => ['Content-Type: application/json', ...Session::headers(test()->address())],
        CURLOPT_POSTFIELDS => json_encode(['pot_id' => 1, 'plant_group' => 'airy_conifers', 'headspace_cm' => 0.8, 'situation' => ['purpose' => 'grow_on', 'site_id' => 1], 'find' => (object) ['source' => 'bought', ...$find]]),
    ]);

    return $one;
}

/** Lets several go on for a while. */
function goOn(CurlMultiHandle $all, float $seconds): void
{
    for ($until = microtime(true) + $seconds; microtime(true) < $until;) {
        curl_multi_exec($all, $running);
        curl_multi_select($all, 0.05);
    }
}

test('three answers lead to mixes, one of them to a printed sheet', function (): void {
    $this->open('/blend');
    $this->see('What goes into the tub?');
    $this->click('Find a mix');
    $this->pick('How often does somebody water in summer?', 'twice a day');
    $this->click('Find mixes');
    $this->waitFor('//li[starts-with(@aria-label,"Mix 1: ")]//*[name()="svg"]', LONG_S);
    $this->waitFor('//*[contains(.,"recipes looked at")]', LONG_S);
    $found = foundMixes();
    expect(count($found))->toBeGreaterThanOrEqual(3)->and($found)->toBe(array_values(array_unique($found)));
    $this->see('suits best');
    expect($this->accessibilityFaults())->toBe([]);
    $this->chrome()->driver->findElement(WebDriverBy::tagName('body'))->sendKeys('1');
    $this->see('Taken: '.substr($found[0], strlen('Mix 1: ')));
    $this->waitUntilFresh();
    $this->see('Verdicts');
    $this->click('Work out a batch');
    $this->waitFor('//section[contains(@class,"batch-figures")][@aria-busy="false"]');
    $this->type('Name of the batch', 'Found for the pines');
    $this->click('Save and open the mixing sheet');
    $this->see('Found for the pines');
    expect($this->chrome()->driver->getCurrentURL())->toContain('/log/');
    $this->settle();
    $pdf = base64_decode($this->chrome()->devtools('Page.printToPDF', ['preferCSSPageSize' => true])['data'] ?? '', true);
    expect(str_starts_with($pdf, '%PDF'))->toBeTrue()->and(preg_match_all('~/Type\s*/Page\b~', $pdf))->toBe(1);
})->group('job');

test('where no mix keeps the wishes a step that would help is told, and taken', function (): void {
    $this->open('/blend/find');
    $this->waitFor('//*[@role="button"][contains(.,"More wishes")]')->click();
    $this->type('Mix of one pot costs at most', '0.1');
    $this->click('Find mixes');
    $this->waitFor('//strong[.="No recipe keeps all wishes."]', LONG_S);
    $this->see('Let the mix of one pot cost');
    $this->waitFor('(//section[@aria-label="What would help, the smallest step each"]//button)[1]')->click();
    $this->waitFor('//li[starts-with(@aria-label,"Mix 1: ")]', LONG_S);
});

test('what is out of stock is replaced by what behaves most like it', function (): void {
    $this->openWithMix('/blend');
    $this->waitUntilFresh();
    $this->open('/blend/find?from=replace');
    $this->click('Find mixes');
    $this->waitFor('//p[contains(.,"behaves most like your mix")]', LONG_S);
    $this->waitFor('//*[contains(.,"recipes looked at")]', LONG_S);
    expect(foundMixes())->not->toBe([]);
    expect($this->text())->not->toContain('some has to be bought');
});

test('the fewest mixes of a day become its recipes', function (): void {
    $this->open('/days/1');
    $this->see('12 entries');
    $this->click('Fewest mixes');
    $this->click('Find the fewest mixes');
    $this->waitFor('//h2[contains(.,"all 12 plants")]', LONG_S);
    expect($this->accessibilityFaults())->toBe([]);
    $this->waitFor('(//button[starts-with(normalize-space(.),"Make ") and contains(.,"for this day")])[1]')->click();
    $this->see('12 entries');
    $this->see('Spring bench, twelve trees, mix 1');
    expect($this->chrome()->driver->getCurrentURL())->toContain('/days/1');
});

test('a search that somebody leaves, or stops, leaves nothing running', function (): void {
    expect(waitForSearches(0))->toBe(0);
    $all = curl_multi_init();
    $one = asking();
    curl_multi_add_handle($all, $one);
    goOn($all, 0.8);
    expect(count(searching()))->toBe(1);
    $left = microtime(true);
    curl_multi_remove_handle($all, $one);
    curl_close($one);
    unset($one);
    curl_multi_close($all);
    expect(waitForSearches(0))->toBe(0)->and(microtime(true) - $left)->toBeLessThan(2.0);

    $this->open('/blend/find');
    $this->pick('What may go in', 'anything, with purchases');
    $this->click('Find mixes');
    $this->waitFor('//li[starts-with(@aria-label,"Mix 1: ")]', LONG_S);
    $this->click('Stop');
    $this->see('Stopped. This is the best so far');
    expect(waitForSearches(0))->toBe(0)->and(foundMixes())->not->toBe([]);

    $this->click('Find again');
    $this->waitFor('//li[starts-with(@aria-label,"Mix 1: ")]', LONG_S);
    $this->open('/bins');
    expect(waitForSearches(0))->toBe(0);
})->group('job');

test('two run at once, a third waits, a fourth is sent away, and the rest is answered meanwhile', function (): void {
    $all = curl_multi_init();
    $asked = array_map(static function () use ($all): CurlHandle {
        $one = asking();
        curl_multi_add_handle($all, $one);
        goOn($all, 0.3);

        return $one;
    }, range(1, 4));
    expect(count(searching()))->toBe(2)->and(curl_getinfo($asked[3], CURLINFO_RESPONSE_CODE))->toBe(429);
    foreach (range(1, 5) as $_) {
        $began = microtime(true);
        expect(json_decode((string) file_get_contents(test()->address().'/api/v1/components'), true)['total'])->toBe(35)->and(microtime(true) - $began)->toBeLessThan(3.0);
    }
    // the first leaves: the third takes its place
    curl_multi_remove_handle($all, $asked[0]);
    curl_close($asked[0]);
    $asked[0] = null;
    for ($i = 0; $i < 300 && ! str_contains((string) curl_multi_getcontent($asked[2]), '"kind":"progress"'); ++$i) {
        goOn($all, 0.1);
    }
    expect(count(searching()))->toBe(2)->and((string) curl_multi_getcontent($asked[2]))->toContain('"kind":"waiting"')->toContain('"kind":"progress"');
    foreach ([1, 2, 3] as $i) {
        curl_multi_remove_handle($all, $asked[$i]);
        curl_close($asked[$i]);
        $asked[$i] = null;
    }
    curl_multi_close($all);
    expect(waitForSearches(0))->toBe(0);
});
