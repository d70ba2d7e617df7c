<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring\Sheet;

use IronLatch\Core\Wiring\Area;
use IronLatch\Core\Wiring\Connections;

/** All drawings of a board’s wiring. */
final class Sheets
{
    /** @return list<Sheet> */
    public static function of(Connections $connections): array
    {
        $sheets = [];
        foreach (Area::cases() as $area) {
            array_push($sheets, ...(new Layout($connections, $area))->sheets());
        }

        return $sheets;
    }
}
