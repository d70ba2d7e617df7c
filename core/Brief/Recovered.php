<?php

declare(strict_types=1);

namespace IronLatch\Core\Brief;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Brief;
use IronLatch\Core\Board\Line;
use IronLatch\Core\Board\Surface;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Board\Wanted;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Catalogue;

/** The brief that a board without one would have come of, so that it can be changed as well: “like my last board, but …”. */
final class Recovered
{
    public static function of(Board $board, Catalogue $catalogue): Brief
    {
        if (null !== $board->brief) {
            return $board->brief;
        }
        $rows = [];
        foreach ($board->lines as $id => $line) {
            $ways = self::ways($line);
            $watts = $line->watts->isStated() && is_float($line->watts->value) ? $line->watts->value : null;
            $names = array_map(static fn(SurfaceKind $way): string => $way->value, $ways);
            $rows[implode(' ', [$line->appliance, $watts ?? '', ...$names])][] = [$id, $line, $ways, $watts];
        }
        $wanted = [];
        foreach ($rows as $alike) {
            [, $line, $ways, $watts] = $alike[0];
            $appliance = $board->appliance($line);
            $isOffered = $catalogue->part($line->appliance) instanceof Appliance;
            $wanted[] = new Wanted(
                count($alike),
                mb_substr(1 === count($alike) ? $line->name : $appliance->identity->name, 0, 100),
                $isOffered ? $line->appliance : null,
                $watts ?? ($isOffered ? null : $appliance->typicalWatts),
                $isOffered ? null : $appliance->load,
                $isOffered ? null : !$appliance->mustNotSelfStart,
                $isOffered ? null : $appliance->mustComeBack,
                by: $ways,
                lines: array_map(static fn(array $one): string => $one[0], $alike),
            );
        }

        return new Brief(
            $wanted,
            mains: $board->mains,
            mostEuros: $board->build->mostEuros,
            mostLengthMetres: $board->build->mostLengthMetres,
            mostWidthMetres: $board->build->mostWidthMetres,
            mostDifferent: $board->build->mostDifferent,
            form: $board->build->form,
        );
    }

    /**
     * @return list<SurfaceKind>
     */
    private static function ways(Line $line): array
    {
        return array_values(array_unique(
            array_map(static fn(Surface $surface): SurfaceKind => $surface->kind, array_values($line->surfaces)),
            SORT_REGULAR,
        ));
    }
}
