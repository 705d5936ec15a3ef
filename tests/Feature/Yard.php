<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Pots\Models\Pot;
use App\Shelf\Models\Component;
use App\Situations\Actions\SaveSite;
use App\Situations\Models\Site;
use App\Situations\Models\Species;
use Illuminate\Support\Facades\Artisan;
use Symfony\Component\Console\Output\BufferedOutput;
use Symfony\Component\Process\Process;
use Tests\Core\Climates;

/** Short ways to things that most tests need. */
final class Yard
{
    public static function component(string $key): Component
    {
        return Component::query()->where('key', $key)->firstOrFail();
    }

    public static function pot(string $name = 'Tray', float $depth = 6.5): Pot
    {
        return Pot::query()->create([
            'name' => $name, 'shape' => 'oval', 'depth' => $depth, 'measures' => ['top_length' => 34, 'top_width' => 26, 'base_length' => 30, 'base_width' => 22],
            'hole_count' => 2, 'hole_diameter_cm' => 2.2, 'hole_open_share' => 0.6, 'weight_kg' => 2.5,
        ]);
    }

    /**
     * @param array<string, float|int> $parts by component key
     *
     * @return list<array{component_id: int, parts: float|int}>
     */
    public static function parts(array $parts): array
    {
        return array_map(static fn(string $key): array => ['component_id' => self::component($key)->id, 'parts' => $parts[$key]], array_keys($parts));
    }

    /**
     * @param array<string, mixed> $changed
     *
     * @return array<string, mixed>
     */
    public static function question(array $changed = []): array
    {
        return [
            'parts' => self::parts(['pumice-3-6-mm' => 1, 'lava-scoria-3-6-mm' => 1, 'akadama-type-clay-granule-2-6-mm' => 1]),
            'pot_id' => (Pot::query()->first() ?? self::pot())->id,
            'plant_group' => 'airy_conifers',
            'headspace_cm' => 0.8,
            ...$changed,
        ];
    }

    /** @return array{int, string, string} exit code, standard output, standard error */
    public static function evaluateFile(string $text, string $file = '-'): array
    {
        $process = new Process([base_path('zolbek'), 'evaluate', $file], sys_get_temp_dir(), ['ZOLBEK_DATABASE' => '/nowhere/at/all.sqlite'], $text);
        $process->run();

        return [(int) $process->getExitCode(), $process->getOutput(), $process->getErrorOutput()];
    }

    /**
     * The same by the command alone, in this process.
     *
     * @return array{int, string, string} code, what is answered, what is said of a fault
     */
    public static function evaluated(string $text): array
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'zolbek-question');
        file_put_contents($file, $text);
        $said = new BufferedOutput();
        $code = Artisan::call('zolbek:evaluate', ['file' => $file], $said);
        unlink($file);

        return $code === 0 ? [$code, $said->fetch(), ''] : [$code, '', $said->fetch()];
    }

    /** @return array<string, mixed> a made-up hill with frosts */
    public static function site(): array
    {
        return [
            'name' => 'Hill', 'latitude' => 44, 'altitude_m' => 600, 'alkalinity_mg_l' => 120, 'last_frost' => '04-20', 'first_frost' => '10-15', 'note' => '',
            'months' => Climates::rows(),
        ];
    }

    public static function siteId(): int
    {
        return (Site::query()->first() ?? app(SaveSite::class)(new Site(), self::site()))->id;
    }

    /** @return array<string, mixed> every field of a situation */
    public static function situation(): array
    {
        $species = Species::query()->firstOrCreate(['key' => 'pine'], ['name' => 'Some pine', 'plant_group' => 'airy_conifers', 'leaf' => 'needle', 'evergreen' => true, 'air_low' => 0.18]);

        return [
            'species_id' => $species->id, 'purpose' => 'recover', 'stage' => 'buds_moving', 'old' => true, 'site_id' => self::siteId(), 'exposure' => 'half_shade', 'wind' => 'windy', 'rain_reaches' => true,
            'canopy_cm' => 39, 'leaf' => 'needle', 'roots_cut_share' => 0.3, 'weeks_since' => 1, 'surface' => 'moss', 'alkalinity_mg_l' => 180,
            'habit' => ['spring_h' => 48, 'summer_h' => 24, 'autumn_h' => 72, 'winter_h' => 336, 'method' => 'hose'],
            'vigour' => 'slow', 'planned_years' => 4, 'budget' => 2.5, 'pots_wanted' => 6, 'tip_deg' => 0,
        ];
    }

    /** @return array<string, mixed> every field of what stands in a pot */
    public static function contents(): array
    {
        return [
            'ball' => ['length_cm' => 18, 'width_cm' => 14, 'height_cm' => 3.5, 'treatment' => 'combed', 'years' => 4],
            'wall' => ['kind' => 'moss', 'component_id' => self::component('long-fibre-sphagnum-moss')->id, 'thickness_cm' => 0.8],
            'hole_cover_id' => self::component('granite-chip-4-8-mm')->id, 'objects_l' => 0.1, 'bed_cm' => 0.8, 'collar_cm' => 0.3, 'mound_cm' => 0.5,
        ];
    }

    /** @return array<string, mixed> a component of one's own that is well */
    public static function ownComponent(): array
    {
        return [
            'name' => 'Pit gravel 2-8', 'kind' => 'solid stone', 'basis' => 'measured', 'colour' => '#99897a', 'hazards' => ['dust'],
            'bulk_density' => 1.46, 'particle_density' => 2.6, 'solid_density' => 2.65, 'internal_water' => 0.01, 'unavailable_water' => 0.0,
            'internal_median_cm' => 50, 'internal_spread' => 1.5, 'sphericity' => 0.75, 'sieve' => ['8' => 2, '4' => 40, '2' => 52, 'pan' => 6],
            'ph' => 7.2, 'buffer' => 2, 'cec' => 1, 'crumble_rate' => 0, 'decay_rate' => 0, 'stock_l' => 40, 'pack_l' => 25, 'pack_price' => 7.5, 'note' => 'From the pit',
        ];
    }
}
