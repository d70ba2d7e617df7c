<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Controls;

use IronLatch\Core\Board\Channel;
use IronLatch\Core\Board\Edit\Controller\StateRadio;
use IronLatch\Core\Board\Edit\Controls\ChangeChannel;
use IronLatch\Core\Board\Edit\Controls\RemoveChannel;
use IronLatch\Core\Board\Edit\Functions\AddFunction;
use IronLatch\Core\Board\Edit\Functions\AddGroup;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\LinkKind;
use IronLatch\Core\Board\PinFunction;
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
            version: 2,
            title: 'Channel that nothing on the board can receive',
            severities: [Severity::Broken],
            reason: 'A topic or a service reaches a controller by its radio; short texts of a serial radio by two pins for it. Without '
                . 'them the channel is a promise only.',
            threshold: 'channels that reach the board by radio, against a controller that has and uses one; a serial radio against the '
                . 'pins that it is joined by, or the short-range radio of the controller',
            basis: Basis::CommonPractice,
            source: 'common practice',
            silentWhen: 'no line is on the channel',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->board->channels as $id => $channel) {
            // What hands on is received by the next hop, and never by the board.
            if (null !== $channel->via || [] === $inspection->controls->on($id)) {
                continue;
            }
            $profile = $inspection->board->profile($channel);
            if (Addressing::Command === $profile->addressing) {
                yield from LinkKind::Inside === $channel->link
                    ? $this->inside($inspection, $id, $channel)
                    : $this->wired($inspection, $id, $channel);
            } elseif (in_array(Need::Radio, $profile->needs, true)) {
                yield from $this->byRadio($inspection, $id, $channel);
            }
        }
    }

    /**
     * @return iterable<Finding>
     */
    private function wired(Inspection $inspection, string $id, Channel $channel): iterable
    {
        $kinds = array_map(static fn(PinFunction $function): FunctionKind => $function->kind, $inspection->board->functions);
        $link = $channel->link ?? LinkKind::BothWays;
        $missing = array_values(array_filter(
            $link->functions(),
            static fn(FunctionKind $wanted): bool => !in_array($wanted, $kinds, true),
        ));
        if ([] === $missing) {
            return;
        }
        yield new Finding(
            $this->facts(),
            Severity::Broken,
            $id,
            LinkKind::BothWays === $link
                ? sprintf('“%s” wants a serial link, and the board has none.', $channel->name)
                : sprintf('“%s” is a %s, and the board has no %s.', $channel->name, $link->value, $missing[0]->value),
            proposals: static fn(): array => [
                Repairs::of($inspection)->withSeat(
                    'Add a serial link for it',
                    'Add a serial link for ' . $channel->name,
                    LinkKind::BothWays === $link
                        ? new AddGroup(GroupKind::Uart, mb_substr($channel->name, 0, 50))
                        : new AddFunction($missing[0], mb_substr($channel->name, 0, 50)),
                ),
                ...$inspection->board->controller()->chip->serialOverAir
                    ? [new Remedy('Use the radio inside the controller', new ChangeChannel($id, link: LinkKind::Inside))]
                    : [],
            ],
        );
    }

    /**
     * @return iterable<Finding|NotChecked>
     */
    private function inside(Inspection $inspection, string $id, Channel $channel): iterable
    {
        $chip = $inspection->board->controller()->chip;
        if ($chip->serialOverAir) {
            yield from $this->used($inspection, $id, $channel);
        } else {
            yield new Finding(
                $this->facts(),
                Severity::Broken,
                $id,
                sprintf('“%s” is to be inside the controller, and the %s has no short-range radio.', $channel->name, $chip->identity->name),
                proposals: static fn(): array => [new Remedy('Use a module on two pins', new ChangeChannel($id, link: LinkKind::BothWays))],
            );
        }
    }

    /**
     * @return iterable<Finding|NotChecked>
     */
    private function byRadio(Inspection $inspection, string $id, Channel $channel): iterable
    {
        if ($inspection->board->controller()->chip->radio) {
            yield from $this->used($inspection, $id, $channel);
        } else {
            yield new Finding(
                $this->facts(),
                Severity::Broken,
                $id,
                sprintf(
                    '“%s” comes by radio, and the %s has none.',
                    $channel->name,
                    $inspection->board->controller()->chip->identity->name,
                ),
                proposals: static fn(): array => [new Remedy('Take the channel away', new RemoveChannel($id))],
            );
        }
    }

    /**
     * @return iterable<Finding|NotChecked>
     */
    private function used(Inspection $inspection, string $id, Channel $channel): iterable
    {
        $used = $inspection->board->program->radioUsed->value;
        if (!is_bool($used)) {
            yield new NotChecked(
                $this->facts(),
                $id,
                'whether the program uses the controller’s radio',
                Answer::by(StateRadio::class, 'used'),
            );
        } elseif (!$used) {
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
