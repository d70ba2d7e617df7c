<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Power;

use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Carrier;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Supply that carries too much. */
final class SupplyOverloaded implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'power.supply-overloaded',
            version: 1,
            title: 'Supply that carries too much',
            severities: [Severity::Broken, Severity::Weak],
            reason: 'A supply at its limit runs hot, ages fast and drops its voltage when all relays pull in at once.',
            threshold: 'all relays on: continuous load over the house share of the rating in the air it works in (weak, usual 80 %), peak '
                . 'load over the rating (broken)',
            basis: Basis::CommonPractice,
            source: 'common practice; derating from the supply’s part file',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->power->rails as $id => $budget) {
            foreach ($budget->unknownLoads as $unknown) {
                yield new NotChecked($this->facts(), $id, $unknown);
            }
            // What comes out of the carrier’s own pins is judged by itself.
            $feeder = $inspection->board->feeder($id);
            if ($feeder instanceof Carrier) {
                continue;
            }
            $share = $inspection->board->houseRules->supplyLoad;
            $over = $budget->peak->value > $budget->rated->value;
            if (!$over && $budget->continuous->value <= $share * $budget->rated->value) {
                continue;
            }
            yield new Finding(
                $this->facts(),
                $over ? Severity::Broken : Severity::Weak,
                $id,
                sprintf(
                    'With all relays on, the rail %s carries %s for good and %s at peak; %s gives %s%s, of which %d %% for good.',
                    $inspection->board->nameOf($id),
                    $budget->continuous->printed(),
                    $budget->peak->printed(),
                    $feeder->identity->name,
                    $budget->rated->printed(),
                    $feeder instanceof Supply && null !== $feeder->fullUpToCelsius ? ' in ' . $budget->rated->corner : '',
                    (int) round($share * 100),
                ),
                [$over ? $budget->peak : $budget->continuous, $budget->margin->worst, $budget->rated],
                static fn(): array => OtherSupplies::remedies($inspection, $id),
            );
        }
    }
}
