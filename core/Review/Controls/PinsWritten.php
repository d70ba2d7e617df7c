<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Controls;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Controls\RemoveSurface;
use IronLatch\Core\Board\Edit\Lines\ChangeLineGroup;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Control\Entry;
use IronLatch\Core\Control\PinNumbers;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Service that writes a pin past the program. */
final class PinsWritten implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'controls.pins-written',
            version: 1,
            title: 'Service that writes a pin past the program',
            severities: [Severity::Broken, Severity::Weak],
            reason: 'Such a service sets a level at one pin and knows nothing of lines: not of two relays for one '
                . 'motor, not of the rest that a compressor needs, not of the bit of an expander, and of no group.',
            threshold: 'lines on a service that writes levels to pins: one relay, on a pin of the controller that the '
                . 'service has a number for, without a rest; no group',
            basis: Basis::CommonPractice,
            source: 'common practice',
            silentWhen: 'services that speak to the program',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $board = $inspection->board;
        foreach ($inspection->controls->entries as $entry) {
            $profile = $inspection->controls->columns[$entry->column]->profile ?? null;
            if (null === $profile?->setsPins) {
                continue;
            }
            $fault = self::fault($board, $entry);
            $rest = $board->lines[$entry->line]->safety?->restSeconds?->value;
            if (null !== $fault || is_float($rest) && $rest > 0) {
                yield new Finding(
                    $this->facts(),
                    null === $fault ? Severity::Weak : Severity::Broken,
                    $entry->surface,
                    sprintf(
                        '“%s” writes the pin of “%s” past the program, %s.',
                        $inspection->controls->columns[$entry->column]->title,
                        $board->nameOf($entry->line),
                        $fault ?? 'which then cannot let it rest before it starts again',
                    ),
                    proposals: static fn(): array => [new Remedy('Take the line off it', new RemoveSurface($entry->surface))],
                );
            }
        }
        foreach ($inspection->controls->groups as $group) {
            if (null !== $inspection->controls->columns[$group->column]->profile?->setsPins) {
                $lines = $board->lineGroups[$group->group];
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $group->group,
                    sprintf(
                        'The group “%s” is on “%s”, which writes one pin at a time and knows no group.',
                        $lines->name,
                        $inspection->controls->columns[$group->column]->title,
                    ),
                    proposals: static fn(): array => [new Remedy('Take the group off it', new ChangeLineGroup(
                        $group->group,
                        $lines->name,
                        $lines->lines,
                        array_values(array_diff($lines->channels, [$group->column])),
                        $lines->switchesOn,
                    ))],
                );
            }
        }
    }

    /** Why it cannot set the line with one level; null where it can, or where its pin is not known yet. */
    private static function fault(Board $board, Entry $entry): ?string
    {
        $actuators = array_values($board->lines[$entry->line]->actuators);
        $pin = PinNumbers::pinOf($board, $entry->line);

        return match (true) {
            count($actuators) > 1 => sprintf('and the line has %d relays that must move together', count($actuators)),
            null !== $pin?->expander => sprintf(
                'which is a bit of the expander %s, and no pin that it knows',
                $board->nameOf($pin->expander),
            ),
            null !== $pin && '' === $entry->address => sprintf('and has no number for %s', $pin->bothNames()),
            default => null,
        };
    }
}
