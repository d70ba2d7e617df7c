<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Power;

use IronLatch\Core\Board\Edit\Power\StateSocket;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Round plug and socket of different polarity. */
final class SocketPolarity implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'power.socket-polarity',
            version: 1,
            title: 'Round plug and socket of different polarity',
            severities: [Severity::Broken],
            reason: 'Most adapters have their plus in the centre, some have it outside; the wrong one destroys what it is plugged into.',
            threshold: 'polarity of the adapter’s plug against that of the socket as wired',
            basis: Basis::DataSheet,
            source: 'print on the adapter',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->board->rails as $id => $rail) {
            $source = $inspection->board->source($id);
            if (null === $source?->jack || $rail->throughUsb) {
                continue;
            }
            $plug = $source->jack;
            if (null === $rail->socket) {
                yield new NotChecked(
                    $this->facts(),
                    $id,
                    sprintf('how the socket for %s is wired: its plug is %s', $source->identity->name, $plug->value),
                    Answer::by(StateSocket::class, 'socket', $id),
                );
            } elseif ($rail->socket !== $plug) {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $id,
                    sprintf(
                        '%s is %s; the socket of the rail %s is wired %s.',
                        $source->identity->name,
                        $plug->value,
                        $rail->name,
                        $rail->socket->value,
                    ),
                    proposals: static fn(): array => [
                        new Remedy(sprintf('Wire the socket %s', $plug->value), new StateSocket($id, $plug)),
                        ...OtherSupplies::remedies($inspection, $id),
                    ],
                );
            }
        }
    }
}
