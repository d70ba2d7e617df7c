<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Functions\TolerateConsole;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\ReservedFor;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Console or USB pin used. */
final class ConsolePin implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'pins.console-pin',
            version: 1,
            title: 'Console or USB pin used',
            severities: [Severity::Weak],
            reason: 'The boot log drives these pins at every start, and what hangs on them can block uploading.',
            threshold: 'no function on a pin reserved for console or USB',
            basis: Basis::DataSheet,
            source: 'pin table of the chip',
            silentWhen: 'the maker states that the function tolerates boot chatter and programs are loaded by other means',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->seating->pins as $id => $pin) {
            $taken = ReservedFor::Console === $pin->chip->reserved || ReservedFor::Usb === $pin->chip->reserved;
            if ($taken && !$inspection->board->functions[$id]->toleratesConsole) {
                [$what, $statement] = ReservedFor::Usb === $pin->chip->reserved
                    ? [
                        'USB: a computer that is plugged in drives it, and a program cannot be uploaded over USB while something else '
                            . 'holds it',
                        'State that USB is not used',
                    ]
                    : [
                        'the serial console: it sees the boot log at every start and can block uploading',
                        'State that it tolerates the console',
                    ];
                yield new Finding(
                    $this->facts(),
                    Severity::Weak,
                    $id,
                    sprintf('“%s” sits on %s, %s.', $inspection->board->nameOf($id), $pin->bothNames(), $what),
                    proposals: fn(): array => [
                        ...Repairs::of($inspection)->moveToBestPin($id),
                        new Remedy($statement, new TolerateConsole($id, true)),
                    ],
                );
            }
        }
    }
}
