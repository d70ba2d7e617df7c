<?php

declare(strict_types=1);

namespace IronLatch\Core\Brief;

use IronLatch\Core\Board\Brief;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\Edit\Mains\ChooseFuse;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\Edit\Mains\StateConductor;
use IronLatch\Core\Board\Home;
use IronLatch\Core\Board\OutletKind;
use IronLatch\Core\Board\SwitchedConductor;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Catalogue\MainsFuse;
use IronLatch\Core\Mains\Ampacity;
use IronLatch\Core\Mains\InletFuses;
use IronLatch\Core\Mains\LivePath;
use IronLatch\Core\Mains\WireSize;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/** Decides of the mains side what a choice decides: fuse, new conductors, terminals, outlets. What is in the wall is not chosen. */
final readonly class MainsSizes
{
    /** Ratings in which terminals and inlets are sold (common practice). */
    private const RATINGS = [6.0, 10.0, 16.0, 20.0, 25.0, 32.0];

    public function __construct(private Brief $brief, private Catalogue $catalogue) {}

    /**
     * What does not hang on the sum of the currents.
     *
     * @param list<string> $of ids of the lines that are new
     */
    public function begun(Drafting $drafting, array $of): Drafting
    {
        $board = $drafting->board;
        $lines = array_values(
            array_filter($of, static fn(string $line): bool => null === $board->appliance($board->lines[$line])->dcVolts),
        );
        if ($board->system()->isDirect() || [] === $lines) {
            return $drafting;
        }
        $drafting = $drafting->tried(new StateConductor($lines, SwitchedConductor::Live), 'the live conductor is switched');
        $home = $this->brief->home?->value;
        $home = $home instanceof Home ? $home : null;
        $drafting = self::boxed($drafting, $home);
        $outlet = $home?->outlet();

        return null === $outlet ? $drafting : $drafting->tried(
            new StateSafety($lines, outlet: $outlet),
            OutletKind::Fixed === $outlet ? 'appliances are wired in for good' : 'each appliance has an outlet with earth',
        );
    }

    /** What is stated of a box that stands already stays so. */
    private static function boxed(Drafting $drafting, ?Home $home): Drafting
    {
        $box = $drafting->board->box;
        $inlet = null === $box?->inlet ? $home?->inlet() : null;
        $drafting = null === $inlet ? $drafting : $drafting->tried(new StateBox(inlet: $inlet), 'it is wired in for good');

        return null === $box?->tracks ? $drafting->tried(new StateBox(tracks: false), 'mains runs in wires, not in tracks') : $drafting;
    }

    /** Fuse, conductors and ratings for the sum of all lines. */
    public function sized(Drafting $drafting): Drafting
    {
        $board = $drafting->board;
        $table = $board->system()->cordTable;
        $total = LivePath::of($board)->total->value;
        if ($board->system()->isDirect() || $total <= 0) {
            return $drafting;
        }
        $warmer = LivePath::warmerInside($board);
        foreach (InletFuses::of($this->catalogue->parts(MainsFuse::class)) as $fuse) {
            $bears = $fuse->ratedAmps >= $total && $fuse->ratedVolts >= $board->system()->volts;
            $area = $bears ? Ampacity::least($fuse->ratedAmps, $table, $warmer) : null;
            $rating = self::rating(max($total, $fuse->ratedAmps));
            if (null === $area || null === $rating) {
                continue;
            }
            $isLead = Home::BoxOnALead === $this->brief->home?->value;

            return $drafting
                ->tried(
                    new ChooseFuse($fuse),
                    sprintf('%s for %s', Words::inText($fuse->identity->name), QuantityPrinter::rounded($total, Unit::Ampere)),
                )
                ->tried(new StateBox(
                    inletAmps: $rating,
                    leadSquareMetres: $isLead ? Ampacity::least($fuse->ratedAmps, $table) : null,
                    innerSquareMetres: $area,
                    terminalAmps: $rating,
                    branchSquareMetres: $area,
                ), sprintf(
                    'wires of %s, terminals for %s',
                    WireSize::printed($area, $table),
                    QuantityPrinter::rounded($rating, Unit::Ampere),
                ));
        }

        return $drafting;
    }

    private static function rating(float $amps): ?float
    {
        foreach (self::RATINGS as $rating) {
            if ($rating >= $amps) {
                return $rating;
            }
        }

        return null;
    }
}
