<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\StateReading;
use IronLatch\Core\Board\LineEnding;
use IronLatch\Core\Catalogue\Addressing;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Control\TextCommands;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Text command that begins another. */
final class TextPrefix implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'controls.text-prefix',
            version: 1,
            title: 'Text command that begins another',
            severities: [Severity::Broken],
            reason: 'A program that acts as soon as a text matches acts on “L1” before the “0” of “L10” has come: '
                . 'the wrong line moves, and the rest of the text is left over for the next.',
            threshold: 'texts on one serial channel, where nothing says that a text is over: none begins another',
            basis: Basis::CommonPractice,
            source: 'common practice',
            silentWhen: 'something ends each text',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->board->channels as $id => $channel) {
            if (Addressing::Command !== $inspection->board->profile($channel)->addressing) {
                continue;
            }
            $clash = TextCommands::prefix(array_map(strval(...), array_keys(TextCommands::on($inspection->controls, $id))));
            $ending = $channel->reading?->ending;
            if (null === $clash || null !== $ending && LineEnding::None !== $ending) {
                continue;
            }
            if (null === $ending) {
                yield new NotChecked(
                    $this->facts(),
                    $id,
                    sprintf('what tells the program that a text of “%s” is over: “%s” begins “%s”', $channel->name, ...$clash),
                    Answer::by(StateReading::class, 'ending', $id),
                );
            } else {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $id,
                    sprintf('On “%s” nothing says that a text is over, and “%s” begins “%s”.', $channel->name, ...$clash),
                    proposals: static fn(): array => [new Remedy(
                        'End each text with a line ending',
                        new StateReading($id, LineEnding::Either),
                    )],
                );
            }
        }
    }
}
