<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Controls;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Record\Copy;

/** Announces the lines of a channel in the maker’s own form; with nothing said, in the profile’s again. */
final readonly class SetAnnouncement implements Edit
{
    public function __construct(
        public string $channel,
        public string $topic = '',
        public string $payload = '',
        public string $availability = '',
        public string $here = '',
        public string $gone = '',
    ) {}

    public function apply(Board $board): Board
    {
        $channel = Targets::channel($board, $this->channel);
        $usual = $board->profile($channel)->announcement;
        if (null === $usual) {
            throw new EditRefused(sprintf(
                'Nothing is announced on “%s”: only a broker keeps such a message for whoever comes later.',
                $channel->name,
            ));
        }
        $said = [];
        foreach (['topic', 'payload', 'availability', 'here', 'gone'] as $field) {
            $said = '' === trim($this->{$field}) ? $said : [...$said, $field => $this->{$field}];
        }
        $own = [] === $said ? null : Copy::of($usual, $said);

        return $board->with(channels: [...$board->channels, $this->channel => $channel->announcing($own)]);
    }

    public function summary(Board $board): string
    {
        return sprintf('Say how lines are announced on “%s”', $board->nameOf($this->channel));
    }
}
