<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Drive;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Edit\Power\FeedCoils;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Board\Edit\Sequence;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\MarginState;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\LineJoint;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Coil voltage that is not the rail’s. */
final class CoilVoltage implements Rule
{
    private const TOLERATED_SHARE = 0.1;

    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'drive.coil-voltage',
            version: 2,
            title: 'Coil voltage that is not the rail’s',
            severities: [Severity::Broken, Severity::Weak],
            reason: 'A coil on too low a rail does not pull in; on too high a rail it burns, the sooner the warmer its air.',
            threshold: 'nominal coil voltage, and a module’s supply voltage, within '
                . QuantityPrinter::rounded(100 * self::TOLERATED_SHARE, Unit::Percent) . ' of the rail’s; '
                . 'the rail at its highest within what the coil bears in the air of the box '
                . '(weak; broken where the nominal voltage is too high already)',
            basis: Basis::DataSheet,
            source: 'coil data of the relay',
            joint: LineJoint::Coil,
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->board->actuators() as $id => $actuator) {
            $lineId = $inspection->board->lineOf($id);
            $coilVolts = $inspection->board->relay($actuator)->coilVolts;
            $railVolts = $inspection->board->railVolts($actuator->rail)->typ;
            if ($inspection->board->relay($actuator)->suitsRail($railVolts)) {
                $module = $inspection->board->moduleOf($actuator->driver);
                if (null !== $module && !self::match($module->supplyVolts, $railVolts)) {
                    yield $this->ofModule($inspection, $id, $lineId, $actuator, $module, $railVolts);
                }
                yield from $this->inWarmAir($inspection, $id, $lineId, $actuator);
                continue;
            }
            yield new Finding(
                $this->facts(),
                Severity::Broken,
                $id,
                sprintf(
                    'The relay of “%s” has a %s coil; its rail %s carries %s.',
                    $inspection->board->lines[$lineId]->name,
                    QuantityPrinter::rounded($coilVolts, Unit::Volt),
                    $inspection->board->nameOf($actuator->rail),
                    QuantityPrinter::rounded($railVolts, Unit::Volt),
                ),
                [new Figure(
                    'rail over coil voltage',
                    $railVolts / $coilVolts,
                    Unit::Ratio,
                    'V_rail ÷ V_coil',
                    [
                        'V_rail = ' . QuantityPrinter::rounded($railVolts, Unit::Volt),
                        'V_coil = ' . QuantityPrinter::rounded($coilVolts, Unit::Volt),
                    ],
                    'nominal voltages',
                    'coil data of the relay',
                )],
                fn(): array => self::remedies($inspection, $id, $actuator),
            );
        }
    }

    /**
     * @return iterable<Finding>
     */
    private function inWarmAir(Inspection $inspection, string $id, string $lineId, Actuator $actuator): iterable
    {
        $bears = $inspection->drive->results[$id]->coilBears;
        if (MarginState::Sound !== $bears->state()) {
            $air = QuantityPrinter::rounded($inspection->board->ambientCelsius(), Unit::Celsius);
            yield new Finding(
                $this->facts(),
                MarginState::Broken === $bears->state() ? Severity::Broken : Severity::Weak,
                $id,
                sprintf(
                    'The coil of “%s” may get %s and bears %s for good in air of %s. Lower the rail, cool the box, or choose a relay '
                        . 'whose coil bears more.',
                    $inspection->board->lines[$lineId]->name,
                    $bears->worst->has(),
                    $bears->worst->needs(),
                    $air,
                ),
                [$bears->worst, $bears->nominal],
                static fn(): array => self::hardierRelays($inspection, $id, $actuator),
            );
        }
    }

    /**
     * @return list<Remedy> relays whose coil bears the rail at its highest in this air
     */
    private static function hardierRelays(Inspection $inspection, string $id, Actuator $actuator): array
    {
        $rail = $inspection->board->railVolts($actuator->rail);
        $air = max(20.0, $inspection->board->ambientCelsius());
        $hardy = array_filter(
            self::relaysFor($inspection, $actuator, $rail->typ),
            static fn(Relay $relay): bool => $relay->greatestCoilVolts($air) >= $rail->max,
        );

        return array_values(array_map(
            static fn(Relay $relay): Remedy => new Remedy('Fit ' . $relay->identity->name, new ChooseRelay([$id], $relay)),
            $hardy,
        ));
    }

    /** A module fed with another voltage than its own: its inputs and indicator are made for one only. */
    private function ofModule(
        Inspection $inspection,
        string $id,
        string $lineId,
        Actuator $actuator,
        OptoModule $module,
        float $railVolts,
    ): Finding {
        $board = $inspection->board;
        $moduleVolts = $module->supplyVolts;

        return new Finding(
            $this->facts(),
            Severity::Broken,
            $id,
            sprintf(
                'The module of “%s” is made for %s; its rail %s carries %s.',
                $board->lines[$lineId]->name,
                QuantityPrinter::rounded($moduleVolts, Unit::Volt),
                $board->nameOf($actuator->rail),
                QuantityPrinter::rounded($railVolts, Unit::Volt),
            ),
            [new Figure(
                'rail over module voltage',
                $railVolts / $moduleVolts,
                Unit::Ratio,
                'V_rail ÷ V_module',
                [
                    'V_rail = ' . QuantityPrinter::rounded($railVolts, Unit::Volt),
                    'V_module = ' . QuantityPrinter::rounded($moduleVolts, Unit::Volt),
                ],
                'nominal voltages',
                'supply of the module’s part file',
            )],
            static function () use ($inspection, $id, $actuator, $moduleVolts): array {
                $remedies = [];
                foreach ($inspection->board->rails as $rail => $facts) {
                    if (self::match($moduleVolts, $inspection->board->railVolts($rail)->typ)) {
                        foreach (self::relaysFor($inspection, $actuator, $moduleVolts) as $relay) {
                            $title = sprintf('Feed it from the rail %s with %s', $facts->name, $relay->identity->name);
                            $remedies[] = new Remedy(
                                $title,
                                new Sequence($title, [new FeedCoils([$id], $rail), new ChooseRelay([$id], $relay)]),
                            );
                        }
                    }
                }

                return $remedies;
            },
        );
    }

    /**
     * The first relay on offer for a voltage whose insulation and contact are as good as those that the maker chose.
     *
     * @return list<Relay> at most one
     */
    private static function relaysFor(Inspection $inspection, Actuator $actuator, float $volts): array
    {
        $relay = $inspection->board->relay($actuator);
        foreach (Repairs::of($inspection)->partsOnOffer(Relay::class) as $other) {
            $asGood = $other->insulatesAsWellAs($relay) && $other->contactAcAmps >= $relay->contactAcAmps;
            if ($asGood && $other->isOfTheKindOf($relay) && $other->suitsRail($volts)) {
                return [$other];
            }
        }

        return [];
    }

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
        foreach (self::relaysFor($inspection, $actuator, $inspection->board->railVolts($actuator->rail)->typ) as $other) {
            $remedies[] = new Remedy('Fit ' . $other->identity->name, new ChooseRelay([$id], $other));
        }
        foreach ($inspection->board->rails as $rail => $facts) {
            if ($relay->suitsRail($inspection->board->railVolts($rail)->typ)) {
                $remedies[] = new Remedy('Feed it from the rail ' . $facts->name, new FeedCoils([$id], $rail));
            }
        }

        return $remedies;
    }
}
