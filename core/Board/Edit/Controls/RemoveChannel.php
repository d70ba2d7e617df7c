<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Controls;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Channel;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\Line;
use IronLatch\Core\Board\LineGroup;
use IronLatch\Core\Board\Surface;

/** Removes a channel and every surface on it. */
final readonly class RemoveChannel implements Edit
{
    public function __construct(public string $channel) {}

    public function apply(Board $board): Board
    {
        Targets::channel($board, $this->channel);
        $channels = $board->channels;
        unset($channels[$this->channel]);
        $channels = array_map(
            fn(Channel $channel): Channel => $channel->via === $this->channel ? $channel->handingOnTo(null) : $channel,
            $channels,
        );

        return $board->with(
            channels: $channels,
            lines: array_map(
                fn(Line $line): Line => $line->with(surfaces: array_filter(
                    $line->surfaces,
                    fn(Surface $surface): bool => $surface->channel !== $this->channel,
                )),
                $board->lines,
            ),
            lineGroups: array_map(
                fn(LineGroup $group): LineGroup => $group->with(channels: array_values(array_diff($group->channels, [$this->channel]))),
                $board->lineGroups,
            ),
        );
    }

    public function summary(Board $board): string
    {
        return sprintf('Remove the channel “%s”', $board->nameOf($this->channel));
    }
}
