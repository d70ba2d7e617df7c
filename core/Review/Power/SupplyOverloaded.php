<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Power;

use IronLatch\Core\Board\Edit\ChooseSupply;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Kind;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Stage;

/** Supply that carries too much. */
final class SupplyOverloaded implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            'power.supply-overloaded',
            1,
            Stage::Power,
            'Supply that carries too much',
            [Kind::Broken, Kind::Weak],
            'A supply at its limit runs hot, ages fast and drops its voltage when all relays pull in at once.',
            'all relays on: continuous load over the house share of the rating (weak, usual 80 %), peak load over the rating (broken)',
            Basis::CommonPractice,
            'common practice',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->power->rails as $id => $budget) {
            foreach ($budget->unknownLoads as $unknown) {
                if (array_key_first($inspection->power->rails) === $id) {
                    yield new NotChecked($this->facts(), $id, $unknown);
                }
            }
            $supply = $inspection->board->supply($id);
            $share = $inspection->board->houseRules->supplyLoad;
            $over = $budget->peak->value > $supply->ratedAmps;
            if (!$over && $budget->continuous->value <= $share * $supply->ratedAmps) {
                continue;
            }
            yield new Finding(
                $this->facts(),
                $over ? Kind::Broken : Kind::Weak,
                $id,
                sprintf('With all relays on, the rail %s carries %s for good and %s at peak; %s is rated %s, of which %d %% for good.', $inspection->board->nameOf($id), $budget->continuous->printed(), $budget->peak->printed(), $supply->identity->name, QuantityPrinter::rounded($supply->ratedAmps, Unit::Ampere), (int) round($share * 100)),
                [$over ? $budget->peak : $budget->continuous, $budget->margin->worst],
                fn(): array => self::remedies($inspection, $id, max($budget->peak->value, $budget->continuous->value / $share)),
            );
        }
    }

    /**
     * @return list<Remedy>
     */
    private static function remedies(Inspection $inspection, string $rail, float $amps): array
    {
        $best = null;
        $now = $inspection->board->supply($rail);
        foreach ($inspection->partsOnOffer(Supply::class) as $supply) {
            if ($supply->output->typ === $now->output->typ && $supply->ratedAmps >= $amps && $supply->ratedAmps < ($best->ratedAmps ?? INF)) {
                $best = $supply;
            }
        }

        return null === $best ? [] : [new Remedy('Use ' . $best->identity->name, new ChooseSupply($rail, $best))];
    }
}
