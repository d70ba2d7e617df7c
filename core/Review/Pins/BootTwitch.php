<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Pins;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Edit\SetBaseEmitterResistor;
use IronLatch\Core\Board\NpnLowSide;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Pin;
use IronLatch\Core\Catalogue\ReservedFor;
use IronLatch\Core\Pins\Moment;
use IronLatch\Core\Pins\Movement;
use IronLatch\Core\Pins\StartUp;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Kind;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Stage;

/** Relay that twitches at start-up. */
final class BootTwitch implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            'pins.boot-twitch',
            1,
            Stage::Pins,
            'Relay that twitches at start-up',
            [Kind::Danger, Kind::Weak],
            'Before the program runs, the chip drives and pulls its pins as it likes. A relay that follows switches its appliance by itself.',
            'coil voltage from half the nominal value, or module input current above the certain release current, in any phase before the program; a danger for appliances that must not start by themselves',
            Basis::CommonPractice,
            'states at start-up from the chip’s data sheet and field reports; circuit solved',
            'no phase moves the relay',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->seating->films as $id => $film) {
            [$lineId, $actuator] = $inspection->board->actuators()[$id];
            $line = $inspection->board->lines[$lineId];
            $moving = array_values(array_filter($film, static fn(Moment $moment): bool => Movement::None !== $moment->movement));
            if ([] === $moving) {
                continue;
            }
            usort($moving, static fn(Moment $a, Moment $b): int => [Movement::Certain === $b->movement, $b->seconds] <=> [Movement::Certain === $a->movement, $a->seconds]);
            $pin = $inspection->seating->pins[$actuator->function];
            $mustNot = $inspection->board->appliance($line)->mustNotSelfStart;
            $finding = new Finding(
                $this->facts(),
                $mustNot ? Kind::Danger : Kind::Weak,
                $id,
                sprintf(
                    'The relay of “%s” on %s %s %s (%s)%s.',
                    $line->name,
                    $pin->bothNames(),
                    $moving[0]->movement->value,
                    $moving[0]->phase->words(),
                    QuantityPrinter::rounded($moving[0]->seconds, Unit::Second),
                    $mustNot ? ', and this appliance must never start by itself' : '',
                ),
                [$moving[0]->cause],
                fn(): array => self::remedies($inspection, $id, $actuator, $pin),
            );
            // A danger is never a mere follow-up.
            yield match (true) {
                $mustNot => $finding,
                ReservedFor::Flash === $pin->chip->reserved => $finding->followingFrom('pins.flash-pin:' . $actuator->function),
                ReservedFor::Console === $pin->chip->reserved => $finding->followingFrom('pins.console-pin:' . $actuator->function),
                default => $finding,
            };
        }
    }

    private const BASE_EMITTER_OHMS = 10e3;

    /**
     * @return list<Remedy>
     */
    private static function remedies(Inspection $inspection, string $id, Actuator $actuator, Pin $pin): array
    {
        $remedies = $inspection->moveToBestPin($actuator->function);
        if ($actuator->driver instanceof NpnLowSide && null === $actuator->driver->baseEmitterOhms) {
            // Offered only where the film, played again with it, shows no movement.
            $cured = $actuator->with(driver: new NpnLowSide($actuator->driver->transistor, $actuator->driver->baseOhms, self::BASE_EMITTER_OHMS));
            $pull = $inspection->board->functions[$actuator->function]->pull;
            foreach (StartUp::film($inspection->board, $inspection->controller->chip, $pin, $cured, null === $pull ? [] : [$pull]) as $moment) {
                if (Movement::None !== $moment->movement) {
                    return $remedies;
                }
            }
            $remedies[] = new Remedy('Fit 10 kΩ from base to emitter', new SetBaseEmitterResistor([$id], self::BASE_EMITTER_OHMS));
        }

        return $remedies;
    }
}
