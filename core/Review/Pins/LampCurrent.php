<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Pins;

use IronLatch\Core\Board\AttachedDevice;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Functions\StateLamp;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\LampColour;
use IronLatch\Core\Board\LampFacts;
use IronLatch\Core\Board\PinFunction;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Pin;
use IronLatch\Core\Pins\LampCircuit;
use IronLatch\Core\Quantity\Figure;
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

/** Lamp of the board with the wrong resistor, or none. */
final class LampCurrent implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'pins.lamp-current',
            version: 1,
            title: 'Lamp of the board with the wrong resistor, or none',
            severities: [Severity::Broken, Severity::Weak],
            reason: 'A light-emitting diode takes as much current as it is given: without a resistor the pin gives '
                . 'all it has. A blue or white one wants nearly all of 3.3 V and may stay dark, and one that is '
                . 'fed from more than the pin’s own supply is never quite off.',
            threshold: 'current of the lamp against what the pin bears (typical: broken) and what is planned for it '
                . '(greatest: weak); at least 0.3 mA at the weakest corner; less than 50 µA while it is off',
            basis: Basis::CommonPractice,
            source: 'common practice',
            silentWhen: 'the carrier’s own LED, and a lamp that is a part of the catalogue with its resistor',
        );
    }

    /** Below it a lamp is not seen by day (common practice, from memory). */
    private const SEEN_AMPS = 0.3e-3;
    /** Above it a lamp is seen in the dark (common practice, from memory). */
    private const GLOWS_AMPS = 50e-6;
    /** What a new resistor is made for. */
    private const WANTED_AMPS = 2e-3;

    public function inspect(Inspection $inspection): iterable
    {
        $board = $inspection->board;
        $served = array_map(static fn(AttachedDevice $device): string => $device->function ?? '', $board->devices);
        foreach ($inspection->seating->pins as $id => $pin) {
            $function = $board->functions[$id];
            if (
                FunctionKind::StatusLed !== $function->kind
                || in_array($id, $served, true)
                || null === $function->lamp && $board->isCarriersOwnLamp($id)
            ) {
                continue;
            }
            $lamp = $function->lamp ?? new LampFacts();
            $circuit = LampCircuit::of($board, $lamp, $pin);
            if (null === $circuit) {
                yield from $this->open($id, $function, $lamp);
                continue;
            }
            foreach (self::faults($circuit, $pin) as [$kind, $words, $figure]) {
                yield new Finding(
                    $this->facts(),
                    $kind,
                    $id,
                    sprintf('“%s” %s.', $function->name, $words),
                    [$figure],
                    static fn(): array => self::other($board, $id, $circuit->colour, $lamp->rail, $pin),
                );
                break;
            }
        }
    }

    /**
     * @return list<array{Severity, string, Figure}> the worst first
     */
    private static function faults(LampCircuit $circuit, Pin $pin): array
    {
        $electrics = $pin->silicon->electrics;
        $printed = static fn(float $amps): string => QuantityPrinter::rounded($amps, Unit::Ampere);
        $faults = [];
        if ($circuit->amps->typ > $electrics->greatestPinAmps) {
            $faults[] = [
                Severity::Broken,
                sprintf('draws %s, and its pin bears %s', $printed($circuit->amps->typ), $printed($electrics->greatestPinAmps)),
                $circuit->figure('lamp current', $circuit->amps->typ, 'typical values'),
            ];
        }
        if ($circuit->dimAmps > self::GLOWS_AMPS) {
            $faults[] = [
                $circuit->dimAmps > self::SEEN_AMPS ? Severity::Broken : Severity::Weak,
                sprintf(
                    'is never off: %s still flows against its pin, and %s are seen',
                    $printed($circuit->dimAmps),
                    $printed(self::GLOWS_AMPS),
                ),
                $circuit->figure('current while it is off', $circuit->dimAmps, 'greatest rail, least forward voltage'),
            ];
        }
        if ($circuit->amps->max > $electrics->plannedPinAmps) {
            $faults[] = [
                Severity::Weak,
                sprintf(
                    'draws up to %s, and %s are planned for a pin',
                    $printed($circuit->amps->max),
                    $printed($electrics->plannedPinAmps),
                ),
                $circuit->figure('lamp current', $circuit->amps->max, 'greatest supply, least forward voltage'),
            ];
        }
        if ($circuit->amps->min < self::SEEN_AMPS) {
            $faults[] = [
                $circuit->amps->typ < self::SEEN_AMPS ? Severity::Broken : Severity::Weak,
                sprintf('may get no more than %s, and %s are seen by day', $printed($circuit->amps->min), $printed(self::SEEN_AMPS)),
                $circuit->figure('lamp current', $circuit->amps->min, 'least supply, greatest forward voltage'),
            ];
        }

        return $faults;
    }

    /**
     * @return iterable<NotChecked>
     */
    private function open(string $id, PinFunction $function, LampFacts $lamp): iterable
    {
        foreach (['ohms' => 'which resistor “%s” has', 'colour' => 'which colour “%s” is'] as $fact => $words) {
            if (null === $lamp->{$fact}) {
                yield new NotChecked(
                    $this->facts(),
                    $id,
                    sprintf($words, $function->name),
                    Answer::by(StateLamp::class, $fact, $id),
                );
            }
        }
    }

    /**
     * @return list<Remedy>
     */
    private static function other(Board $board, string $function, LampColour $colour, ?string $rail, Pin $pin): array
    {
        $ohms = static fn(LampColour $of, ?string $from): float => LampCircuit::ohmsFor($board, $of, $from, $pin, self::WANTED_AMPS);
        $fit = $ohms($colour, $rail);
        $remedies = [new Remedy(
            sprintf('Fit %s', QuantityPrinter::rounded($fit, Unit::Ohm)),
            new StateLamp($function, ohms: $fit),
        )];
        if (null !== $rail) {
            $fit = $ohms($colour, null);
            $remedies[] = new Remedy(
                sprintf('Feed it from its pin, with %s', QuantityPrinter::rounded($fit, Unit::Ohm)),
                new StateLamp($function, ohms: $fit, rail: ''),
            );
        }
        $fit = $ohms(LampColour::Red, $rail);

        return [...$remedies, new Remedy(
            sprintf('Take a red one, with %s', QuantityPrinter::rounded($fit, Unit::Ohm)),
            new StateLamp($function, LampColour::Red, $fit),
        )];
    }
}
