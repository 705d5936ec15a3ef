<?php

declare(strict_types=1);

namespace App\Plants;

use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Work\Inspection\Degree;
use Zolbek\Core\Work\Inspection\Finding;

/** What was seen at a root ball: findings, and of some how much and on which side. */
final readonly class Seen
{
    public const SIDES = ['left', 'right', 'front', 'back'];

    /**
     * @param list<Finding>                                             $findings
     * @param list<array{finding: string, degree: string, side: string|null}> $details
     */
    private function __construct(public array $findings, public array $details) {}

    /** @param mixed $details `[{finding, degree, side?}]` of findings that were ticked */
    public static function read(mixed $findings, mixed $details, Refusals $refusals, string $path): self
    {
        $ticked = InspectionForm::findings($findings, $refusals, $path.'findings');
        $words = array_column($ticked, 'value');
        $read = [];
        if (! is_array($details) || ! array_is_list($details) || count($details) > count($words)) {
            $refusals->add(new Refusal($path.'details', 'list_of_most', $details, ['max' => count($words)]));
            $details = [];
        }
        foreach ($details as $i => $row) {
            $fields = Fields::of($row, ['finding', 'degree', 'side'], $refusals, $path.'details.'.$i);
            $finding = Finding::tryFrom((string) $fields->oneOf('finding', $words));
            $degree = $fields->oneOf('degree', array_column(Degree::cases(), 'value'), Degree::Clear->value) ?? Degree::Clear->value;
            $side = $fields->has('side') && $finding?->hasSide() === true ? $fields->oneOf('side', self::SIDES) : null;
            if ($finding !== null) {
                $read[$finding->value] = ['finding' => $finding->value, 'degree' => $degree, 'side' => $side];
            }
        }

        return new self($ticked, array_values($read));
    }

    /**
     * As it is kept.
     *
     * @param list<Finding>                                                   $findings
     * @param list<array{finding: string, degree: string, side: string|null}> $details
     *
     * @return array<string, Degree> by finding; clear where nobody said how much
     */
    public static function degrees(array $findings, array $details): array
    {
        $said = array_column($details, 'degree', 'finding');
        $degrees = [];
        foreach ($findings as $finding) {
            $degrees[$finding->value] = Degree::tryFrom($said[$finding->value] ?? '') ?? Degree::Clear;
        }

        return $degrees;
    }
}
