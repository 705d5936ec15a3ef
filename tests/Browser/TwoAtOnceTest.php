<?php

declare(strict_types=1);

use Tests\Browser\Session;

pest()->group('job');

/** What another device does meanwhile. */
function elsewhere(string $address, string $method, string $path, array $body): array
{
    $context = stream_context_create(['http' => ['method' => $method, 'header' => implode("\r\n", ['Content-Type: application/json', 'Accept: application/json', ...Session::headers($address)]), 'content' => json_encode((object) $body), 'ignore_errors' => true]]);

    return (array) json_decode((string) file_get_contents($address.'/api/v1'.$path, false, $context), true);
}

test('a form that was open while somebody potted the plant keeps both', function (): void {
    $this->open('/plants/1');
    $this->see('Gate pine');
    $this->click('Edit');
    $this->waitFor('//div[contains(@class,"ant-drawer-footer")]//button[.="Save"]');
    $day = elsewhere($this->address(), 'GET', '/days/1', []);
    $entry = array_values(array_filter($day['entries'], static fn(array $entry): bool => $entry['plant']['id'] === 1))[0];
    $pot = elsewhere($this->address(), 'GET', '/pots?search=Moss', [])['data'][0];
    elsewhere($this->address(), 'PUT', '/days/1/plants/'.$entry['id'], ['revision' => $entry['revision'], 'changes' => ['pot_id' => $pot['id'], 'ball' => null, 'layer' => null]]);
    expect(elsewhere($this->address(), 'POST', '/days/1/plants/'.$entry['id'].'/state', ['state' => 'done', 'person' => 'Orsolt', 'accepted' => 'Only for the night'])['message'] ?? 'done')->toBe('done');
    $this->type('Note', 'Watch the graft');
    $this->waitFor('//div[contains(@class,"ant-drawer-footer")]//button[.="Save"]')->click();
    $this->waitUntilGone('//div[contains(@class,"ant-drawer-mask")]');
    $plant = elsewhere($this->address(), 'GET', '/plants/1', [])['plant'];
    expect($plant['pot_id'])->toBe($pot['id'])->and($plant['note'])->toBe('Watch the graft')->and($plant['potted_on'])->toBe(date('Y-m-d'));
});

test('who changes the very field that somebody else changed is told, and keeps what was typed', function (): void {
    $this->open('/plants/1');
    $this->click('Edit');
    $this->waitFor('//div[contains(@class,"ant-drawer-footer")]//button[.="Save"]');
    elsewhere($this->address(), 'PUT', '/plants/1', ['revision' => elsewhere($this->address(), 'GET', '/plants/1', [])['plant']['revision'], 'name' => 'Gate pine, east']);
    $this->type('Name', 'Gate pine, west');
    $this->waitFor('//div[contains(@class,"ant-drawer-footer")]//button[.="Save"]')->click();
    $this->see('it is "Gate pine, east" now');
    expect($this->field('Name')->getAttribute('value'))->toBe('Gate pine, west')->and(elsewhere($this->address(), 'GET', '/plants/1', [])['plant']['name'])->toBe('Gate pine, east');
});
