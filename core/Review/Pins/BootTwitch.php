<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Pins;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Controller\StateOutputOrder;
use IronLatch\Core\Board\Edit\Drivers\DriveByModule;
use IronLatch\Core\Board\OptoModuleInput;
use IronLatch\Core\Board\OutputOrder;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\BootPhase;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Catalogue\Pin;
use IronLatch\Core\Catalogue\PinState;
use IronLatch\Core\Catalogue\ReservedFor;
use IronLatch\Core\Pins\Film;
use IronLatch\Core\Pins\Fitness;
use IronLatch\Core\Pins\Moment;
use IronLatch\Core\Pins\StartUp;
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

/** Relay that twitches at start-up. */
final class BootTwitch implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'pins.boot-twitch',
            version: 2,
            title: 'Relay that twitches at start-up',
            severities: [Severity::Danger, Severity::Weak],
            reason: 'Before the program runs, the chip drives and pulls its pins as it likes, or leaves them to nobody. A relay that '
                . 'follows switches its appliance by itself; a driver input that nothing decides is not off.',
            threshold: 'coil voltage from half the nominal value, or module input current above the certain release current, in any phase '
                . 'before the program; a gate, or the input of an array, a coupler or a solid-state relay, whose level nothing decides; a '
                . 'danger for appliances that must not start by themselves and for steps of which one only may be on',
            basis: Basis::CommonPractice,
            source: 'states at start-up from the chip’s data sheet and field reports; circuit solved',
            silentWhen: 'no phase moves the relay',
            joint: LineJoint::Driver,
        );
    }

    /** In one piece: the words of one finding. */
    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->seating->films as $function => $film) {
            $pin = $inspection->seating->pins[$function];
            // What an expander does after power-up has a check of its own.
            $moment = null === $pin->expander ? $film->worstTwitch() : $film->worstOfProgram();
            if (null === $film->actuator || null === $moment) {
                continue;
            }
            // Where the off level comes first and the relay moves all the same, it is the level that is stated wrongly.
            if (BootPhase::Output === $moment->phase && OutputOrder::OutputFirst !== $inspection->board->program->outputOrder->value) {
                continue;
            }
            $id = $film->actuator;
            $lineId = $inspection->board->lineOf($id);
            $actuator = $inspection->board->actuator($id);
            $mustNot = Fitness::mustStayOff($inspection->board, $id);
            $finding = new Finding(
                $this->facts(),
                $mustNot ? Severity::Danger : Severity::Weak,
                $id,
                sprintf(
                    'The relay of “%s” on %s %s %s%s%s%s.',
                    $inspection->board->nameOf($id),
                    $pin->bothNames(),
                    $moment->movement->value,
                    $moment->phase->words(),
                    $moment->phase->isBeforeProgram() ? self::length($film, $moment) : '',
                    PinState::Floating === $moment->state && null === $moment->volts
                        ? ': nothing decides the level of its driver’s input'
                        : '',
                    match (true) {
                        !$mustNot => '',
                        $inspection->board->mustNotStart($lineId) => ', and this appliance must never start by itself',
                        default => ', and of these steps one only may be on',
                    },
                ),
                [$moment->cause],
                fn(): array => self::remedies($inspection, $id, $actuator, $pin, $moment),
            );
            // A danger is never a mere follow-up.
            yield match (true) {
                $mustNot => $finding,
                ReservedFor::Flash === $pin->chip->reserved => $finding->followingFrom(Finding::keyOf(FlashPin::class, $function)),
                null !== $pin->chip->reserved => $finding->followingFrom(Finding::keyOf(ConsolePin::class, $function)),
                default => $finding,
            };
        }
    }

    /** How long it lasts: of the worst phase, and of all that move the relay where there are several. */
    private static function length(Film $film, Moment $moment): string
    {
        $all = $film->movedSeconds();

        return match (true) {
            $moment->seconds <= 0 => '',
            null === $all => sprintf(' (%s; longer in all)', QuantityPrinter::rounded($moment->seconds, Unit::Second)),
            $all > $moment->seconds => sprintf(
                ' (%s; %s in all)',
                QuantityPrinter::rounded($moment->seconds, Unit::Second),
                QuantityPrinter::rounded($all, Unit::Second),
            ),
            default => sprintf(' (%s)', QuantityPrinter::rounded($moment->seconds, Unit::Second)),
        };
    }

    /**
     * @return list<Remedy>
     */
    private static function remedies(Inspection $inspection, string $id, Actuator $actuator, Pin $pin, Moment $moment): array
    {
        if (BootPhase::Output === $moment->phase) {
            return [new Remedy('Write the off level before it becomes an output', new StateOutputOrder(OutputOrder::LevelFirst))];
        }
        $board = $inspection->board;
        $remedies = Repairs::of($inspection)->moveToBestPin($actuator->function);
        // Each is offered only where the film, played again with it, shows no movement.
        $isStill = static fn(Actuator $with, Board $on): bool => null === (new StartUp($on))
            ->film($actuator->function, $pin, $with)
            ->worstTwitch();
        array_push($remedies, ...PullRemedies::thatHold($inspection, $actuator->function));
        if (!$actuator->driver->isReadyMade()) {
            foreach (Repairs::of($inspection)->partsOnOffer(OptoModule::class) as $module) {
                $with = $actuator->with(driver: new OptoModuleInput($module->identity->id, $module->activeLevel));
                if ($isStill($with, $board->withPart($module))) {
                    $remedies[] = new Remedy('Drive it by ' . $module->identity->name, new DriveByModule([$id], $module));
                    break;
                }
            }
        }

        return $remedies;
    }
}
