<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Mains\ChooseFuse;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Mains\Ampacity;
use IronLatch\Core\Mains\LivePath;
use IronLatch\Core\Mains\WireSize;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\OpenFact;
use IronLatch\Core\Review\Remedy;

/**
 * What to choose where an open fact is a choice and not something to be found out: the smallest that does, with its reason. Of what
 * stands somewhere already, such as a lead or a distance as built, nothing is ever recommended.
 */
final class Recommended
{
    public static function of(Inspection $inspection, OpenFact $open): ?Remedy
    {
        return match (true) {
            ChooseFuse::class === $open->edit => self::fuse($inspection),
            StateBox::class === $open->edit && 'innerSquareMetres' === $open->field => self::wire($inspection, $open->field),
            StateBox::class === $open->edit && 'branchSquareMetres' === $open->field => self::wire($inspection, $open->field),
            default => null,
        };
    }

    public static function fuse(Inspection $inspection): ?Remedy
    {
        $first = 0.0 === $inspection->mains->total->value ? null : FuseChoice::remedies($inspection)[0] ?? null;

        return $first?->edit instanceof ChooseFuse
            ? new Remedy(sprintf(
                '%s: the smallest that carries %s',
                $first->edit->fuse->identity->name,
                $inspection->mains->total->printed(),
            ), $first->edit)
            : null;
    }

    /** A new wire bears what all lines draw together, and what the fuse lets through. */
    private static function wire(Inspection $inspection, string $field): ?Remedy
    {
        $fuse = $inspection->mains->shared['fuse']->bears->value ?? 0.0;
        $amps = max($inspection->mains->total->value, $fuse);
        $table = $inspection->board->system()->cordTable;
        $area = 0.0 === $amps ? null : Ampacity::least($amps, $table, LivePath::warmerInside($inspection->board));

        return null === $area ? null : new Remedy(sprintf(
            '%s: bears the %s that %s',
            WireSize::printed($area, $table),
            QuantityPrinter::rounded($amps, Unit::Ampere),
            $fuse > $inspection->mains->total->value ? 'the fuse lets through' : 'all lines draw together',
        ), 'innerSquareMetres' === $field ? new StateBox(innerSquareMetres: $area) : new StateBox(branchSquareMetres: $area));
    }
}
