<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Drive;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Edit\ChooseRelay;
use IronLatch\Core\Board\Edit\FeedCoils;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Insulation;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Kind;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Stage;

/** Coil voltage that is not the rail’s. */
final class CoilVoltage implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            'drive.coil-voltage',
            1,
            Stage::Drive,
            'Coil voltage that is not the rail’s',
            [Kind::Broken],
            'A coil on too low a rail does not pull in; on too high a rail it burns.',
            'nominal coil voltage within 10 % of the rail’s',
            Basis::DataSheet,
            'coil data of the relay',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->board->actuators() as $id => [$lineId, $actuator]) {
            $coilVolts = $inspection->board->relay($actuator)->coilVolts;
            $railVolts = $inspection->board->supply($actuator->rail)->output->typ;
            if (self::match($coilVolts, $railVolts)) {
                continue;
            }
            yield new Finding(
                $this->facts(),
                Kind::Broken,
                $id,
                sprintf('The relay of “%s” has a %s coil on the %s rail %s.', $inspection->board->lines[$lineId]->name, QuantityPrinter::rounded($coilVolts, Unit::Volt), QuantityPrinter::rounded($railVolts, Unit::Volt), $inspection->board->nameOf($actuator->rail)),
                [new Figure('rail over coil voltage', $railVolts / $coilVolts, Unit::Ratio, 'V_rail ÷ V_coil', ['rail ' . QuantityPrinter::rounded($railVolts, Unit::Volt), 'coil ' . QuantityPrinter::rounded($coilVolts, Unit::Volt)], 'nominal voltages', 'coil data of the relay')],
                fn(): array => self::remedies($inspection, $id, $actuator),
            );
        }
    }

    private const TOLERATED_SHARE = 0.1;

    private static function match(float $coilVolts, float $railVolts): bool
    {
        return abs($railVolts - $coilVolts) <= self::TOLERATED_SHARE * $coilVolts;
    }

    /**
     * @return list<Remedy>
     */
    private static function remedies(Inspection $inspection, string $id, Actuator $actuator): array
    {
        $remedies = [];
        $relay = $inspection->board->relay($actuator);
        foreach ($inspection->partsOnOffer(Relay::class) as $other) {
            // Never propose a relay with weaker insulation or a weaker contact than the maker chose.
            $asGood = (Insulation::Reinforced === $other->insulation || $other->insulation === $relay->insulation) && $other->contactAcAmps >= $relay->contactAcAmps;
            if ($asGood && self::match($other->coilVolts, $inspection->board->supply($actuator->rail)->output->typ)) {
                $remedies[] = new Remedy('Fit ' . $other->identity->name, new ChooseRelay([$id], $other));
                break;
            }
        }
        foreach ($inspection->board->rails as $rail => $facts) {
            if (self::match($relay->coilVolts, $inspection->board->supply($rail)->output->typ)) {
                $remedies[] = new Remedy('Feed it from the rail ' . $facts->name, new FeedCoils([$id], $rail));
            }
        }

        return $remedies;
    }
}
