<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\ChangeChannel;
use IronLatch\Core\Catalogue\Addressing;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Control\Entry;
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

/** Reconnecting holds up the switches. */
final class ReconnectBlocks implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'controls.reconnect-blocks',
            version: 1,
            title: 'Reconnecting holds up the switches',
            severities: [Severity::Weak],
            reason: 'A program that waits in a loop for the network does not look at its switches: the lamp comes on seconds late, or not '
                . 'at all while the network is down.',
            threshold: 'how long reconnecting may hold everything else up, where lines are operated by hand too: more than '
                . QuantityPrinter::rounded(self::FELT_SECONDS, Unit::Second) . ' is felt',
            basis: Basis::CommonPractice,
            source: 'common practice',
            silentWhen: 'nothing on the board is operated by hand or by infrared',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $local = array_filter(
            $inspection->controls->entries,
            static fn(Entry $entry): bool => !$entry->kind->isRemote() && $entry->direction->commands(),
        );
        // A key of a group waits as well.
        $waiting = count($local) + count($inspection->controls->keys);
        foreach (0 === $waiting ? [] : $inspection->board->channels as $id => $channel) {
            $profile = $inspection->board->profile($channel);
            // What hands on is reconnected by its own machine, and not by the board’s program; a panel of its own seeks nobody.
            if ([] === $profile->needs || null !== $channel->via || Addressing::Word === $profile->addressing) {
                continue;
            }
            $seconds = $channel->blockSeconds?->value;
            if (!is_float($seconds)) {
                yield new NotChecked(
                    $this->facts(),
                    $id,
                    'how long the program holds everything else up while it reconnects',
                    Answer::by(ChangeChannel::class, 'blockSeconds', $id),
                );
            } elseif ($seconds > self::FELT_SECONDS) {
                $figure = new Figure(
                    'held up',
                    $seconds,
                    Unit::Second,
                    'as stated',
                    ['felt from ' . QuantityPrinter::rounded(self::FELT_SECONDS, Unit::Second)],
                    'while it reconnects',
                    'common practice',
                );
                yield new Finding(
                    $this->facts(),
                    Severity::Weak,
                    $id,
                    sprintf(
                        'While “%s” reconnects, %d controls on the board wait for up to %s.',
                        $channel->name,
                        $waiting,
                        $figure->printed(),
                    ),
                    [$figure],
                    static fn(): array => [new Remedy(
                        'Reconnect beside the rest of the program',
                        new ChangeChannel($id, blockSeconds: 0.0),
                    )],
                );
            }
        }
    }

    /** A delay below it is not felt between finger and lamp (common practice). */
    private const FELT_SECONDS = 0.1;
}
