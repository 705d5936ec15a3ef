<?php

declare(strict_types=1);

namespace App\Console;

use App\Bench\Models\Vessel;
use App\Bench\VesselFields;
use App\Common\Field;
use App\Irrigation\ZoneFields;
use App\People\Role;
use App\Plants\FertiliserFields;
use App\Plants\Models\Fertiliser;
use App\Plants\Models\Plant;
use App\Plants\PlantFields;
use App\Pots\Models\Pot;
use App\Pots\PotFields;
use App\Situations\SiteFields;
use App\Situations\SpeciesFields;
use BackedEnum;
use Zolbek\Core\Mix\Material\MaterialKind;
use Zolbek\Core\Place\Container\BallTreatment;
use Zolbek\Core\Place\Container\PotShape;
use Zolbek\Core\Place\Plant\GrowthStage;
use Zolbek\Core\Place\Plant\Leaf;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Plant\Purpose;
use Zolbek\Core\Place\Plant\RootVigour;
use Zolbek\Core\Place\Site\Exposure;
use Zolbek\Core\Place\Site\Stand;
use Zolbek\Core\Place\Site\Surface;
use Zolbek\Core\Place\Site\Wind;
use Zolbek\Core\Place\Watering\Feed;
use Zolbek\Core\Place\Watering\WateringMethod;
use Zolbek\Core\Verdict\Change\ChangeKind;
use Zolbek\Core\Verdict\Fit\Criterion;
use Zolbek\Core\Verdict\Fit\Rating;
use Zolbek\Core\Verdict\Search\Merit;
use Zolbek\Core\Verdict\Search\Source;
use Zolbek\Core\Verdict\Search\Start;
use Zolbek\Core\Verdict\Search\Wish;
use Zolbek\Core\Work\Aftercare\TaskKind;
use Zolbek\Core\Work\BenchTest\TestKind;
use Zolbek\Core\Work\Feeding\FeedingSchool;
use Zolbek\Core\Work\Inspection\Finding;
use Zolbek\Core\Work\Inspection\Health;
use Zolbek\Core\Work\Timing\DueLevel;

/** What code describes of the contract in api/openapi.json: the words of the core, and the fields of records that are described once. */
final class Contract
{
    /** @var array<string, class-string<BackedEnum>> */
    private const WORDS = [
        'BallTreatment' => BallTreatment::class, 'Criterion' => Criterion::class, 'DueLevel' => DueLevel::class, 'Exposure' => Exposure::class, 'Feed' => Feed::class, 'FeedingSchool' => FeedingSchool::class,
        'Finding' => Finding::class, 'GrowthStage' => GrowthStage::class, 'Health' => Health::class, 'Kind' => MaterialKind::class, 'Leaf' => Leaf::class, 'MendKind' => ChangeKind::class, 'Merit' => Merit::class, 'MixSource' => Source::class, 'PlantGroup' => PlantGroup::class,
        'PotSurface' => Surface::class, 'Purpose' => Purpose::class, 'Rating' => Rating::class, 'Role' => Role::class, 'Shape' => PotShape::class, 'SearchStart' => Start::class, 'Stand' => Stand::class, 'TaskKind' => TaskKind::class, 'TestKind' => TestKind::class, 'Vigour' => RootVigour::class,
        'WateringMethod' => WateringMethod::class, 'Wish' => Wish::class, 'Wind' => Wind::class,
    ];

    /**
     * The contract with what is described in code put in.
     *
     * @param array<string, mixed> $document
     *
     * @return array<string, mixed>
     */
    public static function described(array $document): array
    {
        $schemas = $document['components']['schemas'];
        foreach (self::WORDS as $schema => $enum) {
            $schemas[$schema] = ['type' => 'string', 'enum' => array_column($enum::cases(), 'value')];
        }
        $schemas['Mend']['properties']['kind'] = ['$ref' => '#/components/schemas/MendKind'];
        $schemas['Origin'] = ['type' => 'string', 'enum' => Plant::ORIGINS];
        $schemas['VesselKind'] = ['type' => 'string', 'enum' => Vessel::KINDS];
        $schemas['FertiliserForm'] = ['type' => 'string', 'enum' => Fertiliser::FORMS];
        $schemas['PotWall'] = ['type' => 'string', 'enum' => Pot::WALLS];
        foreach (self::records() as $record => $described) {
            foreach ([$record, $record.'Input'] as $schema) {
                foreach ($described as $name => $field) {
                    // what it is to a reader is said in the contract alone
                    $schemas[$schema]['properties'][$name] = $field->schema($schema === $record) + array_intersect_key($schemas[$schema]['properties'][$name] ?? [], ['description' => 0]);
                }
            }
            $schemas[$record]['required'] = array_values(array_unique([...$schemas[$record]['required'], ...array_keys($described)]));
            $asked = array_keys(array_filter($described, static fn(Field $field): bool => $field->isAsked()));
            $schemas[$record.'Input']['required'] = array_values(array_unique([...$schemas[$record.'Input']['required'], ...$asked]));
        }
        $document['components']['schemas'] = $schemas;

        return $document;
    }

    /** @return array<string, array<string, Field>> fields by record */
    private static function records(): array
    {
        return [
            'Plant' => PlantFields::all(), 'Species' => SpeciesFields::all(), 'Pot' => PotFields::all(), 'Site' => SiteFields::all(), 'Vessel' => VesselFields::all(), 'Zone' => ZoneFields::all(), 'Fertiliser' => FertiliserFields::all(),
        ];
    }
}
