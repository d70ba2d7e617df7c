<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Mains\ChooseFuse;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\Edit\Sequence;
use IronLatch\Core\Catalogue\MainsFuse;
use IronLatch\Core\Mains\Ampacity;
use IronLatch\Core\Mains\InletFuses;
use IronLatch\Core\Mains\LivePath;
use IronLatch\Core\Mains\WireSize;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Repairs;

/** The fuse between what the lines draw and what the conductors bear; with thicker conductors where none lies between. */
final class FuseChoice
{
    /**
     * @return list<Remedy>
     */
    public static function remedies(Inspection $inspection): array
    {
        $load = $inspection->mains->total->value;
        $bears = min(
            $inspection->mains->shared['lead']->bears->value ?? INF,
            $inspection->mains->shared['inner']->bears->value ?? INF,
            $inspection->mains->shared['branch']->bears->value ?? INF,
        );
        $remedies = [];
        $fuses = InletFuses::of(Repairs::of($inspection)->partsOnOffer(MainsFuse::class));
        foreach ($fuses as $fuse) {
            if ($fuse->ratedAmps >= $load && $fuse->ratedAmps <= $bears && $fuse->ratedVolts >= $inspection->board->system()->volts) {
                $remedies[] = new Remedy('Fit ' . lcfirst($fuse->identity->name), new ChooseFuse($fuse));
                break;
            }
        }
        if ([] !== $remedies) {
            return $remedies;
        }
        foreach ($fuses as $fuse) {
            $area = Ampacity::least($fuse->ratedAmps, $inspection->board->system()->cordTable, LivePath::warmerInside($inspection->board));
            if ($fuse->ratedAmps >= $load && null !== $area) {
                $title = sprintf(
                    'Fit %s and wires of %s',
                    lcfirst($fuse->identity->name),
                    WireSize::printed($area, $inspection->board->system()->cordTable),
                );

                return [new Remedy($title, new Sequence($title, [new ChooseFuse($fuse), self::thicker($inspection, $area)]))];
            }
        }

        return [];
    }

    private static function thicker(Inspection $inspection, float $area): Edit
    {
        $box = $inspection->board->box;
        $lead = $box?->leadSquareMetres?->value;
        $inner = $box?->innerSquareMetres?->value;
        $branch = $box?->branchSquareMetres?->value;

        return new StateBox(
            leadSquareMetres: max($area, is_float($lead) ? $lead : 0.0),
            innerSquareMetres: max($area, is_float($inner) ? $inner : 0.0),
            branchSquareMetres: max($area, is_float($branch) ? $branch : 0.0),
        );
    }
}
