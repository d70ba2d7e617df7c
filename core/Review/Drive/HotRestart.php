<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Drive;

use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Drive\Circuit\DriverResult;
use IronLatch\Core\Drive\Circuit\HandOff;
use IronLatch\Core\Quantity\MarginState;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\LineJoint;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Hot coil that is hard to pull in again. */
final class HotRestart implements Rule
{
    private const HOT_CELSIUS = 50.0;

    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'drive.hot-restart',
            version: 1,
            title: 'Coil that is hard to pull in while hot',
            severities: [Severity::Weak, Severity::Hint],
            reason: 'A coil that has been held for long is hot, its copper has more resistance, and the relay wants more voltage to pull '
                . 'in again.',
            threshold: 'coil voltage at the worst corner over the operate voltage of a coil ' . HandOff::COIL_RISE_KELVIN
                . ' K above the air: under 1 is a hint, above '
                . QuantityPrinter::rounded(self::HOT_CELSIUS, Unit::Celsius) . ' of air weak; '
                . 'the operate voltage is itself a maximum and most relays do better',
            basis: Basis::CommonPractice,
            source: 'operate voltage from the relay’s data sheet; copper 0.39 %/K; 35 K from memory',
            silentWhen: 'the relay does not even pull in cold, or is bistable and held by no current',
            joint: LineJoint::Coil,
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $ambient = $inspection->board->ambient->value;
        foreach ($inspection->drive->results as $id => $result) {
            if (
                MarginState::Sound !== $result->pullIn->state()
                || $result->hotRestart->worst->value >= 1
                || null !== $inspection->board->relay($inspection->board->actuator($id))->bistable
            ) {
                continue;
            }
            $isHot = is_float($ambient) && $ambient > self::HOT_CELSIUS;
            yield new Finding(
                $this->facts(),
                $isHot ? Severity::Weak : Severity::Hint,
                $id,
                sprintf(
                    'After a long hold the coil of “%s” gets %s at the worst corner and wants %s to pull in again.',
                    $inspection->board->nameOf($id),
                    $result->hotRestart->worst->has(),
                    $result->hotRestart->worst->needs(),
                ),
                [$result->hotRestart->worst, $result->hotRestart->nominal],
                static fn(): array => OtherDrivers::remedies(
                    $inspection,
                    $id,
                    static fn(DriverResult $result): bool => $result->hotRestart->worst->value >= 1,
                ),
            );
        }
    }
}
