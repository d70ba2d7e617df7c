<?php

declare(strict_types=1);

namespace IronLatch\Tests\Support;

use IronLatch\Core\Bench\BenchScript;
use IronLatch\Core\Bench\Corner;
use IronLatch\Core\Bench\Deed;
use IronLatch\Core\Bench\DeedKind;
use IronLatch\Core\Bench\TrialCell;
use IronLatch\Core\Record\Copy;

/** A cell of the trial as one script for a program that runs elsewhere, and what must be so at the end of each of its phases. */
final readonly class CellScript
{
    /** What is gone is gone so long before the first act: until then it has been noticed. */
    private const GONE_SECONDS = 90.0;

    /**
     * @param list<array{float, array<string, ?bool>}> $ends seconds, and whether each line must be on
     */
    private function __construct(public BenchScript $script, public array $ends) {}

    /**
     * @param float $at seconds after which everything has had its rest
     * @param float $laterSeconds that the program may be later than the bench
     */
    public static function of(TrialCell $cell, float $at, float $laterSeconds): self
    {
        $deeds = $ends = [];
        if (null !== $cell->outage) {
            $deeds[] = new Deed($at, DeedKind::Outage, $cell->outage->key());
            $at += self::GONE_SECONDS;
        }
        if ($cell->fromDark) {
            $deeds[] = new Deed($at - 2.0, DeedKind::CutMains);
        }
        foreach ($cell->phases as $phase) {
            $last = $at;
            foreach ($phase->deeds as $deed) {
                $deeds[] = Copy::of($deed, ['at' => $at + $deed->at]);
                $last = max($last, $at + $deed->at);
            }
            $at = $last + $phase->withinSeconds + $phase->waitSeconds + $laterSeconds;
            $ends[] = [$at, $phase->expected];
        }

        return new self(new BenchScript($deeds, $at + 1.0, Corner::Typical), $ends);
    }
}
