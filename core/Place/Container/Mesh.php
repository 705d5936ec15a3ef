<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Container;

use Zolbek\Core\Mix\Grading\Grading;

/**
 * Whether a mesh over the holes keeps a mix in: grains bridge an opening when D85 >= 1.0 aperture (filter rule for round
 * openings); at most P(aperture) of the bottom centimetre is lost. Under 1.5 mm a mesh may clog.
 *
 * Source: filter criteria of J. P. Giroud for geotextiles, as used for round openings. Check: pumice 3-6 mm (D85 6.26 mm) holds on a 5 mm mesh.
 */
final readonly class Mesh
{
    private const CLOGS_BELOW_MM = 1.5;

    public bool $holds;
    public float $lostShareOfBottomCm;
    public bool $mayClog;

    public function __construct(Grading $grading, public float $apertureMm)
    {
        $this->holds = $grading->quantileMm(0.85) >= $apertureMm;
        $this->lostShareOfBottomCm = $grading->passingAt($apertureMm);
        $this->mayClog = $apertureMm < self::CLOGS_BELOW_MM;
    }
}
