<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\StateTier;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Service of which nobody knows the price. */
final class TierUnknown implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'controls.tier',
            version: 1,
            title: 'Service of which nobody knows the price',
            severities: [Severity::Weak],
            reason: 'What is free today can cost something tomorrow, or end. Whoever relies on it wants to know what '
                . 'it gives, what it costs, when that was looked at, and what is lost without it.',
            threshold: 'channels that need an account, with a line on them: a price is stated; free ones say what falls '
                . 'away',
            basis: Basis::CommonPractice,
            source: 'common practice',
            silentWhen: 'what is in the house and asks for no account',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->board->channels as $id => $channel) {
            if (!$inspection->board->profile($channel)->wantsAccount() || [] === $inspection->controls->on($id)) {
                continue;
            }
            if (null === $channel->tier?->eurosPerMonth) {
                yield new NotChecked(
                    $this->facts(),
                    $id,
                    sprintf('what “%s” costs a month', $channel->name),
                    Answer::by(StateTier::class, 'eurosPerMonth', $id),
                );
            } elseif ('' === $channel->tier->seenOn) {
                yield new Finding($this->facts(), Severity::Weak, $id, sprintf(
                    'The price of “%s” has no day: nobody can tell whether it still holds.',
                    $channel->name,
                ));
            }
        }
    }
}
