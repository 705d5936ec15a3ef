<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Lan;
use Tests\Browser\Session;

// the yard's network: who is let in, what the real server does, and that no tap is lost on the way

beforeEach(function (): void {
    $lan = Lan::shared();
    $this->lan = $lan;
    $this->signIn = function (string $name, string $path = '/today'): void {
        $driver = $this->chrome()->driver;
        // a page that asks nothing more
        $driver->get($this->lan->network.'/api/v1/nothing-here');
        $driver->executeAsyncScript(<<<'JS'
            const done = arguments[0];
            localStorage.clear();
            fetch('/api/v1/session').then((answer) => answer.json())
                .then(({ token }) => fetch('/api/v1/sign-in', { method: 'DELETE', headers: { 'X-CSRF-TOKEN': token } })).then(done, done);
            JS);
        $driver->get($this->lan->network.$path);
        $this->waitFor('//h1[contains(., "Zolbek")]');
        str_contains($this->text(), 'By name and password') && $this->click('By name and password');
        $this->type('Name', $name);
        $this->type('Password', Lan::PEOPLE[$name][1]);
        $this->click('Sign in');
        $this->waitFor('//nav');
    };
});

test('without an owner it does not start, and says how one is added', function (): void {
    $lan = Lan::prepared();
    try {
        expect($lan->refusal())->toContain('nobody is an owner yet')->toContain('./zolbek person NAME --role=owner');
    } finally {
        $lan->remove();
    }
});

test('the machine itself is asked nothing, the network everything, and no other name is answered at either door', function (): void {
    [$desk, $network] = [$this->lan->desk, $this->lan->network];
    expect($this->lan->ask($desk.'/api/v1/plants')[0])->toBe(200)->and($this->lan->ask($network.'/api/v1/plants')[0])->toBe(401)->and($this->lan->ask($network.'/bins')[0])->toBe(200);
    foreach (['/', '/api/v1/session'] as $path) {
        foreach ([$desk => [Lan::ADDRESS, 'zolbek.example', ''], $network => ['127.0.0.1', 'zolbek.example', 'localhost']] as $door => $names) {
            foreach ($names as $name) {
                expect($this->lan->ask($door.$path, ['Host: '.$name])[0])->toBe(400, "$door as $name");
            }
        }
    }
    // headers that a proxy might set say nothing about the door
    expect($this->lan->ask($network.'/api/v1/plants', ['X-Forwarded-For: 127.0.0.1', 'Zolbek-Door: desk', 'ZOLBEK_DOOR: desk', 'X-Real-IP: 127.0.0.1'])[0])->toBe(401);
    [$status, $headers] = $this->lan->ask(str_replace('https', 'http', $network).'/bins');
    expect($status)->toBe(301)->and($headers)->toContain('Location: '.$network.'/bins');
})->group('job');

test('files come compressed, over HTTP/2, are kept for ever by their names, and nothing else is given away', function (): void {
    preg_match('#/build/assets/[^"]+\.js#', $this->lan->ask($this->lan->network.'/bins')[2], $file);
    [$status, $headers, $body] = $this->lan->ask($this->lan->network.$file[0], ['Accept-Encoding: gzip']);
    expect($status)->toBe(200)->and($headers)->toStartWith('HTTP/2')->toMatch('/content-encoding: gzip/i')->toMatch('/max-age=31536000, immutable/')->toMatch('/x-content-type-options: nosniff/i')->toMatch('#content-type: text/javascript#i')
        ->and(gzdecode($body))->toBe(file_get_contents(dirname(__DIR__, 2).'/public'.$file[0]))->and(strtolower($headers))->not->toContain('x-powered-by')->not->toContain('nginx/');
    foreach (['/manifest.webmanifest' => 'application/manifest+json', '/sw.js' => 'text/javascript', '/icons/zolbek-192.png' => 'image/png'] as $path => $type) {
        [$status, $headers] = $this->lan->ask($this->lan->network.$path);
        expect($status)->toBe(200)->and(strtolower($headers))->toContain('content-type: '.$type)->toContain('no-cache');
    }
    foreach (['/../composer.json', '/build/assets/../../index.php', '/index.php', '/build/manifest.json', '/build/assets/%2e%2e/%2e%2e/index.php', '/zolbek.sqlite', '/server/lan.sh', '/build/assets/x.php'] as $path) {
        [, , $body] = $this->lan->ask($this->lan->network.$path);
        expect($body)->not->toContain('<?php')->not->toContain('laravel/framework')->not->toContain('SQLite format')->not->toContain('#!/');
    }
})->group('job');

test('a search comes line by line, not at its end', function (): void {
    $one = curl_init($this->lan->desk.'/api/v1/searches');
    $came = [];
    curl_setopt_array($one, [
        CURLOPT_POSTFIELDS => '{"plant_group":"airy_conifers","pot_id":1}', CURLOPT_HTTPHEADER => ['Content-Type: application/json', ...Session::headers($this->lan->desk)], CURLOPT_TIMEOUT => 60,
        CURLOPT_WRITEFUNCTION => static function ($one, string $piece) use (&$came): int {
            $came[] = microtime(true);

            return strlen($piece);
        },
    ]);
    curl_exec($one);
    expect(curl_getinfo($one, CURLINFO_RESPONSE_CODE))->toBe(200)->and(count($came))->toBeGreaterThan(3)->and(end($came) - $came[0])->toBeGreaterThan(0.1);
});

test('workers that die come back, and so do both servers', function (): void {
    [$fpm] = $this->lan->processes('php-fpm');
    $workers = $this->lan->childrenOf($fpm);
    expect($workers)->toHaveCount(4);
    array_map(static fn(int $pid): bool => posix_kill($pid, SIGKILL), $workers);
    $answers = function (): bool {
        for ($until = microtime(true) + 20; microtime(true) < $until; usleep(100_000)) {
            if ($this->lan->ask($this->lan->desk.'/api/v1/session')[0] === 200) {
                return true;
            }
        }

        return false;
    };
    expect($answers())->toBeTrue()->and(array_intersect($workers, $this->lan->childrenOf($fpm)))->toBe([]);
    [$nginx] = array_filter($this->lan->processes('nginx'), static fn(int $pid): bool => ! str_contains((string) file_get_contents("/proc/$pid/comm"), 'bash'));
    posix_kill($nginx, SIGTERM);
    expect($answers())->toBeTrue()->and(posix_kill($nginx, 0))->toBeFalse();
})->group('job');

test('a wrong password is told at its field, and what was typed stays', function (): void {
    $this->chrome()->driver->get($this->lan->network.'/bins');
    $this->type('Name', 'Toma');
    $this->type('Password', 'wrong');
    $this->click('Sign in');
    $this->see('Name and password do not fit together.');
    expect($this->field('Name')->getAttribute('value'))->toBe('Toma')->and($this->accessibilityFaults())->toBe([]);
});

test('each role meets the screens that it may use', function (): void {
    ($this->signIn)('Toma');
    $this->see('Toma');
    $this->waitFor('//button[contains(@aria-label, ": watered")]');
    $this->chrome()->driver->get($this->lan->network.'/plants/1');
    $this->waitFor('//button[.="Look at the roots"]');
    expect($this->text())->not->toContain('Edit')->and($this->accessibilityFaults())->toBe([]);
    $this->chrome()->driver->get($this->lan->network.'/people');
    $this->see('Your role here is helper; this needs that of owner.');
    ($this->signIn)('Ruta', '/plants/1');
    $this->waitFor('//h1[.="Gate pine"]');
    expect($this->text())->not->toContain('Look at the roots')->not->toContain('Add a task');
    ($this->signIn)('Ilka', '/people');
    $this->waitFor('//button[.="Add a person"]');
    expect($this->accessibilityFaults())->toBe([]);
    $this->chrome()->driver->get($this->lan->network.'/log?view=who');
    $this->waitFor('//main//h1');
    expect($this->accessibilityFaults())->toBe([]);
});

test('a phone is paired with the code from the desk, keeps a PIN, and comes back with it', function (): void {
    $driver = $this->chrome()->driver;
    $this->chrome()->resize(390, 844);
    $driver->get($this->lan->desk.'/people');
    $this->click('Pair a device: Toma');
    $code = str_replace(' ', '', $this->waitFor('//p[@aria-label="Code"]')->getText());
    $this->waitFor('//*[contains(@class, "ant-qrcode")]//*[name()="svg"]');
    $this->see($this->lan->network.'/pair');
    expect($this->accessibilityFaults())->toBe([]);
    $driver->get($this->lan->network.'/pair#'.$code);
    $this->type('Name of this device', 'Shed phone');
    $this->click('Make this device known');
    $this->type('PIN', '2580');
    expect($this->accessibilityFaults())->toBe([]);
    $this->click('Keep the PIN');
    $this->waitFor('//h1[.="Today"]');
    $this->click('Toma, Who you are here');
    $this->waitFor('//button[.="Sign out"]')->sendKeys(WebDriverKeys::ENTER);
    $this->type('PIN of Toma', '2580');
    $this->click('Sign in');
    $this->waitFor('//h1[.="Today"]');
    expect($this->chrome()->complaints())->toBe([]);
})->group('job');

test('a server that goes away loses no tap: they are kept, shown, and sent in order when it is back', function (): void {
    $plant = (int) $this->lan->value("select id from plants where name = 'Olive at the door'");
    $taps = fn(): int => (int) $this->lan->value("select count(*) from moisture_checks where plant_id = $plant and person = 'Toma'");
    $day = (int) $this->lan->value("select id from potting_days where status != 'finished' and archived_at is null order by id limit 1");
    ($this->signIn)('Toma');
    $this->waitFor('//button[contains(@aria-label, "Olive at the door: can wait")]');
    $this->lan->stop();
    expect($this->lan->ask($this->lan->desk.'/api/v1/session')[0])->toBe(0);
    $this->waitFor('//button[contains(@aria-label, "Olive at the door: can wait")]')->click();
    $this->see('can wait, not sent yet');
    $this->waitFor('//button[contains(@aria-label, "Jade in the corner: watered")]')->click();
    $this->see('2 taps not sent yet.');
    expect($taps())->toBe(0)->and($this->accessibilityFaults())->toBe([]);
    $this->lan->start();
    $this->waitUntilGone('//*[contains(., "not sent yet")]');
    expect($taps())->toBe(1)->and($day)->toBeGreaterThan(0);
})->group('job');

test('what somebody else did meanwhile is told, not swallowed', function (): void {
    ($this->signIn)('Toma');
    $day = (int) $this->lan->value("select id from potting_days where status != 'finished' and archived_at is null order by id limit 1");
    $this->chrome()->driver->get($this->lan->network."/days/$day/bench");
    $this->waitFor('//button[@aria-pressed]');
    $offline = fn(bool $is) => $this->chrome()->devtools('Network.emulateNetworkConditions', ['offline' => $is, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1]);
    $this->chrome()->devtools('Network.enable');
    $this->settle();
    $offline(true);
    $this->waitFor('//button[@aria-pressed="false"]')->click();
    $this->waitFor('//button[@aria-pressed="true"]');
    $this->see('1 tap not sent yet.');
    // at the desk its mixes are closed meanwhile
    foreach (explode(',', (string) $this->lan->value("select group_concat(distinct recipe_id) from day_plants where potting_day_id = $day")) as $recipe) {
        $one = curl_init($this->lan->desk."/api/v1/days/$day/leftovers");
        curl_setopt_array($one, [CURLOPT_RETURNTRANSFER => true, CURLOPT_POSTFIELDS => '{"recipe_id":'.$recipe.',"left_l":0,"correct":true}', CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Accept: application/json', ...Session::headers($this->lan->desk)]]);
        $said = (string) curl_exec($one);
        expect(curl_getinfo($one, CURLINFO_RESPONSE_CODE))->toBeIn([200, 201], $said);
    }
    $offline(false);
    $this->waitFor('//aside//*[@role="alert"][contains(., "a tick at the tub")]');
    $this->click('Understood: a tick at the tub');
    $this->waitUntilGone('//aside[@aria-label="Not sent yet"]');
    expect($this->chrome()->driver->executeScript('return localStorage.getItem("zolbek.unsent")'))->toBeNull();
});

test('the shell opens without a server on a device that had it before, and says that nobody answers', function (): void {
    $driver = $this->chrome()->driver;
    $driver->get($this->lan->desk.'/today');
    $this->waitFor('//h1[.="Today"]');
    $driver->executeAsyncScript('const done = arguments[0]; navigator.serviceWorker.ready.then(() => done(true));');
    $driver->navigate()->refresh();
    $this->waitFor('//h1[.="Today"]');
    $this->settle();
    $this->lan->stop();
    $driver->get($this->lan->desk.'/today');
    $this->waitFor('//button[.="Try again"]');
    $this->lan->start();
    $this->click('Try again');
    expect($this->waitFor('//h1[.="Today"]')->isDisplayed())->toBeTrue();
    $driver->executeAsyncScript('const done = arguments[0]; navigator.serviceWorker.getRegistrations().then(async (all) => { for (const each of all) { await each.unregister(); } done(true); });');
});

test('it ends every process that it started, and leaves no file but its data', function (): void {
    $run = $this->lan->runFolder();
    $started = $this->lan->processes();
    foreach ([...$started] as $pid) {
        array_push($started, ...$this->lan->childrenOf($pid));
    }
    expect(count(array_unique($started)))->toBeGreaterThan(6)->and(is_dir($run))->toBeTrue();
    $this->lan->stop();
    usleep(500_000);
    clearstatcache();
    expect(array_filter(array_unique($started), static fn(int $pid): bool => posix_kill($pid, 0)))->toBe([])->and(is_dir($run))->toBeFalse();
})->group('job');
