<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Controls;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;

/** Lets a channel hand its commands on to another, or reach the board itself. */
final readonly class HandOn implements Edit
{
    /**
     * @param string $via id of the next channel; empty where it reaches the board
     */
    public function __construct(
        public string $channel,
        public string $via = '',
    ) {}

    public function apply(Board $board): Board
    {
        $channel = Targets::channel($board, $this->channel);
        $profile = $board->profile($channel);
        if ('' !== $this->via) {
            $next = Targets::channel($board, $this->via);
            if (!$profile->handsOn) {
                throw new EditRefused(sprintf(
                    '“%s” gives its commands to no other hop: it reaches the board itself. Choose another profile for it, or none '
                        . 'behind it.',
                    $channel->name,
                ));
            }
            for ($at = $this->via; null !== $at; $at = $board->channels[$at]->via) {
                if ($at === $this->channel) {
                    throw new EditRefused(sprintf('“%s” would hand on to itself in the end. Choose another hop.', $channel->name));
                }
            }
            if (null !== $board->profile($next)->setsPins && $profile->byRules) {
                throw new EditRefused(sprintf('“%s” writes pins, which no rule can do from outside. Choose another hop.', $next->name));
            }
        } elseif (!$profile->reachesBoard) {
            throw new EditRefused(sprintf('“%s” cannot reach a board by itself. Choose the hop that it hands on to.', $channel->name));
        }

        return $board->with(channels: [
            ...$board->channels,
            $this->channel => $channel->handingOnTo('' === $this->via ? null : $this->via),
        ]);
    }

    public function summary(Board $board): string
    {
        return '' === $this->via
            ? sprintf('“%s” reaches the board itself', $board->nameOf($this->channel))
            : sprintf('“%s” hands on to “%s”', $board->nameOf($this->channel), $board->nameOf($this->via));
    }
}
