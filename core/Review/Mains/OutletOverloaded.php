<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\OutletKind;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Outlet that carries too much. */
final class OutletOverloaded implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.outlet-overloaded',
            version: 1,
            title: 'Outlet that carries too much',
            severities: [Severity::Danger],
            reason: 'An outlet for 10 A behind a relay for 16 A is an outlet for 10 A; its springs anneal and it burns.',
            threshold: 'current of the line against the rating of its outlet',
            basis: Basis::CommonPractice,
            source: 'ratings as stated; common practice',
            silentWhen: 'the line leaves the box by anything but an outlet',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach (OnMains::lines($inspection) as $id => $line) {
            $outlet = $line->safety?->outlet?->value;
            $first = array_key_first($line->actuators);
            if (!$outlet instanceof OutletKind || !$outlet->isOutlet() || null === $first) {
                continue;
            }
            $amps = $inspection->mains->contacts[$first]->amps;
            $margin = $inspection->mains->outlets[$id] ?? null;
            if (null === $margin) {
                yield new NotChecked(
                    $this->facts(),
                    $id,
                    'what its outlet is rated for',
                    Answer::by(StateSafety::class, 'outletAmps', $id),
                );
            } elseif ($margin->value < 1) {
                yield new Finding(
                    $this->facts(),
                    Severity::Danger,
                    $id,
                    sprintf(
                        '“%s” draws %s through an outlet for %s.',
                        $line->name,
                        $amps->printed(),
                        QuantityPrinter::rounded($margin->value * $amps->value, Unit::Ampere),
                    ),
                    [$margin, $amps],
                    static fn(): array => self::larger($id, $amps->value),
                );
            }
        }
    }

    /**
     * The next usual rating (common practice).
     *
     * @return list<Remedy> at most one
     */
    private static function larger(string $line, float $amps): array
    {
        foreach ([10.0, 13.0, 15.0, 16.0, 20.0, 32.0] as $rating) {
            if ($rating >= $amps) {
                return [new Remedy(
                    sprintf('Use an outlet for %s', QuantityPrinter::rounded($rating, Unit::Ampere)),
                    new StateSafety([$line], outletAmps: $rating),
                )];
            }
        }

        return [];
    }
}
