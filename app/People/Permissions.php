<?php

declare(strict_types=1);

namespace App\People;

use Illuminate\Routing\Route;

/** The least role that a route of the API asks for. What only computes is anybody's; a write that is named nowhere is the growers'. */
final class Permissions
{
    /** Asked before anybody is known. */
    private const ANYBODY = ['GET session', 'POST sign-in', 'DELETE sign-in', 'POST pairings', 'GET calendars/{secret}.ics'];

    /** Sent as writes, for what they ask is long; nothing is kept of them. */
    private const READER = [
        'POST evaluate', 'POST pots/checks', 'POST pots/outline', 'POST searches', 'POST searches/fewest', 'POST views/pots', 'POST views/ageing', 'POST views/depths', 'POST views/compaction', 'POST views/curve', 'POST views/trade',
        'POST views/ranges', 'POST views/triangle', 'POST writing/read', 'POST writing/expand', 'POST writing/top-up', 'POST writing/thrown-in', 'POST writing/extras', 'POST compare', 'POST batches/plan',
        'POST plants/{plant}/inspections/judge', 'POST days/{day}/news', 'POST season/year', 'POST season/place', 'POST season/away', 'POST season/away/helps', 'POST trials/needed', 'PUT session/password', 'PUT session/pin', 'PUT session/yard',
    ];

    /** The bench, checks and tasks. */
    private const HELPER = [
        'POST bench/tests', 'PUT bench/tests/{test}', 'PATCH bench/tests/{test}', 'POST bench/tests/{test}/finish', 'PUT instruments/{instrument}', 'POST instruments/{instrument}/tare', 'POST instruments/{instrument}/shake',
        'POST batches/{batch}/mixed', 'DELETE batches/{batch}/mixed', 'PUT days/{day}/ticks', 'POST days/{day}/loads', 'DELETE days/{day}/loads/{load}', 'POST days/{day}/plants/{entry}/state', 'POST days/{day}/leftovers',
        'DELETE days/{day}/leftovers/{leftover}', 'POST plants/{plant}/events', 'POST plants/{plant}/inspections', 'POST plants/{plant}/moisture', 'PUT plants/{plant}/use', 'POST plants/{plant}/photos', 'POST plants/{plant}/growth', 'DELETE plants/{plant}/growth/{measure}', 'POST tasks', 'PUT tasks/{task}', 'PATCH tasks/{task}',
        'PUT rounds/{id}', 'POST components/{component}/movements', 'POST round', 'DELETE round', 'POST trainer/{pot}/answers', 'PUT trials/{trial}/values', 'PUT trials/{trial}/lost', 'POST zones/{zone}/run', 'DELETE zones/{zone}/run', 'POST sites/{site}/weather', 'PUT sites/{site}/weather',
    ];

    /** People, copies, what holds for the whole yard. */
    private const OWNER = [
        'PUT right/calibrations/{calibration}',
        'GET people', 'POST people', 'PUT people/{person}', 'PUT people/{person}/archived', 'PUT people/{person}/password', 'POST people/{person}/pairing', 'DELETE devices/{device}', 'GET backup', 'GET yard', 'POST yard', 'PUT proportions', 'PUT model-news',
        'POST calendar-address', 'GET status', 'POST yards', 'PUT yards/{yard}', 'PUT yards/{yard}/archived',
    ];

    /** Null where nobody need be known. */
    public static function least(Route $route, string $method): ?Role
    {
        $asked = $method.' '.preg_replace('#^api/v1/#', '', $route->uri());

        return match (true) {
            in_array($asked, self::ANYBODY, true) => null,
            in_array($asked, self::OWNER, true) => Role::Owner,
            in_array($asked, self::HELPER, true) => Role::Helper,
            in_array($asked, self::READER, true), in_array($method, ['GET', 'HEAD'], true) => Role::Reader,
            default => Role::Grower,
        };
    }

    /** @return list<string> every route that is named here */
    public static function named(): array
    {
        return [...self::ANYBODY, ...self::READER, ...self::HELPER, ...self::OWNER];
    }
}
