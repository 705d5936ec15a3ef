<?php

declare(strict_types=1);

use Tests\Browser\Process;

/** Every way in which a page of another origin can ask for something without being allowed to. */
const ATTEMPTS = <<<'JS'
    const [site, done] = arguments;
    const api = site + '/api/v1/';
    const body = JSON.stringify({ name: 'Taken' });
    const tries = [
        ['plants/1?_method=PUT', { method: 'POST', body, headers: { 'Content-Type': 'text/plain; a=/json' } }],
        ['plants/1?_method=PUT', { method: 'POST', body, headers: { 'Content-Type': 'text/plain' } }],
        ['pots/1?_method=PUT', { method: 'POST', body: new URLSearchParams({ name: 'Taken', _method: 'PUT' }) }],
        ['days/1/loads/1?_method=DELETE', { method: 'POST' }],
        ['components/1/movements', { method: 'POST', body: JSON.stringify({ kind: 'count', counted_l: 0 }), headers: { 'Content-Type': 'text/plain; a=/json' } }],
        ['components/1/movements', { method: 'POST', body: JSON.stringify({ kind: 'count', counted_l: 0 }), headers: { 'Content-Type': 'application/json' } }],
        ['plants/1', { method: 'PUT', body, headers: { 'Content-Type': 'application/json' } }],
        ['days/1/plants/1', { method: 'DELETE' }],
        ['sites', { method: 'POST', body: new Blob([body], { type: 'text/plain' }) }],
    ];
    (async () => {
        const seen = [];
        for (const [path, how] of tries) {
            for (const mode of ['no-cors', 'cors']) {
                try {
                    const answer = await fetch(api + path, { ...how, mode, credentials: 'include' });
                    seen.push(answer.type === 'opaque' ? 'unread' : String(answer.status));
                } catch {
                    seen.push('kept from asking');
                }
            }
        }
        navigator.sendBeacon(api + 'components/1/movements', JSON.stringify({ kind: 'count', counted_l: 0 }));
        for (const [path, type] of [['plants/1?_method=PUT', 'text/plain'], ['components/1/movements', 'application/x-www-form-urlencoded']]) {
            const frame = document.createElement('iframe');
            frame.name = 'frame' + Math.random();
            document.body.append(frame);
            const form = document.createElement('form');
            Object.assign(form, { method: 'post', action: api + path, enctype: type, target: frame.name });
            form.innerHTML = `<input name='{"name":"Taken","x":"' value='"}'><input name="_method" value="PUT">`;
            document.body.append(form);
            const gone = new Promise((loaded) => { frame.addEventListener('load', loaded); setTimeout(loaded, 3000); });
            form.submit();
            await gone;
        }
        done(seen);
    })();
    JS;

/** What stands in the tables that somebody could want to change. */
function tablesOf(string $database): string
{
    $read = new PDO('sqlite:'.$database);
    $rows = [];
    foreach (['components', 'stock_movements', 'lots', 'plants', 'pots', 'sites', 'potting_days', 'day_plants', 'day_loads'] as $table) {
        $rows[$table] = $read->query('select * from '.$table)->fetchAll(PDO::FETCH_ASSOC);
    }

    return (string) json_encode($rows);
}

test('a page of another origin in the same browser changes nothing', function (): void {
    $folder = sys_get_temp_dir().'/zolbek-elsewhere-'.getmypid();
    is_dir($folder) || mkdir($folder);
    file_put_contents($folder.'/index.html', '<!doctype html><html lang="en"><title>Elsewhere</title><body>Elsewhere</body></html>');
    $elsewhere = Process::listening(static fn(int $port): array => ['php', '-S', '127.0.0.1:'.$port, '-t', $folder]);
    try {
        $this->open('/bins');
        $this->see('35 entries');
        $before = tablesOf($this->database());
        $driver = $this->chrome()->driver;
        foreach (['127.0.0.1', 'localhost'] as $host) {
            $driver->get('http://'.$host.':'.$elsewhere->port.'/');
            $driver->manage()->timeouts()->setScriptTimeout(30);
            $seen = $driver->executeAsyncScript(ATTEMPTS, [$this->address()]);
            expect($seen)->toHaveCount(18)->and(array_intersect($seen, ['200', '201']))->toBe([]);
        }
        expect(tablesOf($this->database()))->toBe($before);
    } finally {
        $elsewhere->stop();
        array_map(unlink(...), glob($folder.'/*') ?: []);
        rmdir($folder);
    }
    // a page of ones own still can
    $this->open('/bins');
    expect($this->chrome()->driver->executeAsyncScript(
        'fetch("/api/v1/session").then((answer) => answer.json()).then(({ token }) => fetch("/api/v1/components/1/movements", { method: "POST", headers: { "Content-Type": "application/json", "X-CSRF-TOKEN": token }, body: JSON.stringify({ kind: "count", counted_l: 7 }) })).then((answer) => arguments[0](answer.status))',
    ))->toBe(201)->and(tablesOf($this->database()))->not->toBe($before);
})->group('job');

test('the application runs under the rules that it gives the browser, and nothing slips in between', function (): void {
    foreach (['/bins', '/plants/5', '/days/1/print'] as $path) {
        $this->open($path);
        $this->waitUntilGone('//*[contains(@class,"ant-spin-spinning")]');
    }
    $this->openWithMix('/blend');
    $this->see('Verdicts');
    $this->click('Work out a batch');
    $this->waitFor('//*[@role="dialog"]');
    expect($this->chrome()->complaints())->toBe([]);
    $driver = $this->chrome()->driver;
    $tried = <<<'JS'
        const done = arguments[0];
        const seen = [];
        document.addEventListener('securitypolicyviolation', (event) => seen.push(event.effectiveDirective));
        const inline = document.createElement('script');
        inline.textContent = 'window.slipped = true';
        document.body.append(inline);
        const foreign = document.createElement('script');
        foreign.src = 'http://localhost:9/elsewhere.js';
        document.body.append(foreign);
        document.body.insertAdjacentHTML('beforeend', '<img src="http://localhost:9/pixel.png"><a href="javascript:window.slipped = true" id="slip">x</a>');
        document.getElementById('slip').click();
        fetch('http://localhost:9/').catch(() => undefined);
        setTimeout(() => done([window.slipped ?? false, [...new Set(seen)].sort()]), 500);
        JS;
    expect($driver->executeAsyncScript($tried))->toBe([false, ['connect-src', 'img-src', 'script-src-elem']]);
    $this->chrome()->complaints();
    // no other page may hold it
    $framed = 'const frame = document.createElement("iframe"); frame.src = "/blend"; document.body.append(frame); frame.addEventListener("load", () => setTimeout(() => arguments[0](frame.contentDocument === null), 300));';
    expect($driver->executeAsyncScript($framed))->toBeTrue();
    $this->chrome()->complaints();
})->group('job');

test('a session that has ended is begun anew by the page, and what was tapped is written down', function (): void {
    $this->open('/today');
    $watered = $this->waitFor('//button[@aria-label="T-014 Olive at the door: watered"]');
    $this->chrome()->driver->manage()->deleteAllCookies();
    $watered->click();
    $this->see('T-014 Olive at the door is watered.');
});
