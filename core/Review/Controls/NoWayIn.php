<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controller\StateRadio;
use IronLatch\Core\Board\Edit\Controls\RemoveChannel;
use IronLatch\Core\Board\Edit\Functions\AddGroup;
use IronLatch\Core\Board\FunctionGroup;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Catalogue\Addressing;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Need;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Channel that nothing on the board can receive. */
final class NoWayIn implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'controls.no-way-in',
            version: 1,
            title: 'Channel that nothing on the board can receive',
            severities: [Severity::Broken],
            reason: 'A topic or a service reaches a controller by its radio; short texts of a serial radio by two pins for it. Without '
                . 'them the channel is a promise only.',
            threshold: 'channels that need the radio, against a controller that has and uses one; serial radio against a UART link on the '
                . 'board',
            basis: Basis::CommonPractice,
            source: 'common practice',
            silentWhen: 'no line is on the channel',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $board = $inspection->board;
        $hasLink = [] !== array_filter($board->groups, static fn(FunctionGroup $group): bool => GroupKind::Uart === $group->kind);
        foreach ($board->channels as $id => $channel) {
            $profile = $board->profile($channel);
            if (!in_array(Need::Radio, $profile->needs, true) || [] === $inspection->controls->on($id)) {
                continue;
            }
            if (Addressing::Command === $profile->addressing) {
                if (!$hasLink) {
                    yield new Finding(
                        $this->facts(),
                        Severity::Broken,
                        $id,
                        sprintf('“%s” wants a serial link, and the board has none.', $channel->name),
                        proposals: static fn(): array => [Repairs::of($inspection)->withSeat(
                            'Add a serial link for it',
                            'Add a serial link for ' . $channel->name,
                            new AddGroup(GroupKind::Uart, mb_substr($channel->name, 0, 50)),
                        )],
                    );
                }
            } elseif (!$board->controller()->chip->radio) {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $id,
                    sprintf('“%s” comes by radio, and the %s has none.', $channel->name, $board->controller()->chip->identity->name),
                    proposals: static fn(): array => [new Remedy('Take the channel away', new RemoveChannel($id))],
                );
            } elseif (!is_bool($board->program->radioUsed->value)) {
                yield new NotChecked(
                    $this->facts(),
                    $id,
                    'whether the program uses the controller’s radio',
                    Answer::by(StateRadio::class, 'used'),
                );
            } elseif (!$board->program->radioUsed->value) {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $id,
                    sprintf('“%s” comes by radio, which the program is stated not to use.', $channel->name),
                    proposals: static fn(): array => [new Remedy('State that the radio is used', new StateRadio(true))],
                );
            }
        }
    }
}
