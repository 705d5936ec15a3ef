<?php

declare(strict_types=1);

namespace App\Trainer;

use App\Common\SaidHere;
use App\Pots\PotPresenter;
use App\Shelf\ReferenceComponents;
use App\Situations\ReferenceSpecies;
use App\Truth\ReferencePanel;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Question\Evaluation\Request;
use Zolbek\Core\Question\Validation\ExpertPanel;

/** Twenty made-up pots to learn with, out of the practice cases that ship. Nothing in them hangs on the yard. */
final class TrainerPots
{
    private const CASES = ['s02', 's04', 's07', 's09', 's10', 's11', 's13', 's15', 's16', 's17', 's18', 's19', 's20', 's24', 's26', 't05', 't10', 't12', 't15', 't20'];

    /** @var array<string, array<string, mixed>> components by key */
    private array $components;

    /** @var list<array{id: string, mix: array<string, float|int>, pot: array<string, mixed>, holes: array<string, mixed>, headspace_cm: float|int, species: string, exposure: string, habit_h?: float|int|null, site: string|array<string, mixed>, expect: array{rating: string, levels: array<string, string>, sure: string}}> */
    private array $cases;

    /** @var array<string, array<string, mixed>> */
    private array $sites;

    /** @var array<int, Setup> by pot */
    private array $setups = [];

    public function __construct(private readonly ReferenceComponents $reference, private readonly ReferenceSpecies $species, ReferencePanel $panel)
    {
        $this->components = array_column($reference->all(), null, 'key');
        ['sites' => $this->sites, 'cases' => $cases] = $panel->panel();
        $byId = array_column($cases, null, 'id');
        $this->cases = array_values(array_map(static fn(string $id): array => $byId[$id], self::CASES));
    }

    public function count(): int
    {
        return count($this->cases);
    }

    /** @throws Refused field "pot" */
    public function setup(int $pot): Setup
    {
        return $this->setups[$pot] ??= Request::read(ExpertPanel::question($this->raw($pot), $this->sites), array_values($this->components), $this->species->byKey(...))->setup ?? throw Refused::because('pot', 'no_such_pot', $pot);
    }

    /** @return list<array<string, mixed>> what is told of each before it is answered: schema TrainerPot */
    public function all(): array
    {
        return array_map($this->told(...), range(1, $this->count()));
    }

    /** @return array<string, mixed> */
    private function told(int $pot): array
    {
        $case = $this->raw($pot);
        $species = $this->species->byKey()[$case['species']] ?? null;
        $setup = $this->setup($pot);

        return [
            'id' => $pot,
            'plant' => SaidHere::text(is_string($species['name'] ?? null) ? $species['name'] : ucfirst(trim(str_replace(['unknown:', '-'], ['', ' '], $case['species'])))),
            'site' => is_string($case['site']) ? $case['site'] : '',
            'exposure' => $case['exposure'],
            'habit_h' => isset($case['habit_h']) ? (float) $case['habit_h'] : null,
            'mix' => array_map(fn(string $key, float|int $parts): array => ['name' => SaidHere::text((string) ($this->components[$key]['name'] ?? $key)), 'kind' => (string) $this->components[$key]['kind'], 'colour' => (string) ($this->components[$key]['colour'] ?? '#888888'), 'parts' => (float) $parts], array_keys($case['mix']), $case['mix']),
            'depth_cm' => $setup->pot->depthCm,
            'volume_l' => $setup->zone->volumeL,
            'holes' => $setup->holes->count,
            'hole_cm' => $setup->holes->diameterCm,
            'outline' => PotPresenter::outline($setup->pot),
        ];
    }

    /** @return list<array<string, mixed>> how its mix is drawn */
    public function materials(Setup $setup): array
    {
        return array_map(fn(Material $component): array => [
            'id' => $component->key, 'kind' => (string) $this->components[$component->key]['kind'], 'colour' => (string) ($this->components[$component->key]['colour'] ?? '#888888'), 'class_shares' => $component->classShares,
        ], $setup->substrate->blend->components);
    }

    /**
     * @return array{id: string, mix: array<string, float|int>, pot: array<string, mixed>, holes: array<string, mixed>, headspace_cm: float|int, species: string, exposure: string, habit_h?: float|int|null, site: string|array<string, mixed>, expect: array{rating: string, levels: array<string, string>, sure: string}}
     *
     * @throws Refused field "pot"
     */
    private function raw(int $pot): array
    {
        return $this->cases[$pot - 1] ?? throw Refused::because('pot', 'no_such_pot', $pot);
    }
}
