<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Pins;

use IronLatch\Core\Board\Edit\TolerateConsole;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\ReservedFor;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Kind;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Stage;

/** Console or USB pin used. */
final class ConsolePin implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            'pins.console-pin',
            1,
            Stage::Pins,
            'Console or USB pin used',
            [Kind::Weak],
            'The boot log drives these pins at every start, and what hangs on them can block uploading.',
            'no function on a pin reserved for console or USB',
            Basis::DataSheet,
            'pin table of the chip',
            'the maker states that the function tolerates boot chatter and programs are loaded by other means',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->seating->pins as $id => $pin) {
            $taken = ReservedFor::Console === $pin->chip->reserved || ReservedFor::Usb === $pin->chip->reserved;
            if ($taken && !$inspection->board->functions[$id]->toleratesConsole) {
                yield new Finding($this->facts(), Kind::Weak, $id, sprintf('“%s” sits on %s, the serial console: it sees the boot log at every start and can block uploading.', $inspection->board->nameOf($id), $pin->bothNames()), proposals: fn(): array => [...$inspection->moveToBestPin($id), new Remedy('State that it tolerates the console', new TolerateConsole($id, true))]);
            }
        }
    }
}
